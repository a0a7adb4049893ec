package wexilla.core.recipe.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.State;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Nature;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.check.RecipeFlag.Kind;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.HeatAdvice;
import wexilla.core.recipe.steps.PressureTime;

/**
 * What could make somebody ill, by what goes in and what the steps do with it: the foods say whether they are raw flesh,
 * frozen or perishable, the words only what is done (design: facts, section 3).
 */
public final class SafetyCheck {

    private static final String BAD_BUG = "FDA, Bad Bug Book: phytohaemagglutinin";
    private static final String PARTIAL = "USDA FSIS, partial cooking";
    private static final String SLOW_COOKERS = "USDA FSIS, Slow Cookers and Food Safety";
    private static final String DANGER_ZONE = "USDA FSIS, Danger Zone: 2 hours";
    private static final String STUFFING = "USDA FSIS, Stuffing and Food Safety";
    private static final String MARINADES = "USDA FSIS, Grilling and Food Safety";
    private static final String GLASS = "National Center for Home Food Preservation, freezing in glass";

    private static final String HOURS =
            "(?:overnight|all night|all day|(\\d+(?:[.,]\\d+)?)\\s*(?:h\\b|hrs?\\b|hours?\\b))";

    private static final Pattern SLOW = words("\\bslow[- ]cook");
    private static final Pattern UNDER_PRESSURE = words("\\bpressure\\b");
    private static final Pattern HARD_BOIL =
            words("\\bboil(?:ing|ed)?\\b[^.;]*\\b(?:hard|rapidly|\\d+\\s*min)|\\bpressure\\b");
    private static final Pattern BROWNED =
            words("\\b(?:brown|sear|seal|part-?cook|part-?bake|par-?boil|half-?cook|half-?bake)");
    private static final Pattern COOKED =
            words("\\b(?:simmer|bake|roast|braise|stew|cook (?:through|until)|boil|pressure|slow cook|poach|steam)");
    private static final Pattern HEAT = words(
            "\\b(?:simmer|bake|roast|braise|stew|cook|boil|poach|steam|fry|grill|brown|sear|microwave|heat|oven|pan|griddle|barbecue|toast|scald)");
    private static final Pattern DELAYED = words(
            "\\b(?:delay(?:ed)?[- ](?:start|timer|cook)\\w*|start(?:s)? (?:it )?later"
                    + "|(?:timer|oven|cooker|pot)\\b[^.;]{0,40}\\bto (?:start|come on|begin|switch on|turn on)\\b)[^.;]*");
    private static final Pattern STANDS =
            words("\\b(?:leave|let|stand|sit|rest|cool|keep|prove)[^.;]*?" + HOURS + "[^.;]*");
    private static final Pattern COLD = words(
            "\\b(?:fridge|refrigerat\\w*|chill\\w*|cold|ice|freez\\w*|oven|low heat|warm(?:ing)? (?:setting|drawer|plate)"
                    + "|keep[- ]warm|slow[- ]cook\\w*|simmer\\w*|cook\\w*|soak\\w*|marinat\\w*)");
    private static final Pattern OUT =
            words("\\b(?:counter|worktop|room temperature|on the side|out of the fridge|table|overnight)");
    private static final Pattern HALF = words(
            "\\b(?:part-?(?:cook|bake|roast)\\w*|half-?(?:cook|bake|roast)\\w*|half[- ]way"
                    + "|until (?:just )?(?:half|nearly|almost|not quite|barely) (?:cooked|done|baked)|take it out (?:early|before it is done))");
    private static final Pattern LATER = words("\\b(?:" + HOURS + "|tomorrow|next day|later|chill|fridge|cool)");
    private static final Pattern MARINADE = words("\\bmarinade\\b");
    private static final Pattern AS_SAUCE = words(
            "\\b(?:serve|drizzle|dip|spoon(?:ed)? over|pour(?:ed)? over|as (?:a |the )?sauce|dress|over the cooked|glaze|baste)");
    private static final Pattern BOILED = words("\\b(?:boil|simmer|bubble|reduce)");
    private static final Pattern STUFFS =
            words("\\bstuff(?:ed|ing)?\\b(?! (?:tomato|pepper|courgette|cabbage|marrow|onion|mushroom))");
    private static final Pattern WAITS =
            words("\\b(?:overnight|(?:night|day|evening) before|until tomorrow|fridge|refrigerat|freez|ahead)");
    private static final Pattern IN_OIL =
            words("\\b(?:cover|keep|store|bottle|jar|infus|steep|pack)\\w*\\b[^.;]*\\boil\\b"
                    + "|\\boil\\b[^.;]*\\b(?:cover|keep|store|bottle|jar|infus|steep)");
    private static final Pattern JARS = words("\\b(?:jars?|glass|kilner|mason)\\b");
    private static final Pattern FREEZES = words("\\bfreez");
    private static final Pattern FROM_FROZEN =
            words("\\b(?:from frozen|still frozen|without thawing|straight from the freezer)");

