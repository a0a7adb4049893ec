package wexilla.core.keeping;

import org.jspecify.annotations.Nullable;

/**
 * How long one class of food keeps. "3–4 d" is warned from day 3 and eaten by the end of day 4; day 0 is the day of
 * buying or cooking.
 *
 * @param key for instance {@code raw-mince}
 * @param fridge days in the fridge, null when it is not kept there
 * @param freezer months in the freezer, null when it is not frozen
 * @param cupboard months in the cupboard, null when it is not kept there
 * @param opened days in the fridge once opened, null where opening changes nothing
 * @param usual where it is usually kept; null where its times say so
 * @param source published source or practice, with its mark
 */
public record KeepingRule(
        String key,
        String name,
        @Nullable Span fridge,
        @Nullable Span freezer,
        @Nullable Span cupboard,
        @Nullable Span opened,
        @Nullable Storage usual,
        String source) {

    /** A rule whose times say where the thing is kept. */
    public KeepingRule(
            String key,
            String name,
            @Nullable Span fridge,
            @Nullable Span freezer,
            @Nullable Span cupboard,
            @Nullable Span opened,
            String source) {
        this(key, name, fridge, freezer, cupboard, opened, null, source);
    }

    /** @throws IllegalArgumentException if the span runs backwards or is negative */
    public record Span(int from, int to) {
        public Span {
            if (from < 0 || to < from) {
                throw new IllegalArgumentException("a keeping time runs from less to more: " + from + "–" + to);
            }
        }

        @Override
        public String toString() {
            return from == to ? String.valueOf(to) : from + "–" + to;
        }
    }

    /**
     * The shape it lies frozen in; null for what is kept in the freezer only: bought frozen and cooked from frozen, it
     * is never thawed first.
     */
    public Thaw.@Nullable Shape frozenAs(boolean dish, @Nullable ContainerKind container, @Nullable PacketShape said) {
        return usualStorage() == Storage.FREEZER ? null : Thaw.shape(key, dish, container, said);
    }

    /** Where it usually goes after shopping. */
    public Storage usualStorage() {
        if (usual != null) {
            return usual;
        }
        return cupboard != null ? Storage.CUPBOARD : fridge != null ? Storage.FRIDGE : Storage.FREEZER;
    }
}
