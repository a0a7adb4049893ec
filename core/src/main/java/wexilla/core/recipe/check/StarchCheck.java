package wexilla.core.recipe.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Nature;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenRounding;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.lines.ReadLine;

/** Whether there is enough liquid for what swells. */
final class StarchCheck {

    private static final Pattern WATER_BOILED =
            Pattern.compile("\\b(?:boiling|salted|plenty of|lots of)\\b[^.;]*\\bwater\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern SENTENCE = Pattern.compile("[.;\\n]");
    private static final Pattern APART =
            Pattern.compile("\\b(?:drain(?:ed)?|separately|apart|pack(?:et|age)?|according|al dente)\\b");
    private static final Pattern BOIL = Pattern.compile("\\b(?:boil|parboil|cook)(?:ing)? (?:the |some )?");
    private static final Pattern TOGETHER = Pattern.compile(
            "\\b(?:in|with|into|to) (?:the )?(?:sauce|stock|broth|soup|stew|tomato|pot|pan|mixture|liquid|dish)|\\badd\\b|\\bstir in\\b");

    private static final Pattern WATER_IN_STEPS = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?\\s*(?:ml|l|litres?|cups?))\\s+(?:of\\s+)?(?:boiling |hot |cold )?(?:water|stock)",
            Pattern.CASE_INSENSITIVE);

    private StarchCheck() {}

    /** Dry starch takes up more than the liquid there is. */
    static Optional<RecipeFlag> of(Recipe recipe, String allSteps, Measures measures) {
        Rational taken = Rational.ZERO;
        Rational there = Rational.ZERO;
        List<String> starch = new ArrayList<>();
        for (RecipeLine line : recipe.lines()) {
            Food food = line.read().food();
            Quantity quantity = line.read().quantity();
            if (food == null
                    || quantity == null
                    || boiledApart(line.read(), food, allSteps)
                    || !line.heldBackIn().isEmpty()) {
                continue;
            }
            boolean liquid = food.is(Nature.THIN) || food.is(Nature.WATERY);
            if (liquid) {
                there = there.plus(ml(food, quantity.middle(), measures));
            } else if (food.swells()) {
                taken = taken.plus(takenUp(food, quantity.middle(), measures));
                starch.add(food.name());
            }
        }
        Matcher inSteps = WATER_IN_STEPS.matcher(allSteps);
        while (inSteps.find()) {
            there = there.plus(AmountReader.read(inSteps.group(1))
                    .map(said -> measures.toBase(said.quantity().max()).value())
                    .orElse(Rational.ZERO));
        }
        boolean waterUnsaid = WATER_BOILED.matcher(allSteps).find();
        if (there.isZero() || waterUnsaid || taken.compareTo(there) <= 0) {
            return Optional.empty();
        }
        Amount lacking = KitchenRounding.nearest(Amount.of(taken.minus(there), Unit.ML));
        return Optional.of(new RecipeFlag(
                RecipeFlag.Kind.LIQUID,
                null,
                null,
                "too little liquid for " + String.join(", ", starch),
                "it takes up " + CookWords.amount(Amount.of(taken, Unit.ML)) + "; " + lacking
                        + " more are needed, or it stays hard",
                "common practice, no source"));
    }

    /** "Cook the pasta by its packet, drain it": it does not take up the liquid of the dish. */
    private static boolean boiledApart(ReadLine line, Food food, String allSteps) {
        List<String> names = Stream.concat(Mentions.shortNames(food), Stream.of(line.foodName()))
                .map(name -> name.toLowerCase(Locale.ROOT))
                .filter(name -> name.length() > 2)
                .distinct()
                .toList();
        return SENTENCE.splitAsStream(allSteps.toLowerCase(Locale.ROOT))
                .filter(sentence -> names.stream().anyMatch(sentence::contains))
                .anyMatch(sentence -> APART.matcher(sentence).find()
                        || BOIL.matcher(sentence).find()
                                && !TOGETHER.matcher(sentence).find());
    }

    private static Rational takenUp(Food food, Amount amount, Measures measures) {
        Yield water = food.traits().yield(Part.WATER);
        if (water != null) {
            return ml(food, amount, measures).times(water.ofOne());
        }
        Yield cooked = food.traits().cooked();
        return cooked != null
                        && Conversion.convert(food, amount, Unit.G, measures) instanceof Conversion.Converted grams
                ? grams.amount().value().times(cooked.ofOne().minus(Rational.ONE))
                : Rational.ZERO;
    }

    private static Rational ml(Food food, Amount amount, Measures measures) {
        return Conversion.convert(food, amount, Unit.ML, measures) instanceof Conversion.Converted converted
                ? converted.amount().value()
                : amount.unit().dimension() == Dimension.MASS
                        ? measures.toBase(amount).value()
                        : Rational.ZERO;
    }
}
