package wexilla.core.food;

import java.util.Locale;

/** What a food is by nature, where rules go by it; each food's stands in the reference file. */
public enum Nature {
    /** Grain is cooked in it: water, stock. */
    COOKS_GRAIN,
    /** Thin enough to make steam in a pressure cooker; tomatoes and cream are not. */
    THIN,
    /** So wet that what swells takes up its water: tinned tomatoes. */
    WATERY,
    /** Must boil hard before anything below the boil. */
    BOIL_HARD,
    /** Of meat, though it stands with other things: lard, gelatine, bones. */
    MEAT,
    /** Of pork, though it is no cut of it. */
    PORK,
    /** Made of meat, fish or vegetables, as the line says: stock. */
    BY_KIND,
    /** From animals, but neither meat nor fish, milk nor egg: honey. */
    ANIMAL,
    /** What is in it depends on the maker: its allergens are those it usually has, and the pack must be looked at. */
    LOOK;

    /** As written in the reference file: "boil hard". */
    public static Nature ofWord(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }
}
