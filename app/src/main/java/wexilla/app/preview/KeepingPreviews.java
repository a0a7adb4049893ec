package wexilla.app.preview;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingHistory;
import wexilla.core.keeping.KeepingHistory.Event;
import wexilla.core.keeping.KeepingHistory.What;
import wexilla.core.keeping.Thaw;
import wexilla.core.keeping.ThawWay;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;

/** How long something keeps, and when it must leave the freezer. */
@RestController
class KeepingPreviews {

    private static final int MOST_EVENTS = 50;
    private static final int MOST_PACKETS = 50;
    private static final Rational MOST_KG = Rational.of(100);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private final Reference reference;

    KeepingPreviews(Reference reference) {
        this.reference = reference;
    }

    /** @param at ISO date and time; @param what bought, opened, cooked, frozen, taken out, thawed in fridge … */
    record KeepingEvent(String at, String what) {}

    /** @param keepingClass of the keeping table, or a food of that class */
    record KeepingAsked(String keepingClass, List<KeepingEvent> history) {}

    /**
     * @param useFrom ISO day the warning starts; {@code eatBy} the last day, absent where there is no limit; {@code
     *     bestBefore} in the freezer and the cupboard
     */
    @JsonInclude(JsonInclude.Include.ALWAYS)
    record KeepingView(
            @Nullable String useFrom,
            @Nullable String eatBy,
            @Nullable String bestBefore,
            String rule,
            String source,
            String advice) {}

    @PostMapping("/api/preview/keeping")
    KeepingView keeping(@RequestBody KeepingAsked asked) {
        String keepingClass = reference
                .keepingClass(Asked.name("/keepingClass", asked.keepingClass(), 120))
                .orElseThrow(() -> Problem.at(
                        "/keepingClass",
                        "“" + asked.keepingClass() + "” is no keeping class and no food; say one of "
                                + String.join(", ", reference.keepingClasses()) + "."));
        if (asked.history().size() > MOST_EVENTS) {
            throw Problem.at("/history", asked.history().size() + " events; " + MOST_EVENTS + " is the most.");
        }
        List<Event> events = new ArrayList<>();
        for (int i = 0; i < asked.history().size(); i++) {
            KeepingEvent event = asked.history().get(i);
            String at = "/history/" + i;
            What what = What.of(event.what())
                    .orElseThrow(() -> Problem.at(
                            at + "/what",
                            "“" + event.what() + "” is not known; say "
                                    + Arrays.stream(What.values())
                                            .map(What::words)
                                            .collect(Collectors.joining(", ")) + "."));
            events.add(new Event(time(at + "/at", event.at()), what));
        }
        KeepingHistory.Kept kept =
                Asked.at("/history", () -> KeepingHistory.of(keepingClass, events, reference.keeping()));
        KeepDates dates = kept.dates();
        return new KeepingView(
                day(dates.useFrom()),
                day(dates.eatBy()),
                day(dates.bestBefore()),
                dates.rule(),
                dates.source(),
                kept.advice());
    }

    private static @Nullable String day(java.time.@Nullable LocalDate day) {
        return day == null ? null : day.toString();
    }

    /**
     * @param weight of one packet or of the heaviest piece; {@code packets} how many lie there, 1 when nothing is said;
     *     {@code stacked} when they count as one
     * @param shape whole bird, joint, pieces, tray, flat bag, block; @param method fridge, cold water, microwave
     */
    record ThawAsked(
            String weight,
            String shape,
            String method,
            String readyAt,
            @Nullable Integer packets,
            @Nullable Boolean stacked) {}

    /** @param takeOutAt ISO date and time; @param hours as a decimal */
    record ThawView(String takeOutAt, String hours, String rule, String source, List<String> warnings) {}

    @PostMapping("/api/preview/thaw")
    ThawView thaw(@RequestBody ThawAsked asked) {
        Amount weight = Asked.amount("/weight", asked.weight());
        if (weight.unit().dimension() != Dimension.MASS) {
            throw Problem.at("/weight", "“" + asked.weight() + "” is no weight; write it like 2.3 kg.");
        }
        int packets = asked.packets() == null ? 1 : asked.packets();
        if (packets < 1 || packets > MOST_PACKETS) {
            throw Problem.at("/packets", "From 1 to " + MOST_PACKETS + " packets thaw together, not " + packets + ".");
        }
        Rational kg = Measures.US.toBase(weight).value().dividedBy(Rational.of(1000));
        if (Boolean.TRUE.equals(asked.stacked())) {
            kg = kg.times(Rational.of(packets));
        }
        if (kg.isZero() || kg.compareTo(MOST_KG) > 0) {
            throw Problem.at("/weight", "“" + asked.weight() + "” is not thawed at home; write it like 2.3 kg.");
        }
        Thaw.Shape shape = oneOf("/shape", asked.shape(), Thaw.Shape.class);
        ThawWay.Thawing thawing =
                oneOf("/method", asked.method(), ThawWay.class).of(kg, shape);
        return new ThawView(
                TIME.format(thawing.takeOut(time("/readyAt", asked.readyAt()))),
                Rational.of(thawing.minutes(), 60).plain(),
                thawing.rule(),
                thawing.source(),
                thawing.warnings());
    }

    private static <E extends Enum<E>> E oneOf(String field, String said, Class<E> kinds) {
        return Arrays.stream(kinds.getEnumConstants())
                .filter(one -> words(one).equals(said.strip().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> Problem.at(
                        field,
                        "“" + said + "” is not known; say "
                                + Arrays.stream(Objects.requireNonNull(kinds.getEnumConstants()))
                                        .map(KeepingPreviews::words)
                                        .collect(Collectors.joining(", "))
                                + "."));
    }

    private static String words(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static LocalDateTime time(String field, String text) {
        try {
            return LocalDateTime.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no time; write it like 2026-11-28T16:00.");
        }
    }
}
