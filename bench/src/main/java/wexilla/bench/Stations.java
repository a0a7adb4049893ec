package wexilla.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Every station's GET over HTTP, warm after two rounds of all of them (what is compiled while it is measured took a
 * fifth of the machine): first over the demo household, then over ten years of it, and small acts beside
 * the database's own tool. Prints absolute figures; guards their ratios of one run and the size of the answers.
 */
public final class Stations {

    private static final List<String> GETS = List.of(
            "today",
            "plan",
            "shop",
            "onhand",
            "recipes",
            "recipes?text=bean",
            "recipes?sort=COST",
            "cookday",
            "pack",
            "eat",
            "stretch",
            "costs",
            "yields",
            "household",
            "acts",
            "ribbon");
    private static final int ASKED = 120;
    private static final int CLIENTS = 8;
    private static final int MOST_KB = 200;

    /** Ten years may take so many times what the demo takes; about twice what was measured when it was written. */
    private static final double TEN_YEARS = 8;

    /** The application's share of what the database's own tool does with the same statements. */
    private static final double WRITES = 0.4;

    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;

    private Stations(String address) {
        this.address = address;
    }

    public static void main(String[] arguments) throws Exception {
        Stations stations = new Stations(arguments[0]);
        boolean kept = arguments[1].equals("writes")
                ? stations.writes(Double.parseDouble(arguments[2]))
                : stations.reads(arguments[1], Path.of(arguments[2] + "-demo.properties"));
        System.exit(kept ? 0 : 1);
    }

    private boolean reads(String household, Path demo) throws Exception {
        Map<String, Double> medians = new LinkedHashMap<>();
        boolean kept = true;
        System.out.printf("%-20s %8s %8s %8s %10s%n", household, "p50 ms", "p95 ms", "kB", "a second");
        for (int round = 0; round < 2; round++) {
            for (String path : GETS) {
                aSecond(path);
            }
        }
        for (String path : GETS) {
            int size = get(path);
            double[] times = new double[ASKED];
            for (int i = 0; i < ASKED; i++) {
                long begin = System.nanoTime();
                get(path);
                times[i] = (System.nanoTime() - begin) / 1e6;
            }
            Arrays.sort(times);
            medians.put(path, times[ASKED / 2]);
            boolean small = size <= MOST_KB * 1000;
            kept &= small;
            System.out.printf(
                    "%-20s %8.1f %8.1f %8.1f %10.0f%s%n",
                    path,
                    times[ASKED / 2],
                    times[ASKED * 95 / 100],
                    size / 1000.0,
                    aSecond(path),
                    small ? "" : " — TOO LARGE");
        }
        return household.equals("demo") ? remember(medians, demo) : within(medians, demo) && kept;
    }

    private int get(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + "/api/" + path)).build(),
                HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " answers " + answer.statusCode());
        }
        return answer.body().length;
    }

    /** Answers a second with eight clients, for two seconds. */
    private double aSecond(String path) throws InterruptedException {
        return together(Duration.ofSeconds(2), number -> get(path));
    }

    private interface Request {
        void send(int number) throws Exception;
    }

    private static double together(Duration time, Request request) throws InterruptedException {
        AtomicInteger done = new AtomicInteger();
        long begin = System.nanoTime();
        long end = begin + time.toNanos();
        ExecutorService pool = Executors.newFixedThreadPool(CLIENTS);
        for (int i = 0; i < CLIENTS; i++) {
            pool.submit(() -> {
                while (System.nanoTime() < end) {
                    request.send(done.incrementAndGet());
                }
                return null;
            });
        }
        pool.shutdown();
        pool.awaitTermination(time.toSeconds() + 30, TimeUnit.SECONDS);
        return done.get() / ((System.nanoTime() - begin) / 1e9);
    }

    private static boolean remember(Map<String, Double> medians, Path demo) throws IOException {
        Properties kept = new Properties();
        medians.forEach((path, median) -> kept.setProperty(path, String.valueOf(median)));
        try (var out = Files.newBufferedWriter(demo)) {
            kept.store(out, null);
        }
        return true;
    }

    private static boolean within(Map<String, Double> medians, Path demo) throws IOException {
        Properties before = new Properties();
        try (var in = Files.newBufferedReader(demo)) {
            before.load(in);
        }
        boolean kept = true;
        for (Map.Entry<String, Double> median : medians.entrySet()) {
            double ratio = median.getValue() / Double.parseDouble(before.getProperty(median.getKey()));
            if (ratio > TEN_YEARS) {
                kept = false;
                System.out.printf("%s takes %.1f times what the demo takes — TOO SLOW%n", median.getKey(), ratio);
            }
        }
        return kept;
    }

    /** @param plain such acts a second by the database's own tool */
    private boolean writes(double plain) throws Exception {
        List<String> lots = lots();
        Request use = number -> {
            HttpRequest act = HttpRequest.newBuilder(
                            URI.create(address + "/api/lots/" + lots.get(number % lots.size())))
                    .header("Content-Type", "application/json")
                    .header("Idempotency-Key", UUID.randomUUID().toString())
                    .POST(HttpRequest.BodyPublishers.ofString("{\"hand\":\"COUNT\",\"amount\":\"400 g\"}"))
                    .build();
            client.send(act, HttpResponse.BodyHandlers.discarding());
        };
        together(Duration.ofSeconds(5), use);
        double own = together(Duration.ofSeconds(10), use);
        boolean kept = own >= WRITES * plain;
        System.out.printf(
                "small acts: %.0f a second, the same statements by the database's own tool %.0f: %.2f, at least %.2f%s%n",
                own, plain, own / plain, WRITES, kept ? "" : " — TOO SLOW");
        return kept;
    }

    /** Lots that are counted in grams. */
    private List<String> lots() throws IOException, InterruptedException {
        String there = client.send(
                        HttpRequest.newBuilder(URI.create(address + "/api/onhand"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8))
                .body();
        List<String> lots = new ArrayList<>();
        Matcher lot = Pattern.compile(
                        "\"amount\":\"[\\d.]+ k?g\"[^{}]*?\"id\":\"([0-9a-f-]{36})\"|\"id\":\"([0-9a-f-]{36})\"[^{}]*?\"amount\":\"[\\d.]+ k?g\"")
                .matcher(there);
        while (lot.find()) {
            lots.add(lot.group(1) == null ? lot.group(2) : lot.group(1));
        }
        return lots;
    }
}
