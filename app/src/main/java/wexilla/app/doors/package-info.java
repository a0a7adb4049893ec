/**
 * Who comes in: what may ask this kitchen from outside, who somebody is, and what he may do. Everything behind it trusts that
 * a request that arrives belongs to the household it names.
 */
@NullMarked
package wexilla.app.doors;

import org.jspecify.annotations.NullMarked;
