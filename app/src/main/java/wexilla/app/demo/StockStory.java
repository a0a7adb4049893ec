package wexilla.app.demo;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.demo.Script.HandScript;
import wexilla.app.demo.Script.NameScript;
import wexilla.app.demo.Script.NoteScript;
import wexilla.app.household.Households;
import wexilla.app.household.Names;
import wexilla.app.onhand.Hands;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Stowing;
import wexilla.app.platform.Acts;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;

/** What the demo household writes down of its stock, and takes. */
@Component
class StockStory {

    private final Households households;
    private final Stowing stowing;
    private final Lots lots;
    private final Hands hands;
    private final Names names;
    private final Acts acts;

    StockStory(Households households, Stowing stowing, Lots lots, Hands hands, Names names, Acts acts) {
        this.households = households;
        this.stowing = stowing;
        this.lots = lots;
        this.hands = hands;
        this.names = names;
        this.acts = acts;
    }

    void note(Household household, NoteScript note, Instant when) {
        acts.perform(household, Story.key(), "note", note, List.class, when, act -> {
            Acts.Done<Stowing.Stored> done = stowing.store(
                    act,
                    String.join("\n", note.lines()),
                    place(households, household, note.place()),
                    note.bought() ? new Stowing.Paid(Money.zero(household.currency()), till(household, note)) : null);
            return new Acts.Done<>(done.subject(), done.answer().lots());
        });
    }

    private static @Nullable Money till(Household household, NoteScript note) {
        return note.till() == null ? null : Money.parse(note.till(), household.currency());
    }

    void name(Household household, NameScript said, Instant when) {
        acts.perform(household, Story.key(), "name", said, String.class, when, act -> {
            String words = said.same() == null
                    ? names.own(act, said.name(), Objects.requireNonNull(said.like()), Set.of())
                    : names.same(act, said.name(), said.same());
            return new Acts.Done<>(words, "");
        });
    }

    void hand(Household household, HandScript script, Instant when) {
        acts.perform(household, Story.key(), "hand", script, String.class, when, act -> {
            UUID lot = lots.open(household).stream()
                    .filter(l -> l.name().equals(script.lot()))
                    .max(Comparator.comparing(l -> l.amount().value()))
                    .orElseThrow(() -> new IllegalStateException("the story has no " + script.lot() + " left"))
                    .id();
            String subject = switch (script.hand()) {
                case "move" ->
                    hands.move(
                            act,
                            lot,
                            script.amount(),
                            Objects.requireNonNull(place(households, household, script.place())));
                case "waste" -> hands.use(act, lot, script.amount(), Kind.WASTED, script.reason());
                case "eat" -> hands.use(act, lot, script.amount(), Kind.EATEN, "");
                default -> hands.use(act, lot, script.amount(), Kind.USED, "");
            };
            return new Acts.Done<>(subject, "");
        });
    }

    /** The place of this name; null for none. */
    static @Nullable UUID place(Households households, Household household, @Nullable String name) {
        return name == null
                ? null
                : households.places(household).stream()
                        .filter(p -> p.name().equals(name))
                        .findFirst()
                        .orElseThrow()
                        .id();
    }
}
