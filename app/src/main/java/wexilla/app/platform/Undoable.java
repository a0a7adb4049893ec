package wexilla.app.platform;

import java.util.List;
import java.util.UUID;
import wexilla.app.platform.Problem.Blocker;

/** A part of the house that can take back what an act did to it. */
public interface Undoable {

    /** The live acts that stand on what this one made, newest first; none when it can be undone. */
    List<Blocker> blockers(UUID household, UUID act);

    /** An act that is taken back, and its kind. */
    record Undone(UUID act, String kind) {}

    /** Takes back what {@code undone} did here, as part of the act {@code undo}. Does nothing if it did nothing here. */
    void undo(Act undo, Undone undone);
}
