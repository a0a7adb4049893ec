package wexilla.core.food.facts;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/** What was done to the flesh of an animal before it comes into the kitchen, as far as rules of safety ask. */
public enum Cut {
    /** A muscle or fish in one piece, or in a few: joint, steak, fillet, thigh. */
    WHOLE,
    /** A whole bird. */
    BIRD,
    /** Pierced, injected, marinated by the maker, or rolled: what was outside is inside. */
    TENDERISED,
    STUFFED,
    /** In cubes or strips: stew meat. */
    DICED,
    /** Minced, with or without anything in it: sausages, burgers. */
    MINCED,
    OFFAL,
    /** For stock. */
    BONES,
    /** Rendered, or to be rendered. */
    FAT,
    GELATINE,
    CURED_RAW,
    CURED_COOKED,
    SMOKED_COLD,
    SMOKED_HOT,
    /** In a crust of crumbs or batter. */
    COATED,
    COOKED,
    /** Offal, cooked and spread: pâté. */
    OFFAL_COOKED,
    /** Part of a made thing, in whatever form. */
    PART;

    private static final Set<Cut> RAW =
            EnumSet.of(WHOLE, BIRD, TENDERISED, STUFFED, DICED, MINCED, OFFAL, BONES, CURED_RAW, COATED, SMOKED_COLD);
    private static final Set<Cut> PERISHABLE =
            EnumSet.of(WHOLE, BIRD, TENDERISED, STUFFED, DICED, MINCED, OFFAL, BONES);

    /** As written in the food table; empty for a part of a made thing. */
    public static Cut ofWord(String word) {
        return word.isEmpty() ? PART : valueOf(word.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }

    /** As a cook says it. */
    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Whether heat has still to make it ready to eat. */
    public boolean raw() {
        return RAW.contains(this);
    }

    /** Whether it is raw and nothing but the cold keeps it. */
    public boolean perishable() {
        return PERISHABLE.contains(this);
    }
}
