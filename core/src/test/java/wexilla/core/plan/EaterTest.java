package wexilla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodWord;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Caution;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Traits;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.quantity.Unit;

/** Who must not eat what, who would rather not; hard things are told before wishes. */
class EaterTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    private static Food food(String name, Set<Allergen> allergens, Map<Caution, String> cautions) {
        Traits traits =
                new Traits("other", "", Contents.having(allergens), Set.of(), Cut.PART, cautions, Map.of(), Set.of());
        return new Food(Key.food(name), name, List.of(), Unit.G, "dry-goods", false, Scaling.LINEAR, List.of(), traits);
    }

    private static final Food HONEY = food("honey", Set.of(), Map.of(Caution.HONEY, "CDC (from memory)"));
    private static final Food CHEESE =
            food("raw-milk cheese", Set.of(Allergen.MILK), Map.of(Caution.RAW_MILK, "FDA (from memory)"));
    private static final Food SALMON =
            food("cold-smoked fish", Set.of(Allergen.FISH), Map.of(Caution.COLD_SMOKED_FISH, "FDA (from memory)"));
    private static final Food CHILLI = food("chilli flakes", Set.of(), Map.of());

    private static List<String> told(Eater eater, String dish) {
        return eater.against(DAY, dish, List.of(HONEY, CHEESE, SALMON, CHILLI)).stream()
                .map(Judgement::remark)
                .map(remark -> remark.level() + " " + remark.words())
                .toList();
    }

    /** FDA and CDC advice, from memory: honey before the first birthday, raw milk and cold-smoked fish for two more. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            UNDER_12_MONTHS | STOP Al is under 12 months: no honey (honey);STOP Al is under 12 months: no raw milk goods (raw-milk cheese)
            PREGNANT | STOP Al is pregnant: no raw milk goods (raw-milk cheese);STOP Al is pregnant: no cold-smoked fish (cold-smoked fish)
            FRAIL | STOP Al is frail: no raw milk goods (raw-milk cheese);STOP Al is frail: no cold-smoked fish (cold-smoked fish)
            """)
    void whoShouldNotEatIt(Flag flag, String words) {
        Eater eater = new Eater("Al", Appetite.ADULT, Set.of(), Set.of(flag), List.of(), 3);
        assertThat(told(eater, "Supper")).containsExactly(words.split(";"));
        assertThat(eater.against(DAY, "Supper", List.of(HONEY, CHEESE))
                        .get(0)
                        .remark()
                        .why())
                .contains("from memory");
    }

    @Test
    void allergensAreHardDislikesAndChilliAreWishes() {
        Eater eater = new Eater(
                "Bo", Appetite.CHILD_4_TO_8, Set.of(Allergen.FISH), Set.of(), List.of(new FoodWord("Leeks", null)), 0);
        assertThat(told(eater, "Leek and fish bake"))
                .containsExactlyInAnyOrder(
                        "STOP Bo must not eat fish: cold-smoked fish",
                        "HINT Bo does not like Leeks",
                        "HINT Bo eats no chilli: season the pot mild, chilli at the table");
    }

    /** What nobody has described is told by its name, never taken for harmless. */
    @Test
    void whatNobodyHasDescribedIsTold() {
        Food tamari = Food.unknown(Key.food("t"), "tamari", Unit.ML);
        Eater eater = new Eater("Bo", Appetite.ADULT, Set.of(Allergen.GLUTEN), Set.of(), List.of(), 3);
        assertThat(eater.against(DAY, "Supper", List.of(tamari, SALMON)).stream()
                        .map(judgement -> judgement.remark().words())
                        .toList())
                .containsExactly("nobody has said what is in tamari: look at the pack for Bo");
    }

    @Test
    void whoEatsEverythingIsToldNothing() {
        assertThat(told(new Eater("Cy", Appetite.TEENAGER, Set.of(), Set.of(), List.of(), 3), "Leek bake"))
                .isEmpty();
    }

    /** Of what is put on at the table a plate is served without; what is in the pot is for everybody or for nobody. */
    @Test
    void servedWithout() {
        Eater eater = new Eater("Al", Appetite.ADULT, Set.of(Allergen.MILK), Set.of(), List.of(), 3);
        List<Eater> all = List.of(eater);
        Served apart = new Served(List.of(HONEY, CHEESE), List.of(CHEESE));
        assertThat(Eater.verdict(all, "Supper", apart)).isZero();
        assertThat(eater.mustNot("Supper", apart)).isEmpty();
        assertThat(eater.without(apart).orElseThrow().foods()).containsExactly("raw-milk cheese");
        assertThat(eater.against(DAY, "Supper", apart).stream().map(Judgement::level))
                .containsExactly(Judgement.Level.DO);
        Served inIt = new Served(List.of(HONEY, CHEESE), List.of(HONEY));
        assertThat(Eater.verdict(all, "Supper", inIt)).isEqualTo(Eater.MUST_NOT);
        assertThat(eater.without(inIt)).isEmpty();
        // nothing is left of it
        assertThat(eater.without(new Served(List.of(CHEESE), List.of(CHEESE)))).isEmpty();
    }
}
