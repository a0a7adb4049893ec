package wexilla.app.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wexilla.app.support.EveryAct;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** Every act with the ids of another household: there is nothing like that here, and nothing changes there. */
class OtherHouseholdTest {

    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    /** What is shown of a household, in which any change of it shows. */
    private static final List<String> SHOWN = List.of(
            "/api/acts",
            "/api/batches",
            "/api/household",
            "/api/onhand",
            "/api/plan",
            "/api/recipes",
            "/api/shop",
            "/api/stretch");

    private final Http own = Kitchen.demoHousehold();
    private final Http other = Kitchen.emptyHousehold();

    private List<String> shown() {
        return SHOWN.stream().map(path -> own.get(path).ok().toString()).toList();
    }

    @Test
    void noActReachesIntoAnotherHousehold() {
        List<EveryAct.Request> acts = EveryAct.of(own);
        List<String> before = shown();
        int named = 0;
        for (EveryAct.Request act : acts) {
            Http.Answer answer = other.act(act.url(), act.text());
            if (ID.matcher(act.url()).find()) {
                named++;
                assertThat(answer.status()).as(act.url() + ": " + answer.body()).isEqualTo(404);
            }
            if (answer.status() == 200) {
                // what was taken is its own: nothing that is not the other one's is named in it
                assertThat(ids(answer.body().toString()))
                        .as(act.url())
                        .doesNotContainAnyElementsOf(ids(before.toString()));
            }
        }
        assertThat(named).isGreaterThan(15);
        assertThat(shown()).isEqualTo(before);
    }

    private static Set<String> ids(String text) {
        Set<String> ids = new LinkedHashSet<>();
        ID.matcher(text).results().map(MatchResult::group).forEach(ids::add);
        return ids;
    }
}
