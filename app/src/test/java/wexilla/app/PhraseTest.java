package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Food;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** A name covers its phrase, or it is another food: the rule, with the foods that ship. */
class PhraseTest {

    private final Reference reference = Kitchen.bean(Reference.class);
    private final LineReader reader = new LineReader(reference.book());

    /** Heads that make a new food of what stands before them, whether the book knows it or not. */
    @ParameterizedTest
    @CsvSource({
        "almond butter, butter",
        "walnut butter, butter",
        "chicken soup, whole chicken",
        "parsnip soup, parsnip",
        "cauliflower rice, long-grain rice",
        "broccoli rice, long-grain rice",
        "onion soup mix, onion",
        "leek soup mix, leek",
        "rye crisps, rye flour",
        "garlic salt, salt",
        "smoked garlic salt, salt",
        "beef crisps, beef steak",
        "cheese burger, hard cheese",
        "pumpkin pie, pumpkin",
        "carrot cake, carrot",
        "potato bread, bread",
        "butter lettuce hearts, butter",
        "chicken seasoning, whole chicken",
        "tomato crisps, tomatoes",
        "turkey gravy mix, gravy",
        "oat cream, cream",
        "gluten-free spaghetti, spaghetti",
        "dairy-free yoghurt, yoghurt",
        "vegan mince, minced beef",
        "egg-free mayonnaise, mayonnaise"
    })
    void neverFallsBackToTheOtherWord(String text, String never) {
        ReadLine line = reader.read("2 tbsp " + text);
        assertThat(line.foodName()).isNotEqualTo(never);
        assertThat(line.food() != null || line.notUnderstood().contains(line.foodName()))
                .as("known, or said to be unknown")
                .isTrue();
    }

    /** What is made of two things is one thing by its last word; two things by themselves stay two. */
    @ParameterizedTest
    @CsvSource({
        "1 tin ham and pea soup, ham and pea soup",
        "250 g spinach and ricotta tortellini, spinach and ricotta tortellini",
        "2 steak and kidney pies, steak and kidney pies",
        "1 bag cheese & onion crisps, cheese & onion crisps",
        "150 g garlic and herb cream cheese, garlic and herb cream cheese",
        "1 packet chicken and herb rice mix, chicken and herb rice mix",
        "1 tbsp oil and vinegar dressing, oil and vinegar dressing",
        "100 g ham and cream cheese, cooked ham + soft cheese",
        "2 tbsp ketchup and soy sauce, ketchup + soy sauce",
        "1 tub coleslaw and potato salad, coleslaw + potato salad",
        "1 cup pasta and tomato sauce, pasta + tomato sauce",
        "2 tbsp lemon and lime juice, lemon juice + lime juice",
        "1 onion and 2 celery sticks, onion + celery",
        "'1 each red, yellow and green peppers', bell pepper + bell pepper + bell pepper",
        "'1 red, 1 yellow and 1 green pepper', bell pepper",
        "1 tsp each ground cloves and allspice, cloves + allspice",
        "1 tsp ground cumin and coriander, cumin + ground coriander",
        "yolk of 1 egg, egg yolk",
        "a 5cm piece of ginger, ginger",
        "1 x 400g tin chickpeas or 250g cooked chickpeas, tinned chickpeas"
    })
    void oneThingOfTwo(String text, String foods) {
        ReadLine line = reader.read(text);
        assertThat(java.util.stream.Stream.concat(java.util.stream.Stream.of(line), line.also().stream())
                        .map(ReadLine::foodName)
                        .collect(Collectors.joining(" + ")))
                .isEqualTo(foods);
    }

