/**
 * Files that leave the house: the label sheet.
 * Gets finished core records and decides nothing about them.
 */
@NullMarked
package wexilla.app.files;

import org.jspecify.annotations.NullMarked;
