package wexilla.app.household;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.core.equipment.VesselRule;
import wexilla.core.equipment.VesselSize;
import wexilla.core.food.Key;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.recipe.steps.PressureTime;

/** How full vessels may be, and what stands in them piece by piece: reference files, read once. */
@Component
public class Vessels {

    private final List<VesselRule> rules;
    private final Map<Key, Rational> standing;
    private final PressureTime.Table pressure;

    Vessels(Reference reference) {
        rules = ReferenceRows.of("vessels.csv").stream().map(Vessels::rule).toList();
        standing = ReferenceRows.of("standing.csv").stream()
                .collect(Collectors.toMap(
                        row -> Key.food(row.get("slug")), row -> Rational.of(new BigDecimal(row.get("each_cm2")))));
        pressure = new PressureTime.Table(
                ReferenceRows.of("pressure.csv").stream().map(Vessels::pressure).toList(),
                ReferenceRows.of("comeup.csv").stream().map(Vessels::comeUp).toList(),
                reference.heat());
    }

    private static PressureTime.Rule pressure(CSVRecord row) {
        String most = row.get("most_kg");
        return new PressureTime.Rule(
                Key.food(row.get("slug")),
                PressureTime.State.valueOf(row.get("state")),
                Rational.of(new BigDecimal(row.get("minutes"))),
                Rational.of(new BigDecimal(row.get("per_kg"))),
                Integer.parseInt(row.get("release")),
                most.isEmpty() ? null : Rational.of(new BigDecimal(most)),
                ReferenceRows.source(row));
    }

    private static PressureTime.ComeUp comeUp(CSVRecord row) {
        return new PressureTime.ComeUp(
                Rational.of(new BigDecimal(row.get("filled_to"))),
                Integer.parseInt(row.get("fresh")),
                Integer.parseInt(row.get("frozen")));
    }

    private static VesselRule rule(CSVRecord row) {
        return new VesselRule(
                row.get("kind"),
                Rational.of(new BigDecimal(row.get("limit"))),
                number(row, "swelling"),
                number(row, "least"),
                number(row, "least_liquid_ml"),
                number(row, "depth_cm"),
                ReferenceRows.list(row, "sizes").stream().map(VesselSize::parse).toList(),
                ReferenceRows.source(row));
    }

    private static @Nullable Rational number(CSVRecord row, String column) {
        String text = row.get(column);
        return text.isEmpty() ? null : Rational.of(new BigDecimal(text));
    }

    /** The rule for vessels of this kind, said in any case: "pressure cooker". */
    public Optional<VesselRule> rule(String kind) {
        String plain = kind.strip().toLowerCase(Locale.ROOT).replace('_', ' ');
        return rules.stream().filter(rule -> rule.kind().equals(plain)).findFirst();
    }

    /** How long foods take under pressure. */
    public PressureTime.Table pressure() {
        return pressure;
    }

    /** All kinds, for messages. */
    public String kinds() {
        return rules.stream().map(VesselRule::kind).collect(Collectors.joining(", "));
    }

    /** What one piece of a food needs of the bottom when pieces stand side by side, in square centimetres. */
    public Map<Key, Rational> standing() {
        return standing;
    }

    /** How large a piece of equipment is, to its usual depth where its sides are known; empty when that is not known. */
    public Optional<VesselSize> measured(Equipped.Equipment piece) {
        String text = piece.size();
        if (text == null) {
            return Optional.empty();
        }
        try {
            VesselSize size = VesselSize.parse(text);
            return rule(piece.kind().name()).map(rule -> rule.sized(size)).filter(sized -> sized.ml() != null);
        } catch (Unfit unreadable) {
            return Optional.empty();
        }
    }
}
