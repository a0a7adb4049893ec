package wexilla.core.keeping;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * How long thawing in the fridge takes: 24 hours for every 4 to 5 lb, so ceil(kg / 1.81) × 24, at least 24.
 *
 * <p>Source: USDA FSIS, The Big Thaw (from memory); whole birds at least 48, trays 36, flat bags of a litre or less 20
 * hours: common practice, no source; flat and no thicker than 3 cm a day whatever it weighs: own definition.
 */
public final class Thaw {

    /** The shape decides how fast the cold leaves. */
    public enum Shape {
        WHOLE_BIRD(48, "whole birds at least 48 h"),
        JOINT(24, "24 h for every 1.8 kg"),
        PIECES(24, "24 h for every 1.8 kg"),
        BLOCK(24, "24 h for every 1.8 kg"),
        TRAY(36, "a tray 36 h"),
        /** A bag nobody said the shape of: flat while it holds no more than a litre, else a block. */
        BAG(20, "a flat bag of a litre or less 20 h"),
        /** No thicker than 3 cm. */
        FLAT_BAG(20, "a flat bag of a litre or less 20 h");

        private final int least;
        private final String rule;

        Shape(int least, String rule) {
            this.least = least;
            this.rule = rule;
        }

        /** The rule in words. */
        public String rule() {
            return rule;
        }
    }

    /** The shape of what lies in the freezer: as it was said, else as far as its class and its container tell. */
    public static Shape shape(
            String keepingClass, boolean dish, @Nullable ContainerKind container, @Nullable PacketShape said) {
        if (said != null && container != ContainerKind.TRAY) {
            return said == PacketShape.FLAT ? Shape.FLAT_BAG : Shape.BLOCK;
        }
        if (container == ContainerKind.TRAY) {
            return Shape.TRAY;
        }
        if (dish) {
            return container == null || container == ContainerKind.BAG ? Shape.BAG : Shape.JOINT;
        }
        return keepingClass.startsWith("raw-poultry-whole") ? Shape.WHOLE_BIRD : Shape.JOINT;
    }

    private static final Rational KG_A_DAY = Trade.number("thaw.bird-kg-a-day");
    private static final Rational LITRE_BAG_KG = Rational.ONE;
    private static final int DAY = 24;

    private Thaw() {}

    /**
     * The first day on which something taken out now is thawed in time.
     *
     * @param hours it needs, 0 for what is not frozen
     * @param by when it has to be thawed on that day: to the table, or when work begins
     */
    public static LocalDate ready(LocalDateTime now, int hours, LocalTime by) {
        LocalDateTime ready = now.plusHours(hours);
        return ready.toLocalTime().isAfter(by) && hours > 0
                ? ready.toLocalDate().plusDays(1)
                : ready.toLocalDate();
    }

    /** Hours in the fridge. */
    public static int hours(Rational kg, Shape shape) {
        boolean bag = shape == Shape.FLAT_BAG || shape == Shape.BAG;
        if (bag && kg.compareTo(LITRE_BAG_KG) <= 0) {
            return shape.least;
        }
        if (shape == Shape.FLAT_BAG) {
            return DAY;
        }
        int days = kg.dividedBy(KG_A_DAY).ceiling().intValueExact();
        return Math.max(Math.max(DAY, shape.least), DAY * days);
    }

    /** The rule those hours come from, in words. */
    public static String rule(Rational kg, Shape shape) {
        if (hours(kg, shape) == shape.least) {
            return shape.rule;
        }
        return shape == Shape.FLAT_BAG ? "flat, no thicker than 3 cm: 24 h" : Shape.BLOCK.rule;
    }

    /** When it must leave the freezer to be thawed by then. */
    public static LocalDateTime takeOut(LocalDateTime readyAt, Rational kg, Shape shape) {
        return readyAt.minusHours(hours(kg, shape));
    }
}
