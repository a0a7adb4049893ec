/**
 * Files that leave the house: the label sheet, sheets to pin up, the calendar, tables for a spreadsheet.
 * Gets finished core records, or rows as they stand, and decides nothing about them.
 */
@NullMarked
package wexilla.app.files;

import org.jspecify.annotations.NullMarked;
