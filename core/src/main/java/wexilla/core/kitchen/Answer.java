package wexilla.core.kitchen;

import java.util.List;

/** What an act says it did, in the cook's words, and what it changes. */
public record Answer(String words, List<Change> changes) {

    public Answer {
        changes = List.copyOf(changes);
    }

    public Answer(String words, Change... changes) {
        this(words, List.of(changes));
    }
}
