package wexilla.core.people;

import java.util.Collection;
import java.util.Locale;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;

/** How much of an adult's portion somebody eats. Own definition: handbook, section 2. */
public enum Appetite {
    ADULT(Rational.ONE),
    TEENAGER(Rational.of(6, 5)),
    CHILD_9_TO_13(Rational.of(3, 4)),
    CHILD_4_TO_8(Rational.of(1, 2)),
    UNDER_4(Rational.of(3, 10));

    private final Rational portions;

    Appetite(Rational portions) {
        this.portions = portions;
    }

    /** In adult portions. */
    public Rational portions() {
        return portions;
    }

    /** As {@link #of} reads it: "adult", "9-13", "under 4". */
    public String words() {
        return switch (this) {
            case ADULT -> "adult";
            case TEENAGER -> "teenager";
            case CHILD_9_TO_13 -> "9-13";
            case CHILD_4_TO_8 -> "4-8";
            case UNDER_4 -> "under 4";
        };
    }

    /** What these people eat together, in adult portions. */
    public static Rational sum(Collection<Appetite> eaters) {
        return eaters.stream().map(Appetite::portions).reduce(Rational.ZERO, Rational::plus);
    }

    /** Whole portions that are cooked for so many. */
    public static Rational cooked(Rational portions) {
        return Rational.of(portions.ceiling());
    }

    /** Portions to put on the table for these people; one when nobody is written down. */
    public static Rational portions(Collection<Appetite> eaters) {
        return eaters.isEmpty() ? Rational.ONE : sum(eaters);
    }

    /**
     * By word or by years: "adult", "teenager", "child 9-13", "9–13", "under 4", "11".
     *
     * @throws Unfit if it is none of these
     */
    public static Appetite of(String age) {
        String plain = age.strip().toLowerCase(Locale.ROOT).replace('–', '-').replaceFirst("^(child|years?) *", "");
        if (plain.matches("\\d{1,3}")) {
            return ofYears(Integer.parseInt(plain));
        }
        return switch (plain) {
            case "adult" -> ADULT;
            case "teenager", "teen" -> TEENAGER;
            case "9-13" -> CHILD_9_TO_13;
            case "4-8" -> CHILD_4_TO_8;
            case "under 4", "0-3" -> UNDER_4;
            default -> throw new Unfit("“" + age + "” is no age; say adult, teenager, 9-13, 4-8, under 4, or years");
        };
    }

    private static Appetite ofYears(int years) {
        if (years > 120) {
            throw new Unfit("nobody is " + years + " years old");
        }
        return years >= 18
                ? ADULT
                : years >= 14 ? TEENAGER : years >= 9 ? CHILD_9_TO_13 : years >= 4 ? CHILD_4_TO_8 : UNDER_4;
    }
}
