package wexilla.app.doors;

import io.github.bucket4j.Bucket;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * The border to the outside. Loopback is no protection from a web page in the same browser, so a request must name
 * this machine as its host, come from no other origin, and write JSON of a known and bounded length. Previews, which
 * anybody on this machine may ask for, are limited in their rate.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Border extends OncePerRequestFilter {

    /** A long recipe is a few kB; a whole freezer as a note less than a hundred. */
    static final long MOST_BYTES = 512 * 1024;

    /** A book of recipes as one file of 20 MB, written as a JSON string. */
    private static final long MOST_FILE_BYTES = 48L * 1024 * 1024;

    private static final Set<String> FILES = Set.of("/api/recipes/read", "/api/recipes/import");

    private static final Set<String> HOSTS = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");

    private static final String API = "/api/";
    private static final String PREVIEW = "/api/preview/";
    private static final int FILES_AT_ONCE = 3;
    private static final Refusal OTHER_FILE =
            new Refusal(HttpStatus.SERVICE_UNAVAILABLE, "Another file is being read; try again in a while.");
    private static final Duration LONGEST_READ = Duration.ofSeconds(30);
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(20);

    private final JsonMapper json;
    private final HouseNetwork.Names house;
    private final Bucket previews;
    private final Semaphore files = new Semaphore(FILES_AT_ONCE, true);
    private final Semaphore reading = new Semaphore(1, true);

    /**
     * @param burst preview calls that may come at once; a screen asks for a handful a second while somebody types
     * @param perSecond how many more come free each second
     */
    Border(
            JsonMapper json,
            HouseNetwork.Names house,
            @Value("${wexilla.preview-burst:2000}") long burst,
            @Value("${wexilla.preview-per-second:500}") long perSecond) {
        this.json = json;
        this.house = house;
        this.previews = Bucket.builder()
                .addLimit(limit -> limit.capacity(burst).refillGreedy(perSecond, Duration.ofSeconds(1)))
                .build();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // what the kitchen answers is for this page alone, and of the moment
        if (path(request).startsWith(API)) {
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        Refusal refusal = refusal(request);
        if (refusal == null && FILES.contains(path(request))) {
            refusal = file(request, response, chain);
        } else if (refusal == null) {
            refusal = whole(request, response, chain);
        }
        if (refusal != null) {
            answer(response, refusal);
        }
    }

    /** Read before anything waits for it: who drips his words holds up nobody else. */
    private static @Nullable Refusal whole(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() <= 0) {
            chain.doFilter(request, response);
            return null;
        }
        Optional<HttpServletRequest> whole = WholeBody.read(request, LONGEST_READ);
        if (whole.isEmpty()) {
            return new Refusal(HttpStatus.REQUEST_TIMEOUT, "The request did not come whole in time; send it again.");
        }
        chain.doFilter(whole.get(), response);
        return null;
    }

    /** A file stands whole in memory: a few at a time come in, one after the other is read. */
    private @Nullable Refusal file(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!turn(files)) {
            return OTHER_FILE;
        }
        try {
            return whole(request, response, (come, answer) -> {
                if (!turn(reading)) {
                    answer((HttpServletResponse) answer, OTHER_FILE);
                    return;
                }
                try {
                    chain.doFilter(come, answer);
                } finally {
                    reading.release();
                }
            });
        } finally {
            files.release();
        }
    }

    private static boolean turn(Semaphore of) {
        try {
            return of.tryAcquire(LONGEST_WAIT.toSeconds(), TimeUnit.SECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private void answer(HttpServletResponse response, Refusal refusal) throws IOException {
        response.setStatus(refusal.status().value());
        if (refusal.status() == HttpStatus.TOO_MANY_REQUESTS) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "1");
        }
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(
                response.getOutputStream(), ProblemDetail.forStatusAndDetail(refusal.status(), refusal.words()));
    }

    private record Refusal(HttpStatus status, String words) {}

    private @Nullable Refusal refusal(HttpServletRequest request) {
        Refusal question = Questions.refused(request.getQueryString())
                .map(words -> new Refusal(HttpStatus.BAD_REQUEST, words))
                .orElse(null);
        if (question != null) {
            return question;
        }
        if (path(request).equals("/error")) {
            return new Refusal(HttpStatus.NOT_FOUND, "There is nothing here.");
        }
        if (!calledRight(request)) {
            return new Refusal(
                    HttpStatus.MISDIRECTED_REQUEST,
                    request.isSecure()
                            ? "This kitchen answers to the names of its certificate only."
                            : "This kitchen answers to 127.0.0.1 and localhost only.");
        }
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        if (origin != null && !sameOrigin(origin, request)) {
            return new Refusal(HttpStatus.FORBIDDEN, "A page from another origin may not ask this kitchen.");
        }
        String site = request.getHeader("Sec-Fetch-Site");
        boolean foreign = site != null && !site.equals("same-origin") && !site.equals("none");
        if (foreign && path(request).startsWith(API)) {
            return new Refusal(HttpStatus.FORBIDDEN, "A page from another site may not ask this kitchen.");
        }
        if (READS.contains(request.getMethod())) {
            return null;
        }
        if (!isJson(request.getContentType())) {
            return new Refusal(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Writes are application/json.");
        }
        if (request.getContentLengthLong() < 0) {
            return new Refusal(HttpStatus.LENGTH_REQUIRED, "Say how long the request is (Content-Length).");
        }
        long most = FILES.contains(path(request)) ? MOST_FILE_BYTES : MOST_BYTES;
        if (request.getContentLengthLong() > most) {
            return new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "The request has " + request.getContentLengthLong() + " bytes; " + most + " is the most.");
        }
        if (path(request).startsWith(PREVIEW) && !previews.tryConsume(1)) {
            return new Refusal(HttpStatus.TOO_MANY_REQUESTS, "Too many previews at once; try again in a second.");
        }
        return null;
    }

    private boolean calledRight(HttpServletRequest request) {
        String host = hostName(authority(request));
        return request.isSecure() ? house.has(host) : HOSTS.contains(host);
    }

    /** As it is answered to, whatever it was written as: /%61pi/ is /api/. */
    private static String path(HttpServletRequest request) {
        return request.getServletPath();
    }

    /** Whom the request is for, with its port; HTTP/2 has it in another place than the Host header. */
    private static String authority(HttpServletRequest request) {
        String host = request.getHeader(HttpHeaders.HOST);
        return host == null && request.getProtocol().equals("HTTP/2.0")
                ? request.getServerName() + ":" + request.getServerPort()
                : String.valueOf(host);
    }

    private static String hostName(@Nullable String host) {
        return host == null ? "" : host.replaceFirst(":\\d+$", "");
    }

    private static boolean sameOrigin(String origin, HttpServletRequest request) {
        try {
            URI uri = URI.create(origin);
            return ("http".equals(uri.getScheme()) || "https".equals(uri.getScheme()))
                    && String.valueOf(uri.getRawAuthority()).equals(authority(request));
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }

    private static boolean isJson(@Nullable String contentType) {
        return contentType != null
                && contentType.split(";")[0].strip().equalsIgnoreCase(MediaType.APPLICATION_JSON_VALUE);
    }
}
