/** Proposals: the problem of a plan, what counts for and against it, and its wishes in words. */
@NullMarked
package wexilla.core.menu;

import org.jspecify.annotations.NullMarked;
