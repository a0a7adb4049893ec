package wexilla.app.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import wexilla.app.plan.PlanViews.GuestView;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.facts.Allergen;
import wexilla.core.kitchen.Meal.Guest;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;

/** Reads when a meal is and who comes to it; what is wrong is told at its field. */
public final class MealTimes {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final int MOST_MINUTES = 1440;
    private static final int MOST_GUESTS = 30;

    private MealTimes() {}

    static When when(LocalDate day, MealOfDay meal, String table, @Nullable String homeFrom, int minutes) {
        if (minutes < 0 || minutes > MOST_MINUTES) {
            throw Problem.at("/minutes", "Minutes for a meal lie from 0 to " + MOST_MINUTES + ", not " + minutes + ".");
        }
        LocalTime at = time("/tableTime", table);
        LocalTime home = homeFrom == null || homeFrom.isBlank() ? null : time("/homeFrom", homeFrom);
        if (home != null && !home.isBefore(at)) {
            throw Problem.at(
                    "/homeFrom",
                    "Somebody is home from " + homeFrom + ", the table is set at " + table
                            + ": leave it empty, or write an earlier time.");
        }
        return new When(day, meal, at, home, minutes);
    }

    private static LocalTime time(String field, String text) {
        try {
            return LocalTime.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no time; write it like 18:30.");
        }
    }

    /** "18:30". */
    public static String words(LocalTime time) {
        return TIME.format(time);
    }

    static List<Guest> guests(List<GuestView> asked) {
        if (asked.size() > MOST_GUESTS) {
            throw Problem.at("/guests", asked.size() + " guests; " + MOST_GUESTS + " is the most.");
        }
        List<Guest> guests = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            GuestView guest = asked.get(i);
            String at = "/guests/" + i;
            List<Allergen> allergens = new ArrayList<>();
            for (String word : guest.allergens()) {
                allergens.add(Allergen.ofWord(word.strip().toLowerCase(Locale.ROOT))
                        .orElseThrow(() -> Problem.at(
                                at + "/allergens",
                                "“" + word + "” is no allergen that must be named; write milk, eggs, nuts …")));
            }
            guests.add(new Guest(
                    Asked.name(at + "/name", guest.name(), 60),
                    Asked.at(at + "/age", () -> Appetite.of(guest.age())),
                    List.copyOf(allergens)));
        }
        return guests;
    }

    static GuestView view(Guest guest) {
        return new GuestView(
                guest.name(),
                guest.appetite().words(),
                guest.allergens().stream().map(Allergen::words).toList());
    }
}
