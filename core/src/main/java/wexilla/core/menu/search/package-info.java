/** The search for a plan, and the reasons for what it found. */
@NullMarked
package wexilla.core.menu.search;

import org.jspecify.annotations.NullMarked;
