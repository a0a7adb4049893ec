package wexilla.core.planning;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.recipe.LineList;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.Sized;

/**
 * A joint to be stretched on a day ahead: it is spoken for from then on, and what its parts are stretched with is
 * wanted like anything else.
 *
 * @param weight as typed, "3.2 kg"
 */
public record BigBuy(String id, String food, String weight, LocalDate cookOn, List<Part> parts) {

    /**
     * A part with what goes to it.
     *
     * @param extender as typed, "1.5 kg potatoes, 2 onions"; only what has an amount and is known can be wanted
     * @param eatOn null for a part that is made on the cook day
     */
    public record Part(
            String name, String extender, @Nullable LocalDate eatOn) {}

    public BigBuy {
        parts = List.copyOf(parts);
    }

    /**
     * What it wants from the kitchen, day by day.
     *
     * @param begin when hands begin on a cook day
     * @param planned names of dishes whose own lines are wanted already: a part of that name wants nothing more
     */
    public List<PlanCheck.Batch> wants(LineReader reader, LocalTime begin, Collection<String> planned) {
        List<PlanCheck.Batch> wants = new ArrayList<>();
        add(wants, id, food, List.of(reader.readStored(weight + " " + food)), cookOn, begin);
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            if (planned.stream().noneMatch(part.name().strip()::equalsIgnoreCase)) {
                LocalDate day = part.eatOn() == null ? cookOn : part.eatOn();
                add(
                        wants,
                        id + "/" + i,
                        part.name(),
                        LineList.ofStored(part.extender(), reader).lines(),
                        day,
                        begin);
            }
        }
        return wants;
    }

    private static void add(
            List<PlanCheck.Batch> wants, String id, String name, List<ReadLine> read, LocalDate day, LocalTime begin) {
        List<Sized.Line> lines = read.stream()
                .filter(line -> line.quantity() != null && line.food() != null)
                .map(Sized.Line::asTyped)
                .toList();
        if (!lines.isEmpty()) {
            wants.add(new PlanCheck.Batch(id, "big buy: " + name, lines, day.atTime(begin)));
        }
    }
}
