package wexilla.core.keeping;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/** The ways to thaw. Never on the counter (USDA FSIS, The Big Thaw, from memory). */
public enum ThawWay {
    FRIDGE {
        @Override
        public Thawing of(Rational kg, Thaw.Shape shape) {
            return new Thawing(
                    60 * Thaw.hours(kg, shape), "in the fridge: " + Thaw.rule(kg, shape), PUBLISHED, List.of());
        }
    },
    /** 30 minutes a pound, at least an hour. */
    COLD_WATER {
        @Override
        public Thawing of(Rational kg, Thaw.Shape shape) {
            List<String> warnings = new ArrayList<>();
            warnings.add("keep it wrapped tight and change the water every 30 min");
            warnings.add(AT_ONCE);
            int minutes = Math.max(Trade.whole("thaw.water-least-minutes"), byPound(kg, "thaw.water-minutes"));
            return new Thawing(minutes, "in cold water: 30 min a pound, at least 60 min", PUBLISHED, warnings);
        }
    },
    MICROWAVE {
        @Override
        public Thawing of(Rational kg, Thaw.Shape shape) {
            return new Thawing(
                    byPound(kg, "thaw.microwave-minutes"),
                    "in the microwave on defrost: about 8 min a pound, turned often",
                    "common practice, no source",
                    List.of(AT_ONCE, "the maker's own table comes first"));
        }
    };

    private static final String PUBLISHED = "USDA FSIS, The Big Thaw";
    private static final String AT_ONCE = "cook it at once; it is not frozen again raw";

    /** How long it takes and what to know. @param minutes until it is thawed */
    public record Thawing(int minutes, String rule, String source, List<String> warnings) {

        public Thawing {
            warnings = List.copyOf(warnings);
        }

        /** When it must leave the freezer to be thawed by then. */
        public LocalDateTime takeOut(LocalDateTime readyAt) {
            return readyAt.minusMinutes(minutes);
        }
    }

    /** @param kg of what lies in one piece: packets apart thaw side by side, each by its own weight */
    public abstract Thawing of(Rational kg, Thaw.Shape shape);

    private static int byPound(Rational kg, String minutesAPound) {
        Rational pounds =
                kg.dividedBy(Measures.US.toBase(Amount.of(1, Unit.LB)).value()).times(Rational.of(1000));
        return pounds.times(Trade.number(minutesAPound)).ceiling().intValueExact();
    }
}
