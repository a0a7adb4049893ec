package wexilla.app.doors;

import java.security.KeyStore;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.coyote.http2.Http2Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.ssl.SslBundle;
import org.springframework.boot.ssl.SslBundles;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * The second port, for the phones of the house: TLS only, by the certificate the script made. A new one is presented as soon as
 * its file is replaced; one that cannot be read leaves the old one.
 */
@Component
@ConditionalOnProperty("wexilla.lan.port")
class HouseNetwork implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final String BUNDLE = "house";

    private final SslBundles bundles;
    private final int port;
    private final @Nullable String address;

    /** @param address to listen on; null for every one this machine has */
    HouseNetwork(
            SslBundles bundles,
            @Value("${wexilla.lan.port}") int port,
            @Value("${wexilla.lan.listen:#{null}}") @Nullable String address) {
        this.bundles = bundles;
        this.port = port;
        this.address = address;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        Connector connector = new Connector(Http11NioProtocol.class.getName());
        connector.setPort(port);
        connector.setScheme("https");
        connector.setSecure(true);
        Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
        protocol.setSSLEnabled(true);
        protocol.setProperty("address", address == null ? "0.0.0.0" : address);
        connector.addUpgradeProtocol(new Http2Protocol());
        protocol.addSslHostConfig(presented(bundles.getBundle(BUNDLE)));
        bundles.addBundleUpdateHandler(BUNDLE, changed -> protocol.addSslHostConfig(presented(changed), true));
        factory.addAdditionalConnectors(connector);
    }

    private static SSLHostConfig presented(SslBundle bundle) {
        SSLHostConfig config = new SSLHostConfig();
        config.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate certificate =
                new SSLHostConfigCertificate(config, SSLHostConfigCertificate.Type.UNDEFINED);
        KeyStore keys = Objects.requireNonNull(bundle.getStores().getKeyStore(), "no keys of the house");
        certificate.setCertificateKeystore(keys);
        certificate.setCertificateKeystorePassword(bundle.getStores().getKeyStorePassword());
        config.addCertificate(certificate);
        return config;
    }

    /** Names and addresses a request may call this kitchen by over TLS. */
    @Component
    static class Names {
        private final List<String> names;

        Names(@Value("${wexilla.lan.names:}") List<String> names) {
            this.names = names.stream()
                    .map(name -> name.strip().toLowerCase(Locale.ROOT))
                    .toList();
        }

        boolean has(String name) {
            return names.contains(name.toLowerCase(Locale.ROOT));
        }
    }
}
