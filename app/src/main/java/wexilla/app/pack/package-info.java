/**
 * Pack: a cooked dish becomes packets in a place, with labels ready before filling.
 * Draws nothing itself; the sheet is made in files.
 */
@NullMarked
package wexilla.app.pack;

import org.jspecify.annotations.NullMarked;
