/**
 * Stretch: a big buy cut into parts, as "what if" or stored, and the joint cooked into its parts.
 * Shares are plans until the joint is cooked; then they are lots the ledger has written.
 */
@NullMarked
package wexilla.app.stretch;

import org.jspecify.annotations.NullMarked;