    private static final Set<State> COOKED_STATES = Set.of(State.COOKED, State.TINNED);
    private static final Set<String> SPRIGS = Set.of("sprig", "bunch", "stem", "leaf", "handful");
    private static final double TWO_HOURS = 2;

    private final Recipe recipe;
    private final List<RecipeFlag> flags = new ArrayList<>();
    private final String allSteps;

    private SafetyCheck(Recipe recipe) {
        this.recipe = recipe;
        this.allSteps = String.join(
                " \n ", recipe.steps().stream().map(RecipeStep::text).toList());
    }

    private static Pattern words(String words) {
        return Pattern.compile(words, Pattern.CASE_INSENSITIVE);
    }

    /** @param frozen foods that would be taken out of the freezer for it; none where nobody looks at stock */
    public static List<RecipeFlag> of(Recipe recipe, Collection<Food> frozen) {
        SafetyCheck check = new SafetyCheck(recipe);
        check.beans();
        check.partCooked();
        check.frozenIntoSlowCooker(frozen);
        check.frozenUnderPressure(frozen);
        check.delayed();
        check.standing();
        check.marinade();
        check.stuffedBird();
        check.inOil();
        check.jars();
        check.unheated();
        return List.copyOf(check.flags);
    }

    private void flag(@Nullable Integer line, @Nullable Integer step, String what, String why, String source) {
        flags.add(new RecipeFlag(Kind.SAFETY, line, step, what, why, source));
    }

    private @Nullable Integer line(Predicate<ReadLine> which) {
        for (int i = 0; i < recipe.lines().size(); i++) {
            if (which.test(recipe.lines().get(i).read())) {
                return i;
            }
        }
        return null;
    }

    private @Nullable Integer food(Predicate<Food> which) {
        return line(read -> read.food() != null && which.test(read.food()));
    }

    private String name(int line) {
        return recipe.lines().get(line).read().foodName();
    }

    private static boolean raw(ReadLine line) {
        Food food = line.food();
        return food != null
                && food.traits().rawFlesh()
                && (line.state() == null || !COOKED_STATES.contains(line.state()));
    }

    /** Flesh, raw or cooked, that does not stand on a shelf. */
    private static boolean perishable(ReadLine line) {
        Food food = line.food();
        return food != null
                && food.traits().animals().stream().anyMatch(Animal::flesh)
                && line.state() != State.TINNED
                && !food.traits().aisle().equals("tins");
    }

    private static boolean bird(Food food) {
        return food.traits().animals().stream().anyMatch(Animal::bird);
    }

    /** Kidney beans, red and white, raw in a slow cooker. */
    private void beans() {
        Matcher slow = SLOW.matcher(allSteps);
        if (!slow.find()) {
            return;
        }
        boolean boiled = HARD_BOIL.matcher(allSteps.substring(0, slow.start())).find();
        for (int i = 0; i < recipe.lines().size() && !boiled; i++) {
            Food food = recipe.lines().get(i).read().food();
            if (food != null && food.is(Nature.BOIL_HARD)) {
                flag(
                        i,
                        null,
                        food.name() + " go raw into the slow cooker",
                        "a slow cooker stays below the boil: soak 5 h, fresh water, boil hard 30 min first",
                        BAD_BUG);
            }
        }
    }