    /** A size behind the name is of each pack or of all the pieces, though no comma parts it. */
    @ParameterizedTest
    @CsvSource({
        "1 pack spaghetti 500g, 500 g",
        "2 tins chickpeas 400g, 800 g",
        "1 tin tomatoes 400g chopped, 400 g",
        "1 whole chicken 4 lb, 4 lb",
        "2 onions 300g, 300 g",
        "4 salmon fillets 150 g each, 600 g",
        "2 cups flour 250 g, 2 cups",
        "half a jar of sauce now and the other half later, 1 jar"
    })
    void aSizeBehindTheName(String text, String amount) {
        assertThat(reader.read(text).quantity()).hasToString(amount);
    }

    /** Nobody buys the legs for their bones: what is left of a thing is no purchase of it. */
    @Test
    void whatIsLeftOfAThing() {
        ReadLine bones = reader.read("bones of 4 chicken legs");
        assertThat(bones.foodName()).isEqualTo("chicken bones");
        assertThat(bones.quantity()).isNull();
        assertThat(reader.read("necks of 2 pheasants").food()).isNull();
    }

    /** Lean and fat of a mince are no amount. */
    @Test
    void leanAndFatAreNoAmount() {
        assertThat(reader.read("1 lb 80/20 ground beef").quantity()).hasToString("1 lb");
        assertThat(reader.read("93/7 ground turkey").quantity()).isNull();
    }

