/** A cook day, planned and running: its clock, its taps, its timers and its sheet. */
@NullMarked
package wexilla.app.day;

import org.jspecify.annotations.NullMarked;
