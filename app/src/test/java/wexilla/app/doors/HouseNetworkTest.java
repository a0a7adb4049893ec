package wexilla.app.doors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.App;
import wexilla.app.support.Cluster;
import wexilla.app.support.Kitchen;

/** The port for the phones of the house, with the authority and certificate the script makes, on another loopback address. */
class HouseNetworkTest {

    private static final String ADDRESS = "127.0.0.2";
    private static final JsonMapper JSON = new JsonMapper();

    @TempDir
    private static Path state;

    private static ConfigurableApplicationContext kitchen;
    private static int port;

    @BeforeAll
    static void start() throws Exception {
        String secret = certificate(ADDRESS);
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        List<String> arguments = new ArrayList<>(Kitchen.cluster().arguments());
        arguments.add("--server.port=0");
        arguments.add("--wexilla.silence-delay=PT24H");
        arguments.add("--wexilla.first-household=none");
        arguments.add("--wexilla.lan.port=" + port);
        arguments.add("--wexilla.lan.listen=" + ADDRESS);
        arguments.add("--wexilla.lan.names=kitchen.local," + ADDRESS);
        arguments.add("--wexilla.lan.authority=" + state.resolve("tls/wexilla.pem"));
        arguments.add("--spring.ssl.bundle.jks.house.keystore.location=file:" + state.resolve("tls/kitchen.p12"));
        arguments.add("--spring.ssl.bundle.jks.house.keystore.password=" + secret);
        arguments.add("--spring.ssl.bundle.jks.house.keystore.type=PKCS12");
        arguments.add("--spring.ssl.bundle.jks.house.reload-on-update=true");
        kitchen = new SpringApplication(App.class).run(arguments.toArray(String[]::new));
    }

    @AfterAll
    static void stop() {
        if (kitchen != null) {
            kitchen.close();
        }
    }

    /** Makes or renews what the script makes. @return its secret */
    private static String certificate(String addresses) throws IOException, InterruptedException {
        ProcessBuilder script = new ProcessBuilder(
                        "bash",
                        "-c",
                        "set -euo pipefail; say() { :; }; die() { echo \"$*\" >&2; exit 1; }; . scripts/lan.sh; "
                                + "lan_authority; lan_certificate; printf %s \"$LAN_SECRET\"")
                .directory(Cluster.ROOT.toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT);
        script.environment().put("STATE", state.toString());
        script.environment().put("WEXILLA_LAN_ADDRESSES", addresses);
        Process made = script.start();
        String secret = new String(made.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(made.waitFor()).isZero();
        return secret;
    }

    private static HttpClient trusting() throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        try (var pem = Files.newInputStream(state.resolve("tls/wexilla.pem"))) {
            trusted.setCertificateEntry(
                    "house", CertificateFactory.getInstance("X.509").generateCertificate(pem));
        }
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return HttpClient.newBuilder()
                .sslContext(context)
                .cookieHandler(new CookieManager())
                .build();
    }

    private static HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create("https://" + ADDRESS + ":" + port + path))
                .timeout(Duration.ofSeconds(20));
    }

    private static HttpResponse<String> get(HttpClient client, String path) throws Exception {
        return client.send(to(path).build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void whoDoesNotTrustTheHouseIsWarnedAndWhoDoesSpeaksToIt() throws Exception {
        HttpClient stranger = HttpClient.newHttpClient();
        assertThatThrownBy(() -> get(stranger, "/api/door")).isInstanceOf(SSLHandshakeException.class);
        HttpResponse<String> door = get(trusting(), "/api/door");
        assertThat(door.version()).isEqualTo(HttpClient.Version.HTTP_2);
        assertThat(JSON.readTree(door.body()).path("in").asBoolean(true)).isFalse();
    }

    /** Both ends on this machine, and still not open: over this port everybody signs in. */
    @Test
    void nobodyComesInOverTheHouseWithoutSigningIn() throws Exception {
        HttpClient phone = trusting();
        assertThat(get(phone, "/api/household").statusCode()).isEqualTo(401);
        HttpRequest phrase = to("/api/door/phrase")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(
                        JSON.writeValueAsString(Map.of("phrase", "harbour kettle window", "name", "Eve"))))
                .build();
        assertThat(phone.send(phrase, HttpResponse.BodyHandlers.ofString()).statusCode())
                .isEqualTo(401);
    }

    @Test
    void aPhoneIsToldHowToTrust() throws Exception {
        HttpClient phone = trusting();
        assertThat(get(phone, "/trust").body()).contains("/trust/wexilla.pem", "/trust/wexilla.mobileconfig");
        assertThat(get(phone, "/trust/wexilla.pem").body())
                .isEqualTo(Files.readString(state.resolve("tls/wexilla.pem"), StandardCharsets.US_ASCII));
        assertThat(get(phone, "/trust/wexilla.mobileconfig").body()).contains("com.apple.security.root");
    }

    /** The address of the machine changes: the running kitchen presents the new certificate, and the phones trust it still. */
    @Test
    void aNewCertificateIsPresentedWithoutARestart() throws Exception {
        certificate(ADDRESS + " 127.0.0.3");
        long until = System.nanoTime() + Duration.ofSeconds(60).toNanos();
        boolean seen = false;
        while (!seen && System.nanoTime() < until) {
            HttpClient phone = trusting();
            HttpResponse<String> door = get(phone, "/api/door");
            X509Certificate shown =
                    (X509Certificate) door.sslSession().orElseThrow().getPeerCertificates()[0];
            seen = shown.getSubjectAlternativeNames().stream()
                    .anyMatch(name -> name.get(1).equals("127.0.0.3"));
        }
        assertThat(seen).isTrue();
    }

    /** The key that signs is nowhere in what the application is lent. */
    @Test
    void theApplicationCannotSignForTheHouse() throws Exception {
        KeyStore lent = KeyStore.getInstance("PKCS12");
        char[] secret = Files.readString(state.resolve("tls/authority/secret")).toCharArray();
        try (var file = Files.newInputStream(state.resolve("tls/kitchen.p12"))) {
            lent.load(file, secret);
        }
        assertThat(java.util.Collections.list(lent.aliases())).containsExactly("kitchen");
    }
}
