/** The household a kitchen is of: its settings, people, pots, places, and what its foods are called. */
@NullMarked
package wexilla.core.kitchen.house;

import org.jspecify.annotations.NullMarked;