    /** Words that change nothing about which food it is. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            large ripe tomatoes, chopped             | tomatoes
            lean minced beef (5% fat)                | minced beef
            skinless boneless chicken breasts        | chicken breast
            unsalted butter, softened                | butter
            finely grated carrot                     | carrot
            low-salt soy sauce                       | soy sauce
            peeled and deveined prawns               | prawns
            93% lean ground beef                     | minced beef
            baby spinach leaves                      | spinach
            fat garlic cloves                        | garlic
            day-old bread                            | stale bread
            fire-roasted diced tomatoes in a tin     | tinned tomatoes
            """)
    void whatIsOnlySaidOfIt(String text, String food) {
        assertThat(reader.read(text).foodName()).isEqualTo(food);
    }

    /** A state makes another thing of a food, by its own name or by the food's. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2 cups cooked quinoa                     | cooked quinoa    | COOKED
            300 g leftover roast chicken             | cooked chicken   | COOKED
            1 tin green beans                        | tinned green beans | TINNED
            frozen chopped spinach                   | frozen spinach   | FROZEN
            500 g ground venison                     | minced venison   | MINCED
            2 tbsp fresh oregano                     | fresh oregano    | FRESH
            smoked trout                             | smoked trout     | SMOKED
            peas, frozen                             | frozen peas      | FROZEN
            boiled parsnips                          | cooked parsnip   | COOKED
            """)
    void theStateBelongsToTheThing(String text, String food, String state) {
        ReadLine line = reader.read(text);
        assertThat(line.foodName()).isEqualTo(food);
        assertThat(String.valueOf(line.state())).isEqualTo(state);
    }

    /** What is cooked keeps as cooked, and is found again by its key. */
    @Test
    void aFoodInAStateIsFoundByItsKeyAndKeepsByIt() {
        Food cooked = reader.read("2 cups cooked quinoa").knownFood().orElseThrow();
        Food parsnip = reader.read("cooked parsnip").knownFood().orElseThrow();
        for (Food food : List.of(cooked, parsnip)) {
            assertThat(reference.book().get(food.key())).contains(food);
            assertThat(reference.keeping().rule(food.keepingClass()).fridge()).isNotNull();
        }
        assertThat(parsnip.keepingClass()).isEqualTo("cooked-dish");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            brocolli                 | broccoli
            2 zuchini                | courgette
            1 cup shredded chedder   | hard cheese
            tomatoe paste            | tomato paste
            parmesean                | grating cheese
            """)
    void oneSlipOfThePenIsReadAndSaid(String text, String food) {
        ReadLine line = reader.read(text);
        assertThat(line.foodName()).isEqualTo(food);
        assertThat(line.preparation()).contains(": ");
    }

    /** Words that are spelt right are not bent to others, however near: batter is no butter. */
    @ParameterizedTest
    @ValueSource(strings = {"batter", "mullet", "sorrel", "sherbet", "taro"})
    void whatIsSpeltRightIsNotCorrected(String text) {
        assertThat(reader.read("200 g " + text).preparation()).doesNotContain(": ");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1/2 tsp pepper           | ground black pepper
            2 peppers                | bell pepper
            salt and pepper          | salt and pepper
            1 tsp coriander          | ground coriander
            1 bunch coriander        | coriander leaf
            pepper                   | ground black pepper
            """)
    void theUnitMayDecide(String text, String food) {
        assertThat(reader.read(text).foodName()).isEqualTo(food);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            2 carrots, 2 celery sticks and 1 onion, finely chopped | 2 carrot + 2 sticks celery + 1 onion
            1/2 tsp each salt, black pepper and paprika            | 1/2 tsp salt + 1/2 tsp ground black pepper + 1/2 tsp paprika
            4 burger buns, lettuce and ketchup, to serve           | 4 burger buns + - lettuce + - ketchup
            1 tbsp butter plus 1 tbsp oil                          | 1 tbsp butter + 1 tbsp oil
            2 whole eggs and 3 whites                              | 2 egg + 3 egg white
            1/2 cup sweet and sour sauce                           | 1/2 cup sweet and sour sauce
            1 red and 1 yellow pepper, sliced                      | 2 bell pepper
            2 tbsp olive oil or butter                             | 2 tbsp olive oil
            1 tbsp white or red wine vinegar                       | 1 tbsp wine vinegar
            1 kg turkey thighs, bone in                            | 1 kg turkey legs
            3 tbsp olive oil, plus extra for drizzling             | 3 tbsp olive oil
            """)
    void severalFoodsOfOneLine(String text, String foods) {
        ReadLine line = reader.read(text);
        assertThat(line.each().stream().map(PhraseTest::words).collect(Collectors.joining(" + ")))
                .isEqualTo(foods);
        // a line for each is read again as the same
        assertThat(line.each().stream()
                        .map(one -> words(reader.read(one.text())))
                        .collect(Collectors.joining(" + ")))
                .isEqualTo(foods);
    }

    private static String words(ReadLine line) {
        return (line.quantity() == null ? "-" : line.quantity().toString()) + " " + line.foodName();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            4 chicken breasts (600 g)                 | 600 g
            6 chicken thighs, about 900 g             | 900 g
            4 lamb shanks, about 350 g each           | 1.4 kg
            2 sticks (1 cup) butter                   | 1 cup
            2 tins (400 g) tomatoes                   | 800 g
            2 pouches microwave rice (250 g each)     | 500 g
            1 beef brisket, 2-2.5 kg                  | 2 kg to 2.5 kg
            400g tin chickpeas, drained (240g drained weight) | 240 g
            1 cup minus 1 tbsp milk                   | 15 tbsp
            a cup or two of frozen peas               | 1 cup to 2 cups
            up to 200 ml water                        | 0 ml to 200 ml
            """)
    void aTotalIsATotalAndASizeASize(String text, String amount) {
        assertThat(reader.read(text).quantity()).hasToString(amount);
    }

    /** Section 5 of the design: never silently without what it has. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            almond butter    | NUTS
            burger buns      | GLUTEN
            soya yoghurt     | SOYA
            crab sticks      | CRUSTACEANS
            cheese sauce     | MILK
            mustard greens   | MUSTARD
            hard-boiled egg  | EGGS
            cooked prawns    | CRUSTACEANS
            smoked trout     | FISH
            """)
    void whatIsMadeOfItCarriesIt(String text, String allergen) {
        Food food = reader.read("1 " + text).knownFood().orElseThrow();
        assertThat(food.traits().contents().allergens(null).stream()
                        .map(Enum::name)
                        .toList())
                .contains(allergen);
    }
}
