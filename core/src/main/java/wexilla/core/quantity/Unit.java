package wexilla.core.quantity;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A unit as written on paper. Two units are equal when their symbols are; a named piece ("clove") is a unit whose
 * symbol is its name. Factors lead to the base unit of the dimension: g, ml, or the piece itself.
 *
 * <p>Source of the factors: NIST Handbook 44, Appendix C (pound = 453.59237 g, US gallon = 231 cubic inches, imperial
 * pint = 568.26125 ml). Cup, tablespoon and teaspoon depend on the household and stand in {@link Measures}.
 */
public record Unit(String symbol, Dimension dimension) {

    private static final Rational POUND =
            new Rational(new java.math.BigInteger("45359237"), new java.math.BigInteger("100000"));
    /** 231 cubic inches of 2.54 cm: 3785.411784 ml. */
    private static final Rational US_GALLON =
            new Rational(new java.math.BigInteger("3785411784"), new java.math.BigInteger("1000000"));

    private static final Map<String, Unit> BY_NAME = new HashMap<>();
    private static final Map<Unit, Rational> FACTOR = new HashMap<>();

    public static final Unit G = mass("g", Rational.ONE, "g", "gr", "gm", "gms", "gram", "grams", "gramme", "grammes");
    public static final Unit KG = mass("kg", Rational.of(1000), "kg", "kgs", "kilo", "kilos", "kilogram", "kilograms");
    public static final Unit MG = mass("mg", Rational.of(1, 1000), "mg");
    public static final Unit OZ = mass("oz", POUND.dividedBy(Rational.of(16)), "oz", "ozs", "ounce", "ounces");
    public static final Unit LB = mass("lb", POUND, "lb", "lbs", "pound", "pounds");
    public static final Unit ML =
            volume("ml", Rational.ONE, "ml", "mls", "millilitre", "millilitres", "milliliter", "milliliters");
    public static final Unit CL = volume("cl", Rational.of(10), "cl", "centilitre", "centilitres");
    public static final Unit DL = volume("dl", Rational.of(100), "dl", "decilitre", "decilitres");
    public static final Unit L =
            volume("l", Rational.of(1000), "l", "ltr", "ltrs", "litre", "litres", "liter", "liters");
    /** Of British spoons; common practice, no source. */
    public static final Unit DESSERTSPOON =
            volume("dessertspoon", Rational.of(10), "dessertspoon", "dessertspoons", "dsp", "dstspn");

    public static final Unit FL_OZ = volume("fl oz", US_GALLON.dividedBy(Rational.of(128)), "floz", "fluid-ounce");
    public static final Unit PINT = volume("pt", US_GALLON.dividedBy(Rational.of(8)), "pt", "pts", "pint", "pints");
    public static final Unit QUART = volume("qt", US_GALLON.dividedBy(Rational.of(4)), "qt", "qts", "quart", "quarts");
    public static final Unit GALLON = volume("gal", US_GALLON, "gal", "gals", "gallon", "gallons");
    public static final Unit IMPERIAL_PINT = volume(
            "imperial pt", new Rational(new java.math.BigInteger("56826125"), new java.math.BigInteger("100000")));
    public static final Unit CUP = household("cup", "cup", "cups", "c", "cupful", "cupfuls");
    public static final Unit TBSP = household(
            "tbsp",
            "tbsp",
            "tbsps",
            "tbs",
            "tb",
            "tbl",
            "tblsp",
            "tblsps",
            "tblspn",
            "tbspn",
            "tabsp",
            "tablespoon",
            "tablespoons",
            "tablespoonful",
            "tablespoonfuls");
    public static final Unit TSP = household(
            "tsp", "tsp", "tsps", "t", "teasp", "tspn", "teaspoon", "teaspoons", "teaspoonful", "teaspoonfuls");
    public static final Unit PIECE = count("piece", "piece", "pieces", "pc", "pcs");
    public static final Unit PORTION =
            count("portion", "portion", "portions", "serving", "servings", "plate", "plates");
    /** What a recipe makes as written: "1 batch pizza dough". */
    public static final Unit BATCH = count("batch", "batch", "batches", "recipe", "recipes", "quantity", "quantities");

