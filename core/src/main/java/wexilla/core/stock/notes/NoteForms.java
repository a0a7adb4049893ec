package wexilla.core.stock.notes;

import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.quantity.Unit;

/** The many ways amounts are written in notes, brought to the few that {@link NoteAmounts} reads. */
final class NoteForms {

    private static final Pattern PART_OF =
            Pattern.compile(",?\\s*\\bpart\\s+\\d+\\s+of\\s+\\d+\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern HALF_UNITS = Pattern.compile(
            "\\b(\\d{1,2})\\s+half\\s+(gallon|pint|litre|liter|kilo|pound)s?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern BRACE =
            Pattern.compile(",?\\s*\\b(?:a\\s+)?brace(?:\\s+of)?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES_PORTIONS = Pattern.compile(
            "\\b(\\d{1,2})\\s*[x×]\\s*(\\d{1,3})\\s+(portions?|servings?|slices?|pieces?|pcs|rolls?|balls?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CASE = Pattern.compile(
            "\\b(?:an?\\s+)?(?:case|crate|slab|tray|box|multipack|pack)\\s+of\\s+(\\d{1,2})\\s+(\\p{L}[\\p{L} ]*?),?\\s+(\\d+(?:[.,]\\d+)?\\s*(?:oz|g|ml))\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern RANGE_PORTIONS = Pattern.compile(
            "\\b(\\d{1,2})\\s*(?:or|-|–|to)\\s*(\\d{1,2})\\s+(?:portions?|servings?)\\b", Pattern.CASE_INSENSITIVE);
    /** "4 x 6 meatballs": four packets of six. */
    private static final Pattern TIMES_PIECES =
            Pattern.compile("^(\\d{1,2})\\s*[x×]\\s*(\\d{1,3})\\s+(?=(\\p{L}{2,}))", Pattern.CASE_INSENSITIVE);
    /** "Peppers 3 pack", "eggs 30 tray": so many in one. */
    private static final Pattern PACK_OF = Pattern.compile(
            "(?<=\\p{L}\\s)([2-9]|[1-9]\\d)[- ](?:pack|pk|tray|carton)\\b(?!\\s*of)", Pattern.CASE_INSENSITIVE);

    /** "Pork steaks 5 (700 g)": five that weigh so much together. */
    private static final Pattern TOTAL = Pattern.compile(
            "(?<=\\p{L}\\s)(\\d{1,2})\\s+\\((\\d+(?:[.,]\\d+)?\\s*(?:kg|g|lbs?|oz))\\)(?=\\s*(?:$|,))",
            Pattern.CASE_INSENSITIVE);
    /** What is left of a tin when it is drained is no second tin. */
    private static final Pattern DRAINED = Pattern.compile(
            "\\(\\s*(?:drained(?: weight)?:?\\s*)?\\d+(?:[.,]\\d+)?\\s*(?:g|kg|oz|ml)(?:\\s+drained[^)]*)?\\)(?<=drained[^(]{0,20}\\))|,?\\s*drained weight\\s*\\d+\\s*g",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TIMES_APART =
            Pattern.compile("(?<=\\S\\s)[x×]\\s+(\\d{1,2})(?=\\s*(?:$|,))", Pattern.CASE_INSENSITIVE);

    /** "Bell peppers 3 (1 red 2 green)": the three are said already. */
    private static final Pattern KINDS = Pattern.compile(
            "(?<=\\p{L}\\s)(\\d{1,2})\\s*\\((?:\\d{1,2}\\s+\\p{L}+[,\\s]*(?:and\\s+)?){2,}\\)",
            Pattern.CASE_INSENSITIVE);
    /** "10 lb in 1 lb packs": ten of them. */
    private static final Pattern IN_PACKS = Pattern.compile(
            "\\b(\\d{1,3})\\s*(kg|g|lbs?|oz|l|ml|cups?|qts?)\\s+in\\s+(\\d{1,3})\\s*-?\\s*\\2\\s+(?:packs?|bags?|boxes|tubs?|packets?|portions)\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Milk 3 x half gallon": three of them. */
    private static final Pattern TIMES_HALF = Pattern.compile(
            "\\b(\\d{1,2})\\s*[x×]\\s*half[- ](?:a )?(gallon|pint|litre|liter|kilo|pound)s?\\b",
            Pattern.CASE_INSENSITIVE);
    /** "2 x sour cream 200 ml": two of 200 ml. */
    private static final Pattern TIMES_BEHIND = Pattern.compile(
            "^(\\d{1,2})\\s*[x×]\\s+(\\p{L}[^\\d,]*?)\\s+(\\d+(?:[.,]\\d+)?\\s*(?:kg|g|lbs?|oz|ml|cl|l))(?=\\s*(?:$|,))",
            Pattern.CASE_INSENSITIVE);
    /** "Two packs 500 + 450 g": one of each. */
    private static final Pattern SUM_OF_PACKS = Pattern.compile(
            "\\b(?:(?:two|2)\\s+(?:packs?|bags?|packets?|boxes|trays)\\s*:?\\s*)(\\b)(\\d+(?:[.,]\\d+)?)\\s*(?=\\+)\\+\\s*(\\d+(?:[.,]\\d+)?\\s*(?:kg|g|lbs?|oz|ml|l))",
            Pattern.CASE_INSENSITIVE);
    /** "1.3 & 1.4 kg": one of each. */
    private static final Pattern AMPERSAND = Pattern.compile(
            "\\b(\\d+(?:[.,]\\d+)?)\\s*(?:&|and|\\+)\\s*(\\d+(?:[.,]\\d+)?)\\s*(kg|g|lbs?|oz|ml|l)\\b",
            Pattern.CASE_INSENSITIVE);

    private NoteForms() {}

    private static String packs(MatchResult said) {
        int all = Integer.parseInt(said.group(1));
        int each = Integer.parseInt(said.group(3));
        return each > 0 && all % each == 0 ? all / each + " x " + each + " " + said.group(2) : said.group();
    }

    /** "4 x 6 meatballs" as "4 packets of 6 pieces meatballs", "brace" as "x2", "3 half gallons" as "3 x 0.5 gallon". */
    static String plain(String typed) {
        String text = PART_OF.matcher(DRAINED.matcher(typed).replaceAll(" ")).replaceAll(" ");
        text = KINDS.matcher(text).replaceAll("$1 ");
        text = IN_PACKS.matcher(text).replaceAll(NoteForms::packs);
        text = TOTAL.matcher(text).replaceAll("$1 pieces, $2");
        text = TIMES_APART.matcher(text).replaceAll("x$1");
        text = PACK_OF.matcher(text).replaceAll("$1 pieces");
        Matcher pieces = TIMES_PIECES.matcher(text);
        if (pieces.find()
                && Unit.parse(pieces.group(3)).isEmpty()
                && NoteChunk.container(pieces.group(3).toLowerCase(Locale.ROOT)) == null) {
            text = pieces.replaceFirst("$1 packets of $2 pieces ");
        }
        text = RANGE_PORTIONS.matcher(text).replaceAll("$1 portions");
        text = TIMES_HALF.matcher(text).replaceAll("$1 x 0.5 $2");
        text = TIMES_BEHIND.matcher(text).replaceAll("$1 x $3 $2");
        text = SUM_OF_PACKS.matcher(text).replaceAll("$2 & $3");
        text = AMPERSAND.matcher(text).replaceAll("$1 $3, $2 $3");
        text = HALF_UNITS.matcher(text).replaceAll("$1 x 0.5 $2");
        text = BRACE.matcher(text).replaceAll(" x2 ");
        text = TIMES_PORTIONS.matcher(text).replaceAll("$1 packets of $2 $3");
        text = CASE.matcher(text).replaceAll("$1 x $3 $2");
        return text.replaceAll("#\\d+\\s", " ");
    }
}
