package wexilla.app.doors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.core.serializer.support.DeserializingConverter;
import org.springframework.core.serializer.support.SerializationFailedException;
import org.springframework.core.serializer.support.SerializingConverter;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who is let in to what, and the headers each answer carries. A write with a session brings the token of its page; without one
 * {@link Border} admits no foreign origin and no form post. Styles may be inline because a tape's width and colour are; scripts
 * may not.
 */
@Configuration(proxyBeanMethods = false)
class Guards {

    private static final String CONTENT_SECURITY_POLICY =
            "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; object-src 'none'; "
                    + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** Nobody has to be signed in for these: to sign in, to be told a rule, and a calendar by its own secret. */
    private static final String[] FOR_ANYBODY = {
        "/api/door", "/api/door/in", "/api/door/invited", "/api/preview/**", "/api/openapi.json", "/api/feed/*"
    };

    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS", "TRACE");
    private static final Duration SIGNED_IN = Duration.ofDays(60);

    @Bean
    SecurityFilterChain chain(HttpSecurity http, Doors doors, CsrfTokenRepository tokens, JsonMapper json) {
        return http.authorizeHttpRequests(all -> all.requestMatchers(FOR_ANYBODY)
                        .permitAll()
                        .requestMatchers("/api/**")
                        .access(doors::may)
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens).requireCsrfProtectionMatcher(Guards::byASession))
                .exceptionHandling(refused -> refused.authenticationEntryPoint((request, response, why) ->
                                tell(json, response, HttpStatus.UNAUTHORIZED, "Sign in first."))
                        .accessDeniedHandler((request, response, why) -> tell(
                                json,
                                response,
                                HttpStatus.FORBIDDEN,
                                why instanceof CsrfException
                                        ? "This page is older than your sign-in; load it again."
                                        : "That is not yours to do here; ask a cook of the household.")))
                .logout(logout -> logout.disable())
                .requestCache(cache -> cache.disable())
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        // an address is no domain with others below it
                        .httpStrictTransportSecurity(strict -> strict.includeSubDomains(false))
                        .contentTypeOptions(Customizer.withDefaults())
                        .referrerPolicy(Customizer.withDefaults())
                        .cacheControl(cache -> cache.disable()))
                .build();
    }

    private static boolean byASession(HttpServletRequest request) {
        return !READS.contains(request.getMethod()) && request.getSession(false) != null;
    }

    private static void tell(JsonMapper json, HttpServletResponse response, HttpStatus status, String words)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), ProblemDetail.forStatusAndDetail(status, words));
    }

    @Bean
    CsrfTokenRepository csrfTokens() {
        return CookieCsrfTokenRepository.withHttpOnlyFalse();
    }

    @Bean
    PasswordEncoder phrases() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    /** A session another release wrote and this one cannot read is one nobody is signed in by. */
    @Bean
    GenericConversionService springSessionConversionService() {
        DeserializingConverter reads = new DeserializingConverter(Guards.class.getClassLoader());
        GenericConversionService sessions = new GenericConversionService();
        sessions.addConverter(Object.class, byte[].class, new SerializingConverter());
        sessions.addConverter(byte[].class, Object.class, bytes -> read(reads, bytes));
        return sessions;
    }

    @SuppressWarnings("NullAway") // a converter may answer nothing; its type does not say so
    private static Object read(DeserializingConverter reads, byte[] bytes) {
        try {
            return reads.convert(bytes);
        } catch (SerializationFailedException otherRelease) {
            return null;
        }
    }

    /** The repository of the library steps back where another one is declared; so it is wrapped once it is there. */
    @Bean
    static BeanPostProcessor quietSessions() {
        return new BeanPostProcessor() {
            @Override
            @SuppressWarnings("unchecked") // the library keeps the name of its own session to itself
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository all
                        ? new QuietSessions(
                                (FindByIndexNameSessionRepository<Session>) (FindByIndexNameSessionRepository<?>) all)
                        : bean;
            }
        };
    }

    /** Cookies know no ports: on this machine each installation has a name of its own; over TLS the browser holds it to this host. */
    @Bean
    CookieSerializer sessionCookie(@Value("${server.port:8080}") int port) {
        DefaultCookieSerializer plain = cookie("wexilla-" + port, false, "Strict");
        DefaultCookieSerializer secure = cookie("__Host-wexilla", true, "Lax");
        return new CookieSerializer() {
            @Override
            public void writeCookieValue(CookieValue value) {
                of(value.getRequest()).writeCookieValue(value);
            }

            @Override
            public List<String> readCookieValues(HttpServletRequest request) {
                return of(request).readCookieValues(request);
            }

            private DefaultCookieSerializer of(HttpServletRequest request) {
                return request.isSecure() ? secure : plain;
            }
        };
    }

    private static DefaultCookieSerializer cookie(String name, boolean secure, String sameSite) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName(name);
        cookie.setCookiePath("/");
        cookie.setUseSecureCookie(secure);
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite(sameSite);
        cookie.setCookieMaxAge((int) SIGNED_IN.toSeconds());
        return cookie;
    }
}
