/**
 * Who is cooking here: the household, its places, containers and foods, and the reference files that ship with the application.
 * Stations ask here for the food book; they do not read reference files themselves.
 */
@NullMarked
package wexilla.app.household;

import org.jspecify.annotations.NullMarked;
