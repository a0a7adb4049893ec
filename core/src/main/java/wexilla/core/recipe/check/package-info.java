/** What is doubtful or could make somebody ill in a recipe. */
@NullMarked
package wexilla.core.recipe.check;

import org.jspecify.annotations.NullMarked;
