package wexilla.app.doors;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What may stand behind the question mark of an address: text, and each name once. */
final class Questions {

    private static final Pattern CONTROL = Pattern.compile("%(?:[01][0-9a-fA-F]|7[fF])");

    private Questions() {}

    /** Why this is refused, in words; empty when it is not. */
    static Optional<String> refused(@Nullable String query) {
        if (query == null || query.isEmpty()) {
            return Optional.empty();
        }
        Set<String> names = new HashSet<>();
        for (String part : query.split("&")) {
            String name = part.split("=", 2)[0];
            if (!name.isEmpty() && !names.add(name)) {
                return Optional.of("“" + name.replaceAll("[^\\w.-]", "?") + "” is asked twice; ask it once.");
            }
        }
        if (CONTROL.matcher(query).find()) {
            return Optional.of("The address holds a character nobody can type.");
        }
        return isText(query) ? Optional.empty() : Optional.of("The address holds bytes that are no text (UTF-8).");
    }

    private static boolean isText(String query) {
        byte[] bytes = new byte[query.length()];
        int length = 0;
        for (int i = 0; i < query.length(); i++) {
            char letter = query.charAt(i);
            if (letter == '%') {
                if (i + 2 >= query.length() || !query.substring(i + 1, i + 3).matches("[0-9a-fA-F]{2}")) {
                    return false;
                }
                bytes[length++] = (byte) Integer.parseInt(query.substring(i + 1, i + 3), 16);
                i += 2;
            } else if (letter > 127) {
                return false;
            } else {
                bytes[length++] = (byte) letter;
            }
        }
        try {
            StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(Arrays.copyOf(bytes, length)));
            return true;
        } catch (CharacterCodingException no) {
            return false;
        }
    }
}
