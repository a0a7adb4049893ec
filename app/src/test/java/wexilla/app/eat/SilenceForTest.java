package wexilla.app.eat;

import java.util.Optional;
import java.util.UUID;
import wexilla.app.household.Households;
import wexilla.app.support.Kitchen;

/** Lets a test say "an hour has passed" without waiting for it. */
public final class SilenceForTest {

    private SilenceForTest() {}

    public static void assume(UUID household) {
        Kitchen.bean(Silence.class)
                .assume(Kitchen.bean(Households.class)
                        .find(Optional.of(household))
                        .orElseThrow());
    }
}
