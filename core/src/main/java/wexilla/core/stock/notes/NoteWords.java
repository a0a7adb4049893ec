package wexilla.core.stock.notes;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.Grammar;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.ReadLine;

/** The words of a stock note that are neither price nor day nor amount: what the thing is called, and what else was said. */
final class NoteWords {

    /** "1 tin beans 400 g", "400 g tin beans"; what lies in a biscuit tin comes in none. */
    private static final Pattern TINS = Pattern.compile(
            "(?:\\d|\\b(?:g|kg|oz|ml|an?|half|one|two|three|four|five|six))[)]?[ -]*(?:tins?|cans?)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TRAILING = Pattern.compile("^[\\s,;@€$£?(-]+|[\\s,;@€$£(-]+$");
    private static final Pattern RAW = Pattern.compile("\\b(?:raw|uncooked)\\b", Pattern.CASE_INSENSITIVE);
    private static final Set<String> FILLERS = Grammar.words("note-filler");

    private NoteWords() {}

    /** One thing that is counted by itself: "turkey carcass", "bowl of dripping", "mystery box". */
    static @Nullable Amount whole(@Nullable Food food, String name, String words) {
        Matcher container = Pattern.compile(
                        "\\b(bowl|jar|tub|bag|box|dish|pan|pot|packet|pack|carton|bottle|container|tin|can|tray)\\b",
                        Pattern.CASE_INSENSITIVE)
                .matcher(words);
        if (container.find()) {
            return Amount.of(
                    1,
                    Unit.parse(container.group(1))
                            .orElseGet(() -> Unit.named(container.group(1).toLowerCase(Locale.ROOT))));
        }
        String lower = words.toLowerCase(Locale.ROOT);
        boolean single = lower.matches(".*\\b(?:whole|carcass|bone|joint|rotisserie|rabbit|heart)\\b.*");
        return single ? Amount.of(1, Unit.PIECE) : null;
    }

    static String about(ReadLine line, boolean dish, NoteAmounts amounts, String words) {
        List<String> said = new ArrayList<>();
        if (dish) {
            said.addAll(RAW.matcher(words).find() ? List.of("raw bag") : List.of());
        } else if (!line.preparation().isEmpty()) {
            said.add(line.preparation());
        }
        Amount each = amounts.lots().get(0).each();
        boolean cut = line.food() != null
                && each != null
                && each.unit().equals(Unit.PIECE)
                && !each.value().isWhole();
        if (cut) {
            said.add("cut");
        }
        String known = (line.foodName() + " " + String.join(" ", said) + " " + line.state()).toLowerCase(Locale.ROOT);
        List<String> more = new ArrayList<>();
        for (String word : dish ? new String[0] : words.split("[^\\p{L}'-]+")) {
            String lower = word.toLowerCase(Locale.ROOT);
            boolean unit = Unit.parse(lower).filter(NoteWords::measure).isPresent()
                    || lower.length() < 3
                    || FILLERS.contains(lower);
            String stem = lower.length() > 4 ? lower.substring(0, lower.length() - 1) : lower;
            if (!unit && !known.contains(stem) && !more.contains(lower)) {
                more.add(lower);
            }
        }
        if (!more.isEmpty()) {
            said.add(String.join(" ", more));
        }
        return String.join(", ", said);
    }

    /** "80/20" of a mince is no amount. */
    static String withoutLean(String words) {
        return Pattern.compile("\\b(\\d{2})/(\\d{1,2})\\b")
                .matcher(words)
                .replaceAll(lean ->
                        Integer.parseInt(lean.group(1)) + Integer.parseInt(lean.group(2)) == 100 ? " " : lean.group());
    }

    static boolean measure(Unit unit) {
        return unit.dimension() != wexilla.core.quantity.Dimension.COUNT
                || unit.equals(Unit.PIECE)
                || unit.equals(Unit.PORTION);
    }

    static String name(String rest) {
        return rest.replaceAll("[()?]", " ")
                .replaceAll(
                        "(?i)\\b(?:family|pk|zip|approx|roughly|unopened|un-opened|got|each|still|thawing|tot|total|maybe|vac(?:uum)?[- ]?(?:sealed|packed)?|sealed|the big|about)\\b",
                        " ")
                .replaceAll("(?i)\\b(?:out of|into|in|from) (?:the )?(?:freezer|fridge)\\b", " ")
                .replaceAll("(?i)\\bcase of\\b", " ")
                .replaceAll("(?i)^(?:some|bit of|a bit of|lots of|few)\\s+", "")
                .replaceAll(
                        "(?i)\\b(?:bowl|tub|jar|bag|box|carton|packet|pack|tin|can|dish|bottle|case|sack|lump|block|tray|container|pan)s?\\s+of\\s+",
                        "")
                .replaceAll(
                        "(?i)(?<=\\s|^)(?:bags?|tubs?|jars?|boxes|packs?|cartons?|containers?|bunch|unit)(?=\\s*(?:,|$))",
                        "")
                .replaceAll("\\s+,", ",")
                .replaceAll(",(?:\\s*,)+", ",")
                .replaceAll("\\s+", " ");
    }

    static String trimmed(String text) {
        String before;
        String after = text.strip();
        do {
            before = after;
            after = TRAILING.matcher(after)
                    .replaceAll("")
                    .replaceFirst(
                            "(?i)^(?:of|and|x|×|from|in|since)\\s+|\\s+(?:of|and|x|×|at|from|since|for|by|with|to)$",
                            "")
                    .strip();
        } while (!after.equals(before));
        return after;
    }

    /** Whether it is counted in tins, also where it is weighed. */
    static boolean tins(String text) {
        return TINS.matcher(text).find();
    }
}
