/**
 * The demo household above the harbour, built through the same acts a cook would make.
 * Nothing else depends on it.
 */
@NullMarked
package wexilla.app.demo;

import org.jspecify.annotations.NullMarked;
