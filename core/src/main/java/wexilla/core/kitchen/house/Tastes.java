package wexilla.core.kitchen.house;

import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * @param liked by recipe, the mean of 0 to 2, rounded; recipes nobody rated are not in it
 * @param refused by recipe, who would not eat it
 * @param cooked by recipe, how often
 */
public record Tastes(Map<UUID, Integer> liked, Map<UUID, Set<UUID>> refused, Map<UUID, Integer> cooked) {

    public int likes(UUID recipe) {
        return liked.getOrDefault(recipe, 0);
    }

    public boolean untried(UUID recipe) {
        return !cooked.containsKey(recipe) && !liked.containsKey(recipe);
    }
}
