package wexilla.core.recipe.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.text.AmountReader;

/**
 * A list typed in one go: "1,5 kg potatoes, 2 onions and a bay leaf". A comma between digits is a decimal comma; a comma
 * or an "and" begins a new line where an amount or a food follows, and belongs to the line where it does not: "2 onions,
 * finely diced".
 *
 * @param lines as understood, in their order
 */
public record LineList(List<ReadLine> lines) {

    /** More lines than this are no list typed in one go. */
    public static final int MOST = 20;

    /** Longest list accepted, in characters. */
    public static final int LONGEST = 600;

    /** What may stand between two lines; a comma between digits is part of a number. */
    private static final Pattern BETWEEN =
            Pattern.compile("[;\\n+]|(?<!\\d),|,(?!\\d)|\\band\\b|&", Pattern.CASE_INSENSITIVE);

    private static final Pattern ONE = Pattern.compile("(?:an?|one|some|half)\\s.*", Pattern.CASE_INSENSITIVE);

    public LineList {
        lines = List.copyOf(lines);
    }

    /**
     * Reads a typed list; an empty one has no lines.
     *
     * @throws NotAnAmount if one of its lines cannot be read, or the list is too long
     */
    public static LineList of(String typed, LineReader reader) {
        List<ReadLine> lines = new ArrayList<>();
        for (String text : split(typed, reader)) {
            lines.addAll(reader.read(text).each());
        }
        return new LineList(lines);
    }

    /** A list that was stored; what cannot be read in it is kept as its own words. */
    public static LineList ofStored(String typed, LineReader reader) {
        try {
            return new LineList(split(typed, reader).stream()
                    .flatMap(text -> reader.readStored(text).each().stream())
                    .toList());
        } catch (NotAnAmount unreadable) {
            return new LineList(List.of(reader.readStored(typed)));
        }
    }

    /** The lines of a list, each as it was typed. */
    public static List<String> split(String typed, LineReader reader) {
        if (typed.length() > LONGEST) {
            throw new NotAnAmount("this list has " + typed.length() + " characters; " + LONGEST + " is the most");
        }
        List<String> texts = new ArrayList<>();
        StringBuilder open = new StringBuilder();
        String between = "";
        int at = 0;
        Matcher found = BETWEEN.matcher(typed);
        while (at <= typed.length()) {
            boolean more = found.find();
            int end = more ? found.start() : typed.length();
            String chunk = typed.substring(at, end).strip();
            if (!chunk.isEmpty()) {
                if (!open.isEmpty() && begins(between, chunk, open.toString(), reader)) {
                    texts.add(open.toString());
                    open.setLength(0);
                }
                join(open, between, chunk);
                between = "";
            }
            if (!more) {
                break;
            }
            between = hard(between) ? between : found.group().toLowerCase(Locale.ROOT);
            at = found.end();
        }
        if (!open.isEmpty()) {
            texts.add(open.toString());
        }
        if (texts.size() > MOST) {
            throw new NotAnAmount(texts.size() + " things; " + MOST + " is the most in one list");
        }
        return texts;
    }

    private static boolean hard(String between) {
        return between.equals(";") || between.equals("\n") || between.equals("+");
    }

    private static void join(StringBuilder open, String between, String chunk) {
        if (!open.isEmpty()) {
            open.append(between.equals(",") ? ", " : " " + between + " ");
        }
        open.append(chunk);
    }

    /** Whether a new line begins with this. */
    private static boolean begins(String between, String chunk, String before, LineReader reader) {
        if (hard(between) || ONE.matcher(chunk).matches() || amount(chunk)) {
            return true;
        }
        String joined = before + (between.equals(",") ? ", " : " " + between + " ") + chunk;
        return !reader.knows(joined) && reader.understands(chunk);
    }

    private static boolean amount(String chunk) {
        try {
            return AmountReader.read(chunk).isPresent();
        } catch (NotAnAmount impossible) {
            // begins with a number that cannot be an amount: reading the line says why
            return true;
        }
    }
}
