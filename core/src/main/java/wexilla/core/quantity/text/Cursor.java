package wexilla.core.quantity.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A place in a text that is read from left to right. */
final class Cursor {

    private final String text;
    private int at;

    Cursor(String text) {
        this.text = text;
    }

    String text() {
        return text;
    }

    int at() {
        return at;
    }

    void moveTo(int place) {
        at = place;
    }

    /** The character here; a blank behind the end. */
    char next() {
        return at < text.length() ? text.charAt(at) : ' ';
    }

    char take() {
        return text.charAt(at++);
    }

    boolean accept(Pattern pattern) {
        Matcher matcher = matcher(pattern);
        if (!matcher.lookingAt()) {
            return false;
        }
        at = matcher.end();
        return true;
    }

    Matcher matcher(Pattern pattern) {
        return pattern.matcher(text).region(at, text.length()).useTransparentBounds(true);
    }

    /** The letters here in lower case, which the cursor moves behind; empty when there are none. */
    String word() {
        int from = at;
        while (at < text.length() && Character.isLetter(text.charAt(at))) {
            at++;
        }
        return text.substring(from, at).toLowerCase(java.util.Locale.ROOT);
    }

    void skipSpace() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    String rest() {
        return text.substring(at).strip();
    }

    String firstWords() {
        return text.length() > 24 ? text.substring(0, 24) + "…" : text;
    }
}
