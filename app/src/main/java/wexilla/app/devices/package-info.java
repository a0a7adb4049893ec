/**
 * Devices of the kitchen: what the application asks of a scale, and the stand-in that ships with it.
 * A real one implements the same interface.
 */
@NullMarked
package wexilla.app.devices;

import org.jspecify.annotations.NullMarked;
