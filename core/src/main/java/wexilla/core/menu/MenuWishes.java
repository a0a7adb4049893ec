package wexilla.core.menu;

import wexilla.core.quantity.Unfit;

/**
 * What is wanted of a plan, each from 0, not at all, to 4, above all.
 *
 * @param cheap little to buy; @param quick few minutes of hands; @param varied not the same food or dish soon again
 * @param useUp what expires is eaten; @param favourites what was liked; @param fewNew few dishes nobody tried
 * @param fewChanges what stands stays
 */
public record MenuWishes(int cheap, int quick, int varied, int useUp, int favourites, int fewNew, int fewChanges) {

    /** The most a wish can weigh. */
    public static final int MOST = 4;

    /** Something has changed: the rest stays as it stands as far as it can. */
    public static final MenuWishes LITTLE = new MenuWishes(1, 1, 1, 3, 1, 1, MOST);

    /** The three ready mixtures. */
    public static final MenuWishes CHEAP = new MenuWishes(3, 1, 2, 3, 1, 1, 1);

    public static final MenuWishes EASY = new MenuWishes(1, 3, 2, 2, 2, 2, 1);
    public static final MenuWishes VARIED = new MenuWishes(1, 1, 3, 2, 2, 0, 1);

    /** What a point of each step counts; a wish of nothing still settles what is equal otherwise. Own definition. */
    private static final int[] FACTORS = {1, 4, 8, 14, 20};

    /** @throws Unfit if a wish is below 0 or above {@link #MOST} */
    public MenuWishes {
        for (int wish : new int[] {cheap, quick, varied, useUp, favourites, fewNew, fewChanges}) {
            if (wish < 0 || wish > MOST) {
                throw new Unfit("a wish lies from 0 to " + MOST + ", not " + wish);
            }
        }
    }

    /** The same with few new dishes above all. */
    public MenuWishes fewNewAboveAll() {
        return new MenuWishes(cheap, quick, varied, useUp, favourites, MOST, fewChanges);
    }

    public static long factor(int wish) {
        return FACTORS[wish];
    }
}
