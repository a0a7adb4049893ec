package wexilla.app.onhand;

import java.util.List;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepingGuide;

/** A way a dish can keep, to be chosen. @param slug class of the keeping table */
public record KeepsChoice(String slug, String name) {

    /** All of them, as this household keeps them. */
    public static List<KeepsChoice> all(KeepingGuide guide) {
        return DishKeeping.CHOICES.stream()
                .map(slug -> new KeepsChoice(slug, guide.rule(slug).name()))
                .toList();
    }
}
