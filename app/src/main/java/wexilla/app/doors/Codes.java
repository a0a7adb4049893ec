package wexilla.app.doors;

import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.ByteMatrix;
import com.google.zxing.qrcode.encoder.Encoder;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Codes that invite somebody: read aloud, typed with a thumb, or pointed at with a camera. */
final class Codes {

    /** Nothing that looks like something else; 31 letters, so twelve of them are 59 bits. */
    private static final String LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 12;
    private static final int GROUP = 4;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Codes() {}

    /** "H7KM-29QX-PTRB". */
    static String fresh() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            code.append(i > 0 && i % GROUP == 0 ? "-" : "").append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
        }
        return code.toString();
    }

    /** What of it is kept; small letters, blanks and dashes are as good. */
    static String hash(String code) {
        return sha256(code.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", ""));
    }

    static String sha256(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }

    /** The rows of a QR code that says this: {@code #} for dark. */
    static List<String> qr(String address) {
        try {
            ByteMatrix matrix = Encoder.encode(
                            address, ErrorCorrectionLevel.M, Map.of(EncodeHintType.CHARACTER_SET, "UTF-8"))
                    .getMatrix();
            List<String> rows = new ArrayList<>();
            for (int y = 0; y < matrix.getHeight(); y++) {
                StringBuilder row = new StringBuilder();
                for (int x = 0; x < matrix.getWidth(); x++) {
                    row.append(matrix.get(x, y) == 1 ? '#' : ' ');
                }
                rows.add(row.toString());
            }
            return rows;
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("no QR code for " + address.length() + " characters", tooLong);
        }
    }
}
