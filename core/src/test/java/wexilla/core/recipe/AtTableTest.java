package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.Samples;
import wexilla.core.recipe.lines.LineReader;

/** What is put on at the table, by hand; in doubt it is in the pot. Common practice, no source. */
class AtTableTest {

    private static final LineReader READER = new LineReader(Samples.BOOK);

    private static List<String> apart(String lines, String steps) {
        List<RecipeLine> read = Arrays.stream(lines.split(";"))
                .map(line -> RecipeLine.of(READER.read(line.strip())))
                .toList();
        List<RecipeStep> done = Arrays.stream(steps.split("/"))
                .map(step -> new RecipeStep(step.strip(), null))
                .toList();
        return AtTable.of(new Recipe("Dish", 4, read, done)).stream()
                .map(line -> line.read().foodName())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            300 g pasta; 50 g parmesan, to serve   | Boil the pasta 10 min, drain. / Serve with the parmesan.        | parmesan
            300 g pasta; 50 g parmesan             | Boil the pasta 10 min, drain. / Serve with parmesan.            | parmesan
            300 g pasta; parmesan, to serve        | Boil the pasta 10 min and drain.                                | parmesan
            300 g pasta; 50 g parmesan             | Boil the pasta 10 min and drain.                                | -
            300 g pasta; 50 g parmesan             | Boil the pasta, drain, stir in the parmesan and serve.          | -
            300 g pasta; 50 g parmesan, to serve   | Boil the pasta. / Sprinkle with the parmesan and bake 20 min.   | -
            300 g pasta; 50 g parmesan             | Boil the pasta. / Sprinkle with the parmesan. Bake 20 min.      | -
            300 g pasta; 50 g parmesan             | Put everything in the pot and simmer 20 min. Serve with parmesan. | -
            300 g pasta; 50 g parmesan, plus more to serve | Boil the pasta. / Serve with the parmesan.              | -
            1 kg chicken; 2 dl yoghurt             | Marinate the chicken in the yoghurt. Fry. Serve with yoghurt.   | -
            1 kg chicken; 2 dl yoghurt; 20 g peanuts | Fry the chicken 20 min. Serve with yoghurt, scatter the peanuts over. | yoghurt,peanuts
            300 g pasta; 50 g parmesan             | Boil the pasta 10 min, drain, parmesan on top.                  | parmesan
            300 g pasta; 50 g parmesan             | Boil the pasta. / Mix in the dish, parmesan on top. / Bake 20 min. | -
            300 g pasta; 50 g parmesan             | Boil the pasta. / Grate the parmesan on top.                    | -
            300 g noodles; 2 onions                | Simmer it all 10 min. / Serve the noodles in bowls.             | -
            1 kg potatoes; 50 g parmesan           | Cook what you peeled. / Sprinkle the potatoes with parmesan.    | parmesan
            1 kg potatoes; 50 g parmesan           | Cook what you peeled. / Scatter parmesan over the potatoes.     | parmesan
            1 kg potatoes; 50 g parmesan           | Cook what you peeled. / Top the potatoes with the parmesan. 20 minutes at 200 °C. | -
            300 g pasta; 50 g parmesan, to serve   | Boil the pasta. / Serve the parmesan on the side.               | parmesan
            300 g pasta; 50 g parmesan             | Layer pasta and sauce, parmesan on top. / Oven, until brown.    | -
            1 kg chicken; 20 g peanuts             | Fry the chicken 20 min. Serve, tossed: toss with the peanuts.   | -
            """)
    void byHand(String lines, String steps, String names) {
        assertThat(apart(lines, steps)).containsExactly(names == null ? new String[0] : names.split(","));
    }
}
