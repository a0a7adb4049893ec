/** Steps of a recipe: what they take of time, hands, gear and heat. */
@NullMarked
package wexilla.core.recipe.steps;

import org.jspecify.annotations.NullMarked;