    /** Never a stop, and never a wait, while meat is part-cooked; mince that is browned is cooked through. */
    private void partCooked() {
        Integer meat = line(
                read -> raw(read) && read.food() != null && read.food().traits().cut() != Cut.MINCED);
        if (meat == null) {
            return;
        }
        boolean browned = false;
        boolean cooked = false;
        for (int i = 0; i < recipe.steps().size(); i++) {
            RecipeStep step = recipe.steps().get(i);
            boolean half = HALF.matcher(step.text()).find();
            browned |= BROWNED.matcher(step.text()).find() || half;
            cooked |= !half && COOKED.matcher(step.text()).find();
            boolean waits = half && LATER.matcher(step.text()).find()
                    || i > 0
                            && HALF.matcher(recipe.steps().get(i - 1).text()).find()
                            && LATER.matcher(step.text()).find();
            if (waits || step.stop() != null && browned && !cooked) {
                flag(
                        null,
                        i,
                        waits ? name(meat) + " waits between two cookings" : "it stops while the meat is part-cooked",
                        "food part-cooked is cooked through at once, never chilled between",
                        PARTIAL);
                return;
            }
        }
    }

    private void frozenIntoSlowCooker(Collection<Food> frozen) {
        if (!SLOW.matcher(allSteps).find()) {
            return;
        }
        boolean said = FROM_FROZEN.matcher(allSteps).find();
        for (int i = 0; i < recipe.lines().size(); i++) {
            ReadLine read = recipe.lines().get(i).read();
            boolean is = said || read.state() == State.FROZEN || frozen.contains(read.food());
            if (is && raw(read)) {
                flag(
                        i,
                        null,
                        name(i) + " may not go frozen into the slow cooker",
                        "it warms too slowly: thaw it in the fridge first",
                        SLOW_COOKERS);
            }
        }
    }

    /** A frozen bird, or a piece too heavy, has no time under pressure. */
    private void frozenUnderPressure(Collection<Food> frozen) {
        if (!UNDER_PRESSURE.matcher(allSteps).find()) {
            return;
        }
        boolean said = FROM_FROZEN.matcher(allSteps).find();
        for (int i = 0; i < recipe.lines().size(); i++) {
            ReadLine read = recipe.lines().get(i).read();
            boolean is = said || read.state() == State.FROZEN || frozen.contains(read.food());
            Food food = read.food();
            Amount much = read.quantity() == null ? null : read.quantity().max();
            Amount piece = much != null && much.unit().dimension() == Dimension.MASS ? much : null;
            if (is && raw(read) && food != null && HeatAdvice.thawFirst(food, piece)) {
                flag(
                        i,
                        null,
                        name(i) + " may not go frozen under pressure",
                        PressureTime.thawFirst(food),
                        "handbook, section 13");
            }
        }
    }

    /** In a cooker or oven that begins later, more than two hours from now. */
    private void delayed() {
        Integer line = line(SafetyCheck::perishable);
        for (int i = 0; i < recipe.steps().size() && line != null; i++) {
            Matcher delay = DELAYED.matcher(recipe.steps().get(i).text());
            if (delay.find() && hours(delay.group()) > TWO_HOURS) {
                flag(
                        line,
                        i,
                        name(line) + " would stand raw or cold in it until it begins",
                        "at most 2 hours between the fridge and the heat: begin at once, or chill it until then",
                        DANGER_ZONE);
                return;
            }
        }
    }

    /** The hours a text says; "overnight" and no hours at all are many. */
    private static double hours(String text) {
        Matcher said = words(HOURS).matcher(text);
        return said.find() && said.group(1) != null
                ? Double.parseDouble(said.group(1).replace(',', '.'))
                : TWO_HOURS + 1;
    }

    /** Out of the fridge for more than two hours. */
    private void standing() {
        Integer line = line(SafetyCheck::perishable);
        for (int i = 0; i < recipe.steps().size() && line != null; i++) {
            Matcher stands = STANDS.matcher(recipe.steps().get(i).text());
            if (stands.find()
                    && hours(stands.group()) > TWO_HOURS
                    && OUT.matcher(stands.group()).find()
                    && !COLD.matcher(stands.group()).find()) {
                flag(
                        line,
                        i,
                        name(line) + " would stand out of the fridge too long",
                        "at most 2 hours between 5 and 60 °C",
                        DANGER_ZONE);
                return;
            }
        }
    }

