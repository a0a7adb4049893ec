/**
 * A cook day: dishes and joints become tasks with hands, gear and heat, in the order the clock found, and a sheet to cook
 * by.
 */
@NullMarked
package wexilla.core.cookday;

import org.jspecify.annotations.NullMarked;
