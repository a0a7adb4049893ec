package wexilla.app.stretch;

import java.time.LocalDate;
import java.util.List;
import wexilla.app.platform.Act;

/** Whoever plans the evenings lets them follow the parts of a big buy. */
public interface PartEvenings {

    /**
     * A part with the evening it is eaten on.
     *
     * @param name of its dish
     * @param plates it makes, at least one
     * @param lines of a dish nobody has written down yet: the meat and what it is stretched with
     */
    record OnTable(String name, LocalDate day, int plates, List<String> lines) {

        public OnTable {
            lines = List.copyOf(lines);
        }
    }

    /**
     * Sets the table with what is new, and clears what is gone; what the cook decided otherwise stays.
     *
     * @return days that have another meal already
     */
    List<LocalDate> follow(Act act, List<OnTable> before, List<OnTable> after);
}
