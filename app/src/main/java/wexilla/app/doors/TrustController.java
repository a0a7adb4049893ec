package wexilla.app.doors;

import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Problem;

/** How a phone comes to trust this kitchen: its authority, in the two shapes phones take, and what to do with it. */
@Hidden
@RestController
class TrustController {

    private static final MediaType PEM = MediaType.parseMediaType("application/x-x509-ca-cert");
    private static final MediaType PROFILE = MediaType.parseMediaType("application/x-apple-aspen-config");

    private final String authority;

    TrustController(@Value("${wexilla.lan.authority:}") String authority) {
        this.authority = authority;
    }

    @GetMapping(path = "/trust", produces = "text/html;charset=UTF-8")
    String trust() {
        there();
        return """
                <!doctype html><html lang="en"><meta charset="utf-8">
                <meta name="viewport" content="width=device-width, initial-scale=1">
                <title>Trust this kitchen</title>
                <style>body{font:1.15rem/1.5 system-ui,sans-serif;max-width:34rem;margin:0 auto;padding:1.5rem;
                background:#f7eee3;color:#2a1a2e}a.go{display:block;padding:.9rem 1.2rem;margin:.6rem 0;border:2px solid;
                border-radius:.4rem;color:inherit;font-weight:600;text-decoration:none;background:#fffef8}
                h2{margin-top:2rem}</style>
                <h1>Let this phone trust the kitchen</h1>
                <p>Once. Your phone warned you because nobody outside this house vouches for this kitchen; it vouches for
                itself, and only for addresses inside a house.</p>
                <h2>Most phones and computers</h2>
                <a class="go" href="/trust/wexilla.pem">Take the certificate</a>
                <p>Then, in the settings, search for <em>certificate</em>, choose <em>install a CA certificate</em>, and pick the
                file <em>wexilla.pem</em>.</p>
                <h2>Phones that take a profile</h2>
                <a class="go" href="/trust/wexilla.mobileconfig">Take the profile</a>
                <p>Then open the settings, tap <em>profile downloaded</em>, install it, and switch on full trust under
                <em>General, About, Certificate trust settings</em>.</p>
                <h2>Then</h2>
                <a class="go" href="/">Open the kitchen</a>
                </html>
                """;
    }

    @GetMapping("/trust/wexilla.pem")
    ResponseEntity<byte[]> pem() {
        return file(PEM, "wexilla.pem", there());
    }

    @GetMapping("/trust/wexilla.mobileconfig")
    ResponseEntity<byte[]> profile() {
        String pem = new String(there(), StandardCharsets.US_ASCII);
        String der = pem.replaceAll("-----[A-Z ]+-----", "").replaceAll("\\s", "");
        String id = UUID.nameUUIDFromBytes(Base64.getDecoder().decode(der)).toString();
        String plist = """
                <?xml version="1.0" encoding="UTF-8"?>
                <!DOCTYPE plist PUBLIC "-//Apple//DTD PLIST 1.0//EN" "http://www.apple.com/DTDs/PropertyList-1.0.dtd">
                <plist version="1.0"><dict>
                <key>PayloadType</key><string>Configuration</string><key>PayloadVersion</key><integer>1</integer>
                <key>PayloadIdentifier</key><string>wexilla.house</string><key>PayloadUUID</key><string>%1$s</string>
                <key>PayloadDisplayName</key><string>Wexilla, this house</string>
                <key>PayloadContent</key><array><dict>
                <key>PayloadType</key><string>com.apple.security.root</string><key>PayloadVersion</key><integer>1</integer>
                <key>PayloadIdentifier</key><string>wexilla.house.root</string><key>PayloadUUID</key><string>%2$s</string>
                <key>PayloadDisplayName</key><string>Wexilla, this house</string>
                <key>PayloadContent</key><data>%3$s</data>
                </dict></array></dict></plist>
                """.formatted(id, UUID.nameUUIDFromBytes(id.getBytes(StandardCharsets.US_ASCII)), der);
        return file(PROFILE, "wexilla.mobileconfig", plist.getBytes(StandardCharsets.UTF_8));
    }

    private static ResponseEntity<byte[]> file(MediaType type, String name, byte[] content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(content);
    }

    private byte[] there() {
        if (authority.isBlank()) {
            throw Problem.missing(
                    "This kitchen is on this machine alone; ./wexilla start --lan opens it to the house.");
        }
        try {
            return Files.readAllBytes(Path.of(authority));
        } catch (IOException gone) {
            throw Problem.missing("The certificate of this kitchen cannot be read; start it again with --lan.");
        }
    }
}
