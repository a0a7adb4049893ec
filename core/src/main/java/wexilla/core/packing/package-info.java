/**
 * Packets: how portions are shared out, their codes, and what stands on a label.
 * Draws nothing; the label sheet is drawn by the application.
 * Knows recipes and keeping, not places in a freezer.
 */
@NullMarked
package wexilla.core.packing;

import org.jspecify.annotations.NullMarked;
