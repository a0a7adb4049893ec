package wexilla.core.stock.notes;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.food.book.FoodBook;
import wexilla.core.keeping.KeepingWords;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** What a thing of a note is called, by the reader of recipe lines. */
final class NoteNames {

    /** What it is in, before or behind its name. */
    private static final Pattern PACK = Pattern.compile(
            "^(?:bag|tub|jar|box|carton|packet|pack|tin|can|block|tray|sack|pot|net|crate|punnet|bottle|tube|pouch|sleeve)s?\\s+(?=\\p{L})|\\s+(?:blocks?|tubs?|bags?|packs?|packets?|jars?|boxe?s?|sacks?|pots?|nets?|crates?|punnets?|trays?|bottles?|tubes?|pouch(?:es)?|cartons?|tins?|cans?|sleeves?)$",
            Pattern.CASE_INSENSITIVE);

    private final FoodBook foods;
    private final LineReader lines;
    private final Measures measures;

    NoteNames(FoodBook foods, Measures measures) {
        this.foods = foods;
        this.lines = new LineReader(foods);
        this.measures = measures;
    }

    /** The thing as a line names it: what comes in tins or in their size is the tinned food. */
    ReadLine read(String name, NoteAmounts amounts) {
        Amount each = amounts.lots().get(0).each();
        boolean tin = each != null
                && !KeepingWords.say("frozen", name)
                && (amounts.tins()
                        || each.unit().equals(Unit.named("tin"))
                        || tinSized(each) && amounts.lots().get(0).count() > 1);
        boolean counted = each != null && each.unit().equals(Unit.PIECE);
        ReadLine line = lines.readStored(counted ? "2 " + name : name);
        if (tin) {
            ReadLine tinned = lines.readStored("1 tin " + name);
            boolean there =
                    tinned.food() != null && tinned.food().keepingClass().equals("tins");
            line = there ? tinned : line;
        }
        Matcher pack = PACK.matcher(name);
        if (line.food() == null) {
            // "lentils red", "oil sunflower": the head is written first, as on a shelf's label; a "beef stew" is none
            String turned = name.strip().replaceFirst("^(\\S+) ((?:\\S+ )?\\S+)$", "$2 $1");
            String last = name.strip().replaceFirst("^.*\\s", "");
            boolean thing = foods.named(last).isPresent() || foods.heads(last);
            line = turned.equals(name.strip()) || thing
                    ? line
                    : foods.named(turned).map(found -> lines.readStored(turned)).orElse(line);
        }
        if (line.food() == null && pack.find()) {
            ReadLine inside = lines.readStored(pack.replaceFirst(""));
            line = inside.food() != null ? inside : line;
        }
        return line.food() == null && line.foodName().isBlank() ? ReadLine.of(name, null, name, null, "") : line;
    }

    /** Sizes tins are sold in. */
    private boolean tinSized(Amount each) {
        Amount base = measures.toBase(each);
        double grams = base.value().toDecimal(1).doubleValue();
        return base.unit().equals(Unit.G) && (grams >= 380 && grams <= 440 || grams >= 795 && grams <= 810);
    }
}
