package wexilla.core.quantity.text;

/** White space in what people type. */
public final class Blanks {

    private Blanks() {}

    /**
     * The text without white space around it, and with one blank for each run of it inside: a reader that looks for
     * words behind blanks then never looks at one of them twice. Takes time in proportion to the text.
     */
    public static String single(String text) {
        StringBuilder single = new StringBuilder(Math.min(text.length(), 512));
        boolean blank = false;
        for (int i = 0; i < text.length(); i++) {
            char letter = text.charAt(i);
            if (Character.isWhitespace(letter) || Character.isSpaceChar(letter)) {
                blank = !single.isEmpty();
            } else {
                if (blank) {
                    single.append(' ');
                    blank = false;
                }
                single.append(letter);
            }
        }
        return single.toString();
    }
}
