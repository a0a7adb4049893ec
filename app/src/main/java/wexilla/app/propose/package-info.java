/** Proposals: asked for, watched and taken. */
@NullMarked
package wexilla.app.propose;

import org.jspecify.annotations.NullMarked;
