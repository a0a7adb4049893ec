package wexilla.app.stretch;

import java.time.LocalDate;
import java.util.List;
import wexilla.app.platform.Act;
import wexilla.core.stations.stretch.PartDinners.OnTable;

/** Whoever plans the evenings lets them follow the parts of a big buy. */
public interface PartEvenings {

    /**
     * Sets the table with what is new, and clears what is gone; what the cook decided otherwise stays.
     *
     * @return days that have another meal already
     */
    List<LocalDate> follow(Act act, List<OnTable> before, List<OnTable> after);
}
