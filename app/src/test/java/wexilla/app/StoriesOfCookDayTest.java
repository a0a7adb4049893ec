package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.StoryKitchen;

/**
 * What must come out of the ways of working that strangers wrote down ({@code shared/trials/stories.md}): what they say of
 * times, sharing, loads and cooling on one clock, each by its story and number.
 */
class StoriesOfCookDayTest extends StoryKitchen {

    private static Map<String, Object> dish(String name, boolean kept, String... steps) {
        return new HashMap<>(Map.of("name", name, "kept", kept, "steps", List.of(steps)));
    }

    private static Map<String, Object> after(Map<String, Object> dish, String other) {
        dish.put("after", List.of(other));
        return dish;
    }

    private JsonNode day(String when, String at, List<String> equipment, List<Map<String, Object>> dishes) {
        return http.act(
                        "/api/preview/timeline",
                        Map.of(
                                when,
                                at,
                                "people",
                                1,
                                "equipment",
                                equipment,
                                "dishes",
                                dishes,
                                "seed",
                                1,
                                "effort",
                                8000))
                .ok();
    }

    private static JsonNode task(JsonNode day, String dish, String text) {
        return all(day).stream()
                .filter(task -> task.path("dish").asString().equals(dish)
                        && task.path("text").asString().startsWith(text))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + text + " in " + day));
    }

    private static List<JsonNode> all(JsonNode day) {
        List<JsonNode> tasks = new ArrayList<>();
        day.path("tasks").forEach(tasks::add);
        return tasks;
    }

    private static String start(JsonNode task) {
        return task.path("start").asString().substring(11);
    }

    private static String end(JsonNode task) {
        return task.path("end").asString().substring(11);
    }

    private static long minutes(JsonNode day, String from, String to) {
        return Duration.between(
                        LocalDateTime.parse(from),
                        LocalDateTime.parse(day.path(to).asString()))
                .toMinutes();
    }

    /** S01.4, S14.5: 900 g in a drawer of 450 are 2 loads and 29 minutes; ten rolls on the griddle need no pause, from 14:53 for 18:00. */
    @Test
    void loadsInDrawersAndOnGriddles() {
        String begin = "2026-12-06T13:00";
        JsonNode beans = day(
                "begin",
                begin,
                List.of("hot-air drawer"),
                List.of(dish("beans", false, "Air fry in 2 loads, 12 minutes each.")));
        assertThat(minutes(beans, begin, "end")).isEqualTo(29);
        JsonNode rolls = day(
                "begin",
                "2027-01-18T14:53",
                List.of("griddle"),
                List.of(dish(
                        "rolls",
                        false,
                        "Rest 12 minutes.",
                        "Knead 8 minutes.",
                        "Rise 70 minutes.",
                        "Shape 12 minutes.",
                        "Rest 35 minutes.",
                        "Fry in 10 loads, 5 min each.")));
        assertThat(rolls.path("end").asString()).isEqualTo("2027-01-18T18:00");
        assertThat(all(rolls).stream()
                        .filter(task -> task.path("hands").asInt() == 1)
                        .mapToLong(task -> Duration.between(
                                        LocalDateTime.parse(task.path("start").asString()),
                                        LocalDateTime.parse(task.path("end").asString()))
                                .toMinutes())
                        .sum())
                .isEqualTo(70);
    }

    /** S05.9: four burners at most, one thing in the one pan, bagged and cold a later end; with interruptions fish by 18:15 to 18:50. */
    @Test
    void fiveDishesOneWeakBurner() {
        JsonNode day = day(
                "begin",
                "2027-01-10T17:00",
                List.of("3 burners", "1 weak burner", "one frying pan", "one sieve"),
                List.of(
                        dish("rice", true, "Rinse the rice, hands 4 minutes.", "Simmer 20 minutes."),
                        dish(
                                "turkey",
                                true,
                                "Bring the turkey to the boil, hands 5 minutes.",
                                "Poach 25 minutes.",
                                "Cool 15 minutes.",
                                "Shred it, 8 minutes."),
                        dish("braise", true, "Brown the pork, 8 minutes.", "Braise 40 minutes."),
                        after(
                                dish(
                                        "soup",
                                        true,
                                        "Cut the vegetables, 14 minutes.",
                                        "Stir, hands 5 minutes.",
                                        "Simmer 10 minutes."),
                                "turkey"),
                        dish("salad", true, "Spin dry the lettuce in the sieve, 12 minutes."),
                        dish("fish", false, "Fry the fish and leeks in the pan, 10 minutes.")));
        for (JsonNode task : all(day)) {
            boolean weak = task.path("holds").toString().contains("slow");
            assertThat(weak
                            && (task.path("dish").asString().equals("braise")
                                    || task.path("hands").asInt() == 1))
                    .isFalse();
        }
        List<JsonNode> fried = all(day).stream()
                .filter(task -> task.path("holds").toString().contains("pan"))
                .toList();
        assertThat(fried.size()).isGreaterThan(1);
        for (int i = 1; i < fried.size(); i++) {
            assertThat(start(fried.get(i))).isGreaterThanOrEqualTo(end(fried.get(i - 1)));
        }
        assertThat(end(task(day, "fish", "Fry"))).isLessThan("18:50");
        assertThat(day.path("end").asString()).isGreaterThan("2027-01-10T18:50");
    }

    /** S07.4, .5, .6, .11: the base before all four; not before 10:59; the weak burner gets the vegetables; raw after ready. */
    /** A raw bird for which nobody wrote minutes is in the oven for what its weight takes, and that is told. */
    @Test
    void aBirdWithoutMinutesIsNoTwoMinutes() {
        String begin = "2026-12-06T13:00";
        Map<String, Object> roast =
                new HashMap<>(dish("roast", false, "Roast the chicken at 190 °C until the juices run clear."));
        roast.put("lines", List.of("1 whole chicken, 1.8 kg"));
        JsonNode day = day("begin", begin, List.of("oven"), List.of(roast));
        assertThat(minutes(day, begin, "end")).isBetween(90L, 120L);
        assertThat(day.toString()).contains("says no minutes of heat: about 101 are assumed");
    }

    @Test
    void fourPotsWithOneBase() {
        List<Map<String, Object>> pots = new ArrayList<>();
        pots.add(dish("base", false, "Chop 12 onions, 24 minutes.", "Fry the onions in the pan 20 minutes."));
        pots.add(after(dish("mutton", false, "Simmer the mutton 75 minutes."), "base"));
        pots.add(after(dish("vegetables", false, "Simmer 35 minutes."), "base"));
        pots.add(after(dish("mince", false, "Brown the mince in 2 loads, 8 min each.", "Simmer 35 minutes."), "base"));
        pots.add(
                after(dish("turkey", false, "Brown the turkey in 2 loads, 8 min each.", "Simmer 35 minutes."), "base"));
        JsonNode day = day("begin", "2027-01-10T09:00", List.of("3 burners", "one slow burner", "frying pan"), pots);
        assertThat(day.path("lowerBound").asString()).isEqualTo("2027-01-10T10:59");
        assertThat(day.path("end").asString()).isBetween("2027-01-10T10:59", "2027-01-10T11:30");
        assertThat(task(day, "base", "Fry").path("holds").toString()).doesNotContain("slow");
        all(day).stream()
                .filter(task -> task.path("holds").toString().contains("slow"))
                .forEach(task -> assertThat(task.path("dish").asString()).isEqualTo("vegetables"));
        assertThat(end(task(day, "mince", "Brown")).compareTo(start(task(day, "mince", "Brown"))))
                .isPositive();
        JsonNode coated = day(
                "begin",
                "2027-01-10T09:00",
                List.of(),
                List.of(dish("turkey", true, "Coat the raw turkey, 10 minutes.", "Slice the radishes, 5 minutes.")));
        assertThat(minutes(coated, "2027-01-10T09:00", "end"))
                .as("what is ready to eat first, so that nothing is cleaned between")
                .isEqualTo(10 + 5);
    }

    /** S08.9, S08.8: three burners, the longest first; the end of heat, and the cores to reach. */
    @Test
    void boxesForTheWeek() {
        JsonNode day = day(
                "begin",
                "2027-01-10T14:00",
                List.of("three burners", "fan oven"),
                List.of(
                        dish(
                                "steaks",
                                true,
                                "Coat the raw pork in crumbs, 10 minutes.",
                                "Bake at 170 °C for 30 minutes."),
                        dish("cauliflower", true, "Cut the cauliflower, 8 minutes.", "Boil 10 minutes."),
                        dish("barley", true, "Simmer 35 minutes."),
                        dish(
                                "sauce",
                                true,
                                "Chop the leeks, 6 minutes.",
                                "Brown the chicken mince 8 minutes.",
                                "Simmer 20 minutes."),
                        dish("macaroni", true, "Boil 10 minutes.", "Drain at once, 2 minutes.")));
        String off = all(day).stream()
                .filter(task -> !task.path("text").asString().contains("cool"))
                .filter(task -> !task.path("text").asString().contains("bag"))
                .map(StoriesOfCookDayTest::end)
                .max(String::compareTo)
                .orElseThrow();
        assertThat(off).isBetween("14:45", "15:30");
        assertThat(task(day, "steaks", "Bake").path("caution").asString()).startsWith("reach 63 °C");
        assertThat(task(day, "sauce", "Simmer").path("caution").asString()).startsWith("reach 74 °C");
        assertThat(start(task(day, "macaroni", "Drain")).compareTo(end(task(day, "macaroni", "Boil"))))
                .isNotNegative();
    }

    /** S09.4, S09.8, S09.9: two sessions with one cooker, what ends at night asks for warmth; 220 °C is 425 °F. */
    @Test
    void twoSessions() {
        Map<String, Object> asked = Map.of(
                "begin",
                "2027-01-09T21:00",
                "hands",
                List.of(
                        Map.of("name", "she", "from", "2027-01-09T21:00", "to", "2027-01-09T23:00"),
                        Map.of("name", "she", "from", "2027-01-10T10:00", "to", "2027-01-10T16:30")),
                "equipment",
                List.of("slow cooker", "3 burners"),
                "dishes",
                List.of(
                        dish("turkey", true, "Slow cook on high 3½ hours."),
                        after(dish("pork", true, "Slow cook on high 4 hours.", "Shred 5 minutes."), "turkey")),
                "seed",
                1,
                "effort",
                4000);
        JsonNode day = http.act("/api/preview/timeline", asked).ok();
        assertThat(task(day, "turkey", "Slow").path("end").asString()).isEqualTo("2027-01-10T00:30");
        assertThat(day.path("warnings").toString())
                .contains("turkey is done and nobody comes")
                .contains("60 °C");
        assertThat(task(day, "pork", "Slow").path("start").asString()).isEqualTo("2027-01-10T10:00");
        assertThat(task(day, "pork", "Shred").path("start").asString()).isEqualTo("2027-01-10T14:00");
        JsonNode oven = day(
                "begin",
                "2027-01-10T10:00",
                List.of("oven, 2 racks"),
                List.of(
                        dish("beetroot", false, "Roast at 220 °C for 30 minutes."),
                        dish("pumpkin", false, "Roast at 425 °F for 20 minutes.")));
        assertThat(task(oven, "pumpkin", "Roast").path("celsius").asInt()).isEqualTo(220);
        assertThat(start(task(oven, "pumpkin", "Roast"))).isLessThan(end(task(oven, "beetroot", "Roast")));
    }

    /** S10.6, S10.7: stirred at 12, 14 and 16, which moves nothing; off at 18:00, cold by the rules of cooling, bagged after. */
    @Test
    void eightHoursAndThreeStirs() {
        JsonNode day = day(
                "begin",
                "2027-01-16T10:00",
                List.of("2 slow cookers"),
                List.of(dish("mince", true, "Slow cook on low 8 hours, stir every 2 hours.")));
        JsonNode slow = task(day, "mince", "Slow");
        assertThat(slow.path("watches").toString())
                .contains("T12:00 stir")
                .contains("T14:00 stir")
                .contains("T16:00 stir");
        assertThat(end(slow)).isEqualTo("18:00");
        assertThat(task(day, "mince", "cool").path("caution").asString())
                .contains("21 °C within 2 hours")
                .contains("5 cm");
        assertThat(start(task(day, "mince", "bag"))).isBetween("19:30", "20:00");
    }

    /** S13.4, S18.7: three pan loads without a pause; three birds on two trays are two loads with five minutes between. */
    @Test
    void loadsInPansAndOvens() {
        JsonNode mince = day(
                "begin",
                "2027-01-16T09:00",
                List.of("4 burners", "frying pan"),
                List.of(dish("mince", false, "Brown the mince in 3 loads, 8 min each.")));
        assertThat(minutes(mince, "2027-01-16T09:00", "end")).isEqualTo(24);
        JsonNode birds = day(
                "begin",
                "2027-01-23T08:00",
                List.of("oven, 2 racks"),
                List.of(dish("birds", false, "Roast in 3 loads at 190 °C, 60 minutes each.")));
        assertThat(minutes(birds, "2027-01-23T08:00", "end")).as("hot at 08:15").isEqualTo(15 + 60 + 5 + 60);
        assertThat(all(birds).stream().filter(task -> start(task).equals("08:15")))
                .hasSize(2);
    }

    /** S14.6, S15.7: one oven, two racks at one setting; 215 and 190 share between them, their times said. */
    @Test
    void oneOven() {
        JsonNode same = day(
                "begin",
                "2027-01-18T17:00",
                List.of("oven, 2 racks"),
                List.of(
                        dish("vegetables", false, "Roast at 210 °C for 40 minutes."),
                        dish("turkey", false, "Bake at 210 °C for 30 minutes.")));
        assertThat(minutes(same, "2027-01-18T17:00", "end")).isEqualTo(15 + 40);
        JsonNode near = day(
                "begin",
                "2027-01-17T12:00",
                List.of("oven, 2 racks"),
                List.of(
                        dish("trout", false, "Roast at 215 °C for 15 minutes."),
                        dish("egg dish", false, "Bake at 190 °C for 30 minutes.")));
        assertThat(task(near, "trout", "Roast").path("celsius").asInt()).isBetween(200, 205);
        assertThat(task(near, "trout", "Roast").path("why").asString()).contains("instead of 215 °C");
    }

    /** S16.7, S16.8: one pot, six runs with come-up and release and five changes of five; all after the bird is washed. */
    @Test
    void onePotSixRuns() {
        JsonNode day = day(
                "begin",
                "2027-01-17T09:00",
                List.of("pressure cooker, 6 qt"),
                List.of(
                        dish("oats", false, "Pressure cook 3 minutes, natural release."),
                        dish("eggs", false, "Pressure cook 6 minutes, quick release."),
                        dish("squash", false, "Pressure cook 25 minutes, quick release."),
                        dish("beetroots", false, "Pressure cook 22 minutes, natural release 10 minutes."),
                        dish("beans", false, "Pressure cook 25 minutes, natural release."),
                        dish("bird", false, "Pressure cook the bird 25 minutes, natural release 15 minutes.")));
        assertThat(day.path("end").asString()).isBetween("2027-01-17T13:16", "2027-01-17T14:11");
        List<JsonNode> runs = all(day);
        for (int i = 1; i < runs.size(); i++) {
            assertThat(Duration.between(
                                    LocalDateTime.parse(
                                            runs.get(i - 1).path("end").asString()),
                                    LocalDateTime.parse(
                                            runs.get(i).path("start").asString()))
                            .toMinutes())
                    .isEqualTo(5);
        }
        assertThat(task(day, "bird", "Pressure").path("caution").asString()).startsWith("reach 74 °C");
    }

    /** S21.5: from the table back: oven on 16:15, the bird 16:30, potatoes 17:00, swede 17:30, all out at 18:00. */
    @Test
    void sundayRoastFromTheTable() {
        JsonNode day = day(
                "doneBy",
                "2027-01-31T18:00",
                List.of("oven, 3 racks"),
                List.of(
                        dish("bird", false, "Roast at 180 °C for 90 minutes."),
                        dish("potatoes", false, "Roast at 180 °C for 60 minutes."),
                        dish("swede", false, "Roast at 180 °C for 30 minutes.")));
        assertThat(start(task(day, "bird", "Roast"))).isEqualTo("16:30");
        assertThat(start(task(day, "potatoes", "Roast"))).isEqualTo("17:00");
        assertThat(start(task(day, "swede", "Roast"))).isEqualTo("17:30");
        assertThat(task(day, "bird", "Roast").path("watches").toString()).contains("T16:15 oven on, 180 °C");
    }
}
