/**
 * Cook: a recipe becomes a batch; what went in leaves the stock, what came out waits to be packed.
 * Labels and packets are next door, in pack.
 */
@NullMarked
package wexilla.app.cook;

import org.jspecify.annotations.NullMarked;
