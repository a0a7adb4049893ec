/** Recipes as files: schema.org and lines as CSV. */
@NullMarked
package wexilla.app.recipes.files;

import org.jspecify.annotations.NullMarked;
