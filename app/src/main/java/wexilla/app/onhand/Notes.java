package wexilla.app.onhand;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.platform.Problem;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.quantity.Unfit;
import wexilla.core.stations.onhand.PuttingAway;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;

/** Stock notes as they are typed: read line by line, with the place and the dates each line would have. */
@Component
public class Notes {

    static final int MOST_LINES = 200;

    /** A line of a note, understood or with the reason why not. */
    record Read(int number, String text, Optional<NoteLine> line, String problem) {}

    private final Foods foods;
    private final Households households;
    private final Reference reference;

    Notes(Foods foods, Households households, Reference reference) {
        this.foods = foods;
        this.households = households;
        this.reference = reference;
    }

    /** Reads every line that is not blank; a problem stays with its line. */
    List<Read> read(Household household, String text, LocalDate today) {
        List<String> lines = text.lines().toList();
        if (lines.size() > MOST_LINES) {
            throw Problem.at(
                    "/text", "This note has " + lines.size() + " lines; " + MOST_LINES + " is the most at once.");
        }
        NoteReader reader = new NoteReader(
                foods.known(household).book(),
                household.currency(),
                household.measures(),
                today,
                household.dateOrder());
        List<Read> read = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (line.isEmpty()) {
                continue;
            }
            try {
                for (NoteLine thing : reader.read(line)) {
                    read.add(new Read(i + 1, line, Optional.of(thing), ""));
                }
            } catch (Unfit problem) {
                read.add(new Read(i + 1, line, Optional.empty(), String.valueOf(problem.getMessage())));
            }
        }
        return read;
    }

    /** Where a thing would go. @throws wexilla.core.kitchen.Refused if there is no such place */
    Place place(Household household, NoteLine line, @Nullable UUID chosen, LocalDate today) {
        Kitchen kitchen = Kitchen.stock(
                household,
                today.atStartOfDay(),
                reference.keeping(household),
                null,
                List.of(),
                households.places(household));
        return PuttingAway.place(kitchen, line, chosen, today);
    }

    /** How long a thing would keep there. */
    NoteKeeping keeping(Household household, NoteLine line, Storage storage, LocalDate today) {
        return NoteKeeping.of(line, storage, reference.keeping(household), today);
    }
}
