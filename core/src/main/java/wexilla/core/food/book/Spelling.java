package wexilla.core.food.book;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which known word a written one is a slip of the pen of: one letter wrong, missing, too many or two swapped, letters
 * doubled or not counting together as one; two slips from nine letters on. Never when two words are as near, and never by
 * another letter where that makes another thing of a food: "potted" is no "pitted", "dressed" no "pressed".
 */
final class Spelling {

    /** Shorter words are not guessed at. */
    static final int SHORTEST = 6;

    private static final int LONG = 9;

    /** A known word. @param plain without doubled letters; @param letters a bit for each that is in it; @param exact whether
     * all of its letters have to be there */
    private record Known(String word, String plain, int letters, boolean exact) {}

    /** Known words, made ready to be compared with. */
    static final class Index {

        private final List<Known> words;

        /** @param exact whether another letter makes another word of it */
        Index(Collection<String> spelt, boolean exact) {
            words = spelt.stream()
                    .filter(word -> word.length() >= SHORTEST - 1)
                    .map(word -> new Known(word, single(word), Spelling.letters(word), exact))
                    .toList();
        }

        void forEach(Spelling near) {
            words.forEach(near::compare);
        }
    }

    private static int letters(String word) {
        int letters = 0;
        for (int i = 0; i < word.length(); i++) {
            letters |= 1 << (word.charAt(i) & 31);
        }
        return letters;
    }

    private final String written;
    private final String plain;
    private final int letters;
    private int best = Integer.MAX_VALUE;
    private @Nullable String nearest;
    private boolean tied;

    Spelling(String written) {
        this.written = written;
        this.plain = single(written);
        this.letters = letters(written);
    }

    private void compare(Known word) {
        int most = written.length() >= LONG ? 2 : 1;
        String known = word.word();
        if (Math.abs(known.length() - written.length()) > 2
                || Integer.bitCount(word.letters() ^ letters) > 2 * most
                        && !word.plain().equals(plain)) {
            return;
        }
        int slips = word.plain().equals(plain) ? 1 : slips(written, known, most);
        if (slips > most || slips > best || word.exact() && otherLetter(known)) {
            return;
        }
        tied = slips == best && !known.equals(nearest);
        best = slips;
        nearest = known;
    }

    /** Whether a letter stands in the place of another one. */
    private boolean otherLetter(String known) {
        return written.length() == known.length()
                && !Arrays.equals(
                        written.chars().sorted().toArray(),
                        known.chars().sorted().toArray());
    }

    Optional<String> nearest() {
        return tied ? Optional.empty() : Optional.ofNullable(nearest);
    }

    private static String single(String word) {
        StringBuilder single = new StringBuilder();
        for (int i = 0; i < word.length(); i++) {
            if (i == 0 || word.charAt(i) != word.charAt(i - 1)) {
                single.append(word.charAt(i));
            }
        }
        return single.toString();
    }

    /** Optimal string alignment distance, more than {@code most} when it is beyond that. */
    private static int slips(String a, String b, int most) {
        if (Math.abs(a.length() - b.length()) > most) {
            return most + 1;
        }
        int[][] d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            d[i][0] = i;
        }
        for (int j = 0; j <= b.length(); j++) {
            d[0][j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                int change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] = Math.min(Math.min(d[i - 1][j], d[i][j - 1]) + 1, d[i - 1][j - 1] + change);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                if (swapped) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