    static {
        for (String name : List.of(
                "clove", "tin", "sachet", "stick", "bunch", "slice", "head", "sprig", "leaf", "cube", "packet", "bag",
                "jar", "pinch", "rasher", "fillet", "block", "stalk", "knob", "drop", "dash", "splash", "handful",
                "thumb", "ear", "sheet", "bottle", "tray", "tub", "carton", "tube", "bulb", "rib", "ball", "box",
                "drizzle", "squeeze", "glug", "glass", "wedge", "punnet", "pouch", "pot")) {
            count(name, name, plural(name));
        }
        Map.of(
                        "leaves", "leaf",
                        "loaf", "loaf",
                        "loaves", "loaf",
                        "can", "tin",
                        "cans", "tin",
                        "pkt", "packet",
                        "pkg", "packet",
                        "pack", "packet",
                        "packs", "packet",
                        "package", "packet")
                .forEach((word, unit) -> BY_NAME.put(word, named(unit)));
        for (String word : List.of("packages", "pkgs", "pkts", "pks", "sleeve", "sleeves")) {
            BY_NAME.put(word, named("packet"));
        }
        BY_NAME.put("envelope", named("sachet"));
        BY_NAME.put("envelopes", named("sachet"));
        BY_NAME.put("env", named("sachet"));
    }

    private static Unit mass(String symbol, Rational grams, String... names) {
        return register(new Unit(symbol, Dimension.MASS), grams, names);
    }

    private static Unit volume(String symbol, Rational ml, String... names) {
        return register(new Unit(symbol, Dimension.VOLUME), ml, names);
    }

    private static Unit household(String symbol, String... names) {
        Unit unit = new Unit(symbol, Dimension.VOLUME);
        for (String name : names) {
            BY_NAME.put(name, unit);
        }
        return unit;
    }

    private static Unit count(String symbol, String... names) {
        return register(named(symbol), Rational.ONE, names);
    }

    private static Unit register(Unit unit, Rational factor, String... names) {
        FACTOR.put(unit, factor);
        for (String name : names) {
            BY_NAME.put(name, unit);
        }
        return unit;
    }

    /** A piece that goes by a name of its own, for instance {@code clove}. */
    public static Unit named(String name) {
        return new Unit(name, Dimension.COUNT);
    }

    /** The unit people mean by this word; a capital T alone is a tablespoon. Empty when the word is no unit. */
    public static Optional<Unit> parse(String word) {
        if (word.equals("T") || word.equals("T.")) {
            return Optional.of(TBSP);
        }
        String bare = word.endsWith(".") ? word.substring(0, word.length() - 1) : word;
        return Optional.ofNullable(BY_NAME.get(bare.toLowerCase(Locale.ROOT)));
    }

    /** The unit stored under this symbol. A symbol that is no known unit is a named piece. */
    public static Unit ofSymbol(String symbol) {
        for (Unit unit : List.of(FL_OZ, IMPERIAL_PINT)) {
            if (unit.symbol.equals(symbol)) {
                return unit;
            }
        }
        return parse(symbol).filter(unit -> unit.symbol.equals(symbol)).orElseGet(() -> named(symbol));
    }

    /** g, ml, or the counted unit itself. */
    public Unit base() {
        return switch (dimension) {
            case MASS -> G;
            case VOLUME -> ML;
            case COUNT -> this;
        };
    }

    /** How many base units one of this unit is, where that does not depend on the household. */
    public Optional<Rational> fixedFactor() {
        return dimension == Dimension.COUNT ? Optional.of(Rational.ONE) : Optional.ofNullable(FACTOR.get(this));
    }

    private static final java.util.Set<String> PACKS = java.util.Set.of(
            "tin", "jar", "packet", "sachet", "bottle", "carton", "tub", "tube", "bag", "box", "pouch", "punnet",
            "tray", "block", "pot");

    /** Whether it is bought in packs of a size: a size behind it is of one, behind pieces it is of all of them. */
    public boolean isPack() {
        return PACKS.contains(symbol);
    }

    // written out: a record's own equals is found anew through method handles, and units are compared all the time
    @Override
    public boolean equals(@Nullable Object other) {
        return this == other || other instanceof Unit unit && dimension == unit.dimension && symbol.equals(unit.symbol);
    }

    @Override
    public int hashCode() {
        return symbol.hashCode();
    }

    private static String plural(String name) {
        boolean hissing = name.endsWith("ch") || name.endsWith("sh") || name.endsWith("ss") || name.endsWith("x");
        return hissing
                ? name + "es"
                : name.equals("leaf") || name.equals("loaf") ? name.replace("f", "ves") : name + "s";
    }

    /** The symbol as written after this number: "2 tins", "1 clove", "500 g". */
    public String after(Rational value) {
        boolean one = value.compareTo(Rational.ONE) <= 0;
        boolean word = dimension == Dimension.COUNT && !symbol.equals("cm") || equals(CUP);
        return word && !one ? plural(symbol) : symbol;
    }
}
