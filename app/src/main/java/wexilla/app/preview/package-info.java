/**
 * Preview calls: what the core computes, asked for without storing anything.
 * They know the reference foods and what the request says, and no household.
 */
@NullMarked
package wexilla.app.preview;

import org.jspecify.annotations.NullMarked;
