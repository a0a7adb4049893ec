package wexilla.core.stock.notes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NoteAmountsTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            3.2 kg pork shoulder                       | 1 x 3.2 kg
            3 x 500 g mince                            | 3 x 500 g
            tomato paste 6 little cans                 | 1 x 6 tins
            cooked chickpeas 500g                      | 1 x 500 g
            cookie dough 24 balls                      | 1 x 24 balls
            pork trotters x4                           | 1 x 4
            pheasant, brace                            | 1 x 2
            ham, 3 packs of 6 slices                   | 3 x 6
            60 meatballs raw, 3 bags of 20             | 3 x 20
            tortillas 3 pk of 10                       | 3 x 10
            waffles 2 bxs, 10 ct                       | 2 x 10
            ground turkey 3 rolls 1 lb                 | 3 x 1 lb
            pulled pork 3 packs (450g each)            | 3 x 450 g
            1 gal bag shredded chicken 2.5 lb          | 1 x 2 1/2 lb
            1 gal bag chicken backs                    | 1 x 1 bag
            4 qt containers vegetable soup             | 4 x 1 qt
            beans 4 lb in quart bags                   | 1 x 4 lb
            12 pork chops family pk 5.6 lb             | 1 x 5 3/5 lb
            2 hams 8.5 lb & 9.1 lb                     | 1 x 8 1/2 lb + 1 x 9.1 lb
            case of 24 green beans 14.5 oz             | 24 x 14 1/2 oz
            3 half gallons milk                        | 3 x 1/2 gal
            stock cubes 1 box of 24, 9 left            | 1 x 9
            milk, gallon, about half left              | 1 x 1/2
            2 bolognese for 6                          | 2 x 6 portions
            beef stew 2 bags of 4 portions             | 2 x 4 portions
            brisket 4 x 2 servings                     | 4 x 2 portions
            5 chilli single portions                   | 5 x 1 portion
            pasta bake, part 1 of 2, for 5             | 1 x 5 portions
            half a jar of sauce                        | 1 x 1/2 jar
            chilli 4 or 5 portions                     | 1 x 4 portions
            plain flour                                | 1 x nothing
            4 x 6 meatballs                            | 4 x 6
            butter 250 g x 3                           | 3 x 250 g
            milk 2l x4                                 | 4 x 2 l
            peppers 3 pack                             | 1 x 3
            eggs 30 tray                               | 1 x 30
            pulled pork 1.2 kg in 3 bags               | 3 x 400 g
            1 jar, half full                           | 1 x 1/2 jar
            1 tin white beans, 240 g drained           | 1 x 1 tin
            """)
    void soManyOfSoMuchEach(String text, String lots) {
        assertThat(NoteAmounts.in(text).lots().stream()
                        .map(lot -> lot.count() + " x " + (lot.each() == null ? "nothing" : lot.each()))
                        .collect(Collectors.joining(" + ")))
                .isEqualTo(lots);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            3 x 500 g mince                  | mince
            tomato paste 6 little cans       | tomato paste
            curry for 4                      | curry
            2 chicken trays 9x13, ready      | chicken trays 9x13, ready
            """)
    void whatIsLeftNamesTheThing(String text, String rest) {
        assertThat(NoteAmounts.in(text).rest().replaceAll("[,\\s]+$", "")).isEqualTo(rest);
    }

    @ParameterizedTest
    @ValueSource(strings = {"500 x 400 g tins", "2.5 x 400 g tins", "1e308 g mince"})
    void refusesWhatNobodyCarriesHome(String text) {
        assertThatThrownBy(() -> NoteAmounts.in(text)).hasMessageMatching(".{12,}");
    }
}
