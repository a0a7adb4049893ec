package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.quantity.Unfit;

/** What a kitchen has to cook with, read from how people write it: "4 burners", "oven, 2 racks", "slow cooker, 5.7 l". */
public final class KitchenGear {

    public static final int MOST = 12;
    private static final int USUAL_RACKS = 2;
    private static final Map<String, Integer> WORDS =
            Map.of("one", 1, "two", 2, "three", 3, "four", 4, "five", 5, "six", 6);
    private static final String COUNT = "(\\d{1,2}|one|two|three|four|five|six)";
    private static final Pattern FIRST = Pattern.compile(
            "^\\s*" + COUNT + "\\s+(?!(?:l|litres?|liters?|qt|quarts?|cm|in)\\b)\\D", Pattern.CASE_INSENSITIVE);
    private static final Pattern RACKS =
            Pattern.compile(COUNT + "\\s+(?:racks?|shel(?:f|ves)|levels?)", Pattern.CASE_INSENSITIVE);

    /** What is there but holds nothing up: a tray is washed and used again. */
    private static final Pattern BESIDES = Pattern.compile(
            "\\b(?:pans?|saucepans?|trays?|tins?|bowls?|grill|blender|sink|scales?|mixer|kettle|microwave|knives|knife|boards?|dish(?:es)?|fridge|freezer)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Pans something is fried in, griddles and sieves: one thing in them at a time. */
    private static final Pattern HELD = Pattern.compile(
            "\\b(?:frying pans?|skillets?|woks?|griddles?|sieves?|colanders?)\\b|^\\s*(?:" + COUNT
                    + "\\s+)?(?:large |small )?pans?\\s*$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern POTS = Pattern.compile("\\b(?:pots?|stockpots?|casseroles?)\\b");

    private static final Pattern SLOW =
            Pattern.compile("(?:" + COUNT + "\\s+)?\\b(?:slow|weak)\\b(?!\\s+cook)", Pattern.CASE_INSENSITIVE);

    private KitchenGear() {}

    /** Whether it is a thing of a kitchen that no job waits for. */
    public static boolean besides(String thing) {
        return BESIDES.matcher(thing).find()
                && !HELD.matcher(thing).find()
                && !thing.toLowerCase(Locale.ROOT).matches(".*(?:burner|hob|oven|cooker|hot-air).*");
    }

    /**
     * Everything these things are.
     *
     * @throws Unfit for what is no gear of a kitchen, or more of it than any kitchen has
     */
    public static List<Gear> of(List<String> things) {
        List<Gear> gear = new ArrayList<>();
        int ovens = 0;
        for (String thing : things) {
            ovens += add(gear, thing, 1, ovens);
        }
        return gear;
    }

    /** @param times as many of it; @param ovens so far @return ovens it is */
    public static int add(List<Gear> gear, String thing, int times, int ovens) {
        String text = thing.toLowerCase(Locale.ROOT);
        Matcher first = FIRST.matcher(thing);
        int count = (first.find() ? number(first.group(1)) : 1) * times;
        if (count < 1 || count > MOST) {
            throw new Unfit("from 1 to " + MOST + " of a thing, not “" + thing + "”");
        }
        if (text.contains("oven") && !text.contains("hot-air")) {
            Matcher racks = RACKS.matcher(thing);
            int each = racks.find() ? number(racks.group(1)) : USUAL_RACKS;
            for (int oven = 0; oven < count; oven++) {
                for (int rack = 1; rack <= Math.min(each, MOST); rack++) {
                    String of = count + ovens > 1 ? "oven " + (ovens + oven + 1) : "oven";
                    gear.add(new Gear(Kind.RACK, of + ", rack " + rack, ovens + oven));
                }
            }
            return count;
        }
        Kind kind = kind(text);
        int slow = slow(thing, kind, count);
        for (int i = 0; i < count; i++) {
            long same = gear.stream().filter(one -> one.kind() == kind).count();
            String name = kind.name().toLowerCase(Locale.ROOT).replace('_', kind == Kind.HOT_AIR ? '-' : ' ');
            String numbered = name + (kind == Kind.BURNER || count > 1 || same > 0 ? " " + (same + 1) : "");
            boolean weak = i >= count - slow;
            gear.add(new Gear(kind, weak ? numbered + ", slow" : numbered, 0, weak, false));
        }
        return 0;
    }

    /** How many of so many burners are slow: "4 burners, one slow" one, "2 slow burners" both. */
    private static int slow(String thing, Kind kind, int count) {
        Matcher found = SLOW.matcher(thing);
        if (kind != Kind.BURNER || !found.find()) {
            return 0;
        }
        boolean some = thing.toLowerCase(Locale.ROOT).indexOf("burner") < found.start();
        return !some ? count : Math.min(count, found.group(1) == null ? 1 : number(found.group(1)));
    }

    private static Kind kind(String text) {
        if (text.contains("griddle")) {
            return Kind.GRIDDLE;
        }
        if (text.contains("sieve") || text.contains("colander")) {
            return Kind.SIEVE;
        }
        if (HELD.matcher(text).find()) {
            return Kind.PAN;
        }
        if (text.contains("burner") || text.contains("hob") || text.contains("ring")) {
            return Kind.BURNER;
        }
        if (text.contains("pressure")) {
            return Kind.PRESSURE_COOKER;
        }
        if (text.contains("slow")) {
            return Kind.SLOW_COOKER;
        }
        if (text.contains("hot-air") || text.contains("hot air")) {
            return Kind.HOT_AIR;
        }
        if (POTS.matcher(text).find()) {
            return Kind.POT;
        }
        if (text.contains("cool")) {
            return Kind.COOLING;
        }
        throw new Unfit(
                "“" + text
                        + "” is nothing to cook with; write burners, oven with racks, slow cooker, pressure cooker or cooling space");
    }

    static int number(String text) {
        Integer word = WORDS.get(text.toLowerCase(Locale.ROOT));
        return word == null ? Integer.parseInt(text) : word;
    }
}
