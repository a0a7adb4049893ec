package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.Samples;
import wexilla.core.quantity.AmountReader.Packs;
import wexilla.core.quantity.Quantity;

/** Lines as people write them, each with what it means: amount | food | preparation. The beginning of a larger corpus. */
class LineCorpusTest {

    private static final String CORPUS = """
            500 g minced beef                          | 500 g        | minced beef     |
            500g minced beef                           | 500 g        | minced beef     |
            0.5 kg minced beef                         | 500 g        | minced beef     |
            1/2 kg minced beef                         | 500 g        | minced beef     |
            ½ kg minced beef                           | 500 g        | minced beef     |
            1,5 kg minced beef                         | 1.5 kg       | minced beef     |
            1.5kg minced beef                          | 1.5 kg       | minced beef     |
            2 lb minced beef                           | 2 lb         | minced beef     |
            2 lbs. minced beef                         | 2 lb         | minced beef     |
            1 pound minced beef                        | 1 lb         | minced beef     |
            1 lb 6 oz minced beef                      | 22 oz        | minced beef     |
            8 ounces minced beef                       | 8 oz         | minced beef     |
            minced beef                                | -            | minced beef     |
            some minced beef                           | -            | minced beef     |
            400-500 g minced beef                      | 400 g to 500 g | minced beef   |
            400 to 500 g minced beef                   | 400 g to 500 g | minced beef   |
            400 – 500 g minced beef                    | 400 g to 500 g | minced beef   |
            1 onion                                    | 1            | onion           |
            2 onions                                   | 2            | onion           |
            two onions                                 | 2            | onion           |
            an onion                                   | 1            | onion           |
            half an onion                              | 1/2          | onion           |
            ½ onion                                    | 1/2          | onion           |
            1½ onions                                  | 1 1/2        | onion           |
            1 1/2 onions                               | 1 1/2        | onion           |
            3 large onions, sliced                     | 3            | onion           | large, sliced
            3 onions (about 300 g), sliced             | 3            | onion           | sliced, about 300 g
            • 3 onions                                 | 3            | onion           |
            * 3 onions                                 | 3            | onion           |
            - 3 onions                                 | 3            | onion           |
            1 cup onions, chopped                      | 1 cup        | onion           | chopped
            1 cup chopped onion                        | 1 cup        | onion           | chopped
            3 cloves garlic                            | 3 cloves     | garlic          |
            3 cloves of garlic, crushed                | 3 cloves     | garlic          | crushed
            3 garlic cloves                            | 3            | garlic          | cloves
            1 head of garlic                           | 1 head       | garlic          |
            2 cups plain flour                         | 2 cups       | plain flour     |
            2 Cups Plain Flour                         | 2 cups       | plain flour     |
            1 1/2 cups plain flour, sifted             | 1 1/2 cups   | plain flour     | sifted
            1⅓ cups plain flour                        | 1 1/3 cups   | plain flour     |
            2/3 cup plain flour                        | 2/3 cup      | plain flour     |
            1 tbsp plain flour                         | 1 tbsp       | plain flour     |
            1 Tbsp. plain flour                        | 1 tbsp       | plain flour     |
            2 T plain flour                            | 2 tbsp       | plain flour     |
            2 tablespoons plain flour                  | 2 tbsp       | plain flour     |
            3/4 tsp salt                               | 3/4 tsp      | salt            |
            ¾ teaspoon sea salt                        | 3/4 tsp      | salt            |
            a pinch of salt                            | 1 pinch      | salt            |
            pinch of salt                              | -            | salt            | pinch of
            salt, to taste                             | -            | salt            | to taste
            salt (optional)                            | -            | salt            | optional
            2 x 400 g tins tomatoes                    | 800 g        | tinned tomatoes |
            2 × 400g tins chopped tomatoes             | 800 g        | tinned tomatoes | chopped
            2 x 400 g cans tomatoes, drained           | 800 g        | tinned tomatoes | drained
            2 tins tomatoes                            | 2 tins       | tinned tomatoes |
            1 tin (400 g) tomatoes                     | 400 g        | tinned tomatoes |
            1 x 400 g tin tomatoes                     | 400 g        | tinned tomatoes |
            400 g tomatoes                             | 400 g        | tomatoes        |
            3 tomatoes, peeled                         | 3            | tomatoes        | peeled
            2 kg pork shoulder, bone in                | 2 kg         | pork shoulder, bone in |
            250 g white beans, soaked overnight        | 250 g        | white beans     | soaked overnight
            1 litre white beans                        | 1 l          | white beans     |
            2 dl white beans                           | 2 dl         | white beans     |
            8 fl oz white beans                        | 8 fl oz      | white beans     |
            1 imperial pint white beans                | 1 imperial pt | white beans    |
            1 qt white beans                           | 1 qt         | white beans     |
            """;

    @Test
    void everyLineIsUnderstoodAsMeant() {
        LineReader reader = new LineReader(Samples.BOOK);
        List<String> wrong = new ArrayList<>();
        List<String> rows = CORPUS.lines().toList();
        for (String row : rows) {
            String[] meant = (row + " ").split("\\|");
            ReadLine line = reader.read(meant[0]);
            Quantity quantity = line.quantity();
            String amount = quantity == null ? "-" : quantity.toString();
            String read = amount + "|" + line.foodName() + "|" + line.preparation();
            if (!read.equals(meant[1].strip() + "|" + meant[2].strip() + "|" + meant[3].strip())) {
                wrong.add(meant[0].strip() + " → " + read);
            }
        }
        assertThat(rows).hasSizeGreaterThan(60);
        assertThat(wrong).isEmpty();
    }

    @Test
    void packsAreKeptBesideTheirTotal() {
        Packs packs =
                new LineReader(Samples.BOOK).read("2 x 400 g tins tomatoes").packs();
        assertThat(packs.count()).hasToString("2");
        assertThat(packs.each()).hasToString("400 g");
        assertThat(packs.container().symbol()).isEqualTo("tin");
    }

    @Test
    void whatMayBeTakenInsteadIsKeptApart() {
        ReadLine line = new LineReader(Samples.BOOK).read("500 g minced beef or lamb, browned");
        assertThat(line.foodName()).isEqualTo("minced beef");
        assertThat(line.alternatives()).containsExactly("lamb");
        assertThat(line.preparation()).isEqualTo("browned");
        assertThat(new LineReader(Samples.BOOK).read("1 tsp salt or to taste").alternatives())
                .isEmpty();
    }

    @Test
    void optionalIsSeenAnywhere() {
        LineReader reader = new LineReader(Samples.BOOK);
        assertThat(reader.read("1 onion, optional").optional()).isTrue();
        assertThat(reader.read("optional: 1 onion").optional()).isTrue();
        assertThat(reader.read("1 onion").optional()).isFalse();
    }
}
