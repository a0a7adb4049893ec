/**
 * Plan: evenings with table time, who eats and what, checked in words against stock, dates and time.
 * Needs and take-out times are derived here when asked for; only what the cook decided is stored.
 */
@NullMarked
package wexilla.app.plan;

import org.jspecify.annotations.NullMarked;
