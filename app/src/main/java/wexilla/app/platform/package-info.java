/**
 * What every station stands on: the household a request belongs to, acts and undo, problems, the border to the outside, the clock, the API document.
 * Decides nothing about food and knows no station.
 */
@NullMarked
package wexilla.app.platform;

import org.jspecify.annotations.NullMarked;
