/** The one scheduler: jobs with hands and gear put onto a clock, searched and checked. */
@NullMarked
package wexilla.core.clock;

import org.jspecify.annotations.NullMarked;