    private void marinade() {
        Integer line = line(SafetyCheck::raw);
        for (int i = 0; i < recipe.steps().size() && line != null; i++) {
            for (String sentence : recipe.steps().get(i).text().split("[.;]")) {
                if (MARINADE.matcher(sentence).find()
                        && AS_SAUCE.matcher(sentence).find()
                        && !BOILED.matcher(sentence).find()) {
                    flag(
                            line,
                            i,
                            "what raw " + name(line) + " lay in would be eaten",
                            "boil it first, or keep a clean part back before it meets the meat",
                            MARINADES);
                    return;
                }
            }
        }
    }

    private void stuffedBird() {
        Integer line = line(read -> raw(read) && read.food() != null && bird(read.food()));
        if (line == null) {
            return;
        }
        Food bird = recipe.lines().get(line).read().food();
        if (bird != null && bird.traits().cut() == Cut.STUFFED) {
            flag(
                    line,
                    null,
                    name(line) + " is bought stuffed and raw",
                    "cook it on the day, or from frozen without thawing; bird and stuffing both reach 74 °C",
                    STUFFING);
            return;
        }
        for (int i = 0; i < recipe.steps().size(); i++) {
            String text = recipe.steps().get(i).text();
            boolean waits = recipe.steps().get(i).stop() == Style.RAW_BAG
                    || WAITS.matcher(text).find();
            if (STUFFS.matcher(text).find() && waits) {
                flag(
                        line,
                        i,
                        name(line) + " would wait stuffed and raw",
                        "stuff it loosely just before it goes in; bird and stuffing both reach 74 °C",
                        STUFFING);
                return;
            }
        }
    }

    /** Garlic, herbs or vegetables kept in oil. */
    private void inOil() {
        Integer line = line(SafetyCheck::fresh);
        Integer oil = food(food -> food.name().endsWith("oil"));
        for (int i = 0; i < recipe.steps().size() && line != null && oil != null; i++) {
            if (IN_OIL.matcher(recipe.steps().get(i).text()).find()
                    && !HEAT.matcher(recipe.steps().get(i).text()).find()) {
                flag(
                        line,
                        i,
                        name(line) + " kept in oil",
                        "in the fridge and eaten within 4 days, or frozen: no air, no acid",
                        "CDC, botulism: garlic and herbs in oil");
                return;
            }
        }
    }

    private void jars() {
        for (int i = 0; i < recipe.steps().size(); i++) {
            String text = recipe.steps().get(i).text();
            if (JARS.matcher(text).find() && FREEZES.matcher(text).find()) {
                flag(
                        null,
                        i,
                        "glass goes into the freezer",
                        "only straight-sided freezer jars, cold before they go in, 13 mm of room at the top of a half"
                                + " litre and 25 mm of a litre",
                        GLASS);
                return;
            }
        }
    }

    /** A vegetable, or herbs by the sprig: with water in it, and no acid. */
    private static boolean fresh(ReadLine line) {
        boolean sprigs = line.quantity() != null
                && SPRIGS.contains(line.quantity().unit().symbol());
        return line.food() != null
                && line.state() != State.DRIED
                && (line.food().traits().aisle().equals("vegetables") || sprigs || line.state() == State.FRESH);
    }

    /** Frozen vegetables and berries that no step heats. */
    private void unheated() {
        if (recipe.steps().isEmpty() || HEAT.matcher(allSteps).find()) {
            return;
        }
        Integer line = line(read -> read.food() != null
                && read.food().traits().animals().isEmpty()
                && (read.food().keepingClass().equals("frozen-vegetables") || read.state() == State.FROZEN));
        if (line != null) {
            flag(
                    line,
                    null,
                    name(line) + " would be eaten unheated",
                    "frozen vegetables and berries are not washed to be eaten raw: boil them for a minute",
                    "EFSA, Listeria in frozen vegetables; hepatitis A in frozen berries");
        }
    }
}
