package wexilla.app.day;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Problem;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.cookday.DayNight;

/**
 * Who cooks and when, as asked for a day.
 *
 * @param day the cook day; times without a day are on it
 * @param begin when hands begin; null for the usual hour
 * @param doneBy when the last hand is to be free; null for as early as it can be
 * @param hands who from when to when, several times for several sessions; empty for the first who can cook, all day
 * @param breaks when nobody cooks
 */
record CookHands(
        LocalDate day, @Nullable LocalTime begin, @Nullable LocalTime doneBy, List<Hand> hands, List<Span> breaks) {

    static final int MOST_PEOPLE = 4;
    private static final int MOST_SESSIONS = 12;
    private static final int MOST_DAYS = 3;

    /** @param from and {@code to} local; null for from the begin and to the end */
    record Hand(
            String name,
            @Nullable LocalDateTime from,
            @Nullable LocalDateTime to) {}

    /** @param from local */
    record Span(LocalDateTime from, LocalDateTime to) {}

    /**
     * Reads what was asked.
     *
     * @param hands each "Nora", or "Nora;14:00;17:30", or with days "Nora;2026-12-05T21:00;2026-12-05T23:30"
     * @param breaks each "15:00;30": from when, for how many minutes
     */
    static CookHands read(
            LocalDate day,
            @Nullable String begin,
            @Nullable String doneBy,
            @Nullable List<String> hands,
            @Nullable List<String> breaks) {
        List<Hand> who = new ArrayList<>();
        List<String> asked = hands == null ? List.of() : hands;
        if (asked.size() > MOST_SESSIONS) {
            throw Problem.at("/hands", "At most " + MOST_SESSIONS + " sessions, not " + asked.size() + ".");
        }
        for (String one : asked) {
            String[] parts = one.split(";", -1);
            String name = parts[0].strip();
            if (name.isEmpty() || name.length() > 60 || parts.length == 2 || parts.length > 3) {
                throw Problem.at("/hands", "“" + one + "” says nobody; write it like Nora;14:00;17:30.");
            }
            LocalDateTime from = parts.length < 3 ? null : moment("/hands", day, parts[1]);
            LocalDateTime to = parts.length < 3 ? null : moment("/hands", day, parts[2]);
            if (from != null && to != null && !from.isBefore(to)) {
                throw Problem.at(
                        "/hands",
                        name + " comes at " + parts[1] + " and goes at " + parts[2] + ": the other way round.");
            }
            who.add(new Hand(name, from, to));
        }
        if (who.stream().map(Hand::name).distinct().count() > MOST_PEOPLE) {
            throw Problem.at("/hands", "From 1 to " + MOST_PEOPLE + " people cook.");
        }
        List<Span> pauses = new ArrayList<>();
        for (String one : breaks == null ? List.<String>of() : breaks) {
            String[] parts = one.split(";", -1);
            LocalDateTime from = parts.length == 2 ? moment("/breaks", day, parts[0]) : null;
            if (from == null || !parts[1].strip().matches("\\d{1,3}")) {
                throw Problem.at(
                        "/breaks", "“" + one + "” is no break; write it like 15:00;30 for 30 minutes from 15:00.");
            }
            pauses.add(new Span(from, from.plusMinutes(Long.parseLong(parts[1].strip()))));
        }
        return new CookHands(day, time("/begin", begin), time("/doneBy", doneBy), who, pauses);
    }

    /** When the first hand begins where nobody asked for an end. */
    LocalDateTime begins(LocalTime usual) {
        if (begin != null) {
            return day.atTime(begin);
        }
        return hands.stream()
                .map(Hand::from)
                .filter(java.util.Objects::nonNull)
                .min(LocalDateTime::compareTo)
                .orElse(day.atTime(usual));
    }

    /** Who is there, in minutes since a begin. @param others who could cook, for who was not named */
    List<Person> from(ZonedDateTime begins, List<String> others) {
        Map<String, List<Window>> there = new LinkedHashMap<>();
        List<Hand> all =
                hands.isEmpty() ? List.of(new Hand(others.isEmpty() ? "cook" : others.get(0), null, null)) : hands;
        for (Hand hand : all) {
            int from = hand.from() == null ? 0 : Math.max(0, minutes(begins, hand.from()));
            int to = hand.to() == null ? DayProblem.NEVER : minutes(begins, hand.to());
            List<Window> own = there.computeIfAbsent(hand.name(), name -> new ArrayList<>());
            if (from < to) {
                List<Window> up = List.of(new Window(from, to));
                // who says until when she is there is up until then
                for (DayNight.Span night :
                        hand.to() == null ? DayNight.asleep(begins.toLocalDateTime()) : List.<DayNight.Span>of()) {
                    up = DayProblem.without(up, minutes(begins, night.from()), minutes(begins, night.to()));
                }
                own.addAll(up);
            }
        }
        List<Person> people = new ArrayList<>();
        there.forEach((name, windows) -> {
            windows.sort(java.util.Comparator.comparing(Window::from));
            List<Window> left = windows;
            for (Span pause : breaks) {
                left = DayProblem.without(left, minutes(begins, pause.from()), minutes(begins, pause.to()));
            }
            people.add(new Person(name, left));
        });
        return people;
    }

    private static int minutes(ZonedDateTime begins, LocalDateTime local) {
        ZoneId zone = begins.getZone();
        return Math.toIntExact(Duration.between(begins, local.atZone(zone)).toMinutes());
    }

    private static LocalDateTime moment(String field, LocalDate day, String text) {
        LocalDateTime read;
        try {
            read = text.contains("T") ? LocalDateTime.parse(text.strip()) : day.atTime(LocalTime.parse(text.strip()));
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no time; write it like 14:00.");
        }
        if (read.toLocalDate().isBefore(day) || read.toLocalDate().isAfter(day.plusDays(MOST_DAYS))) {
            throw Problem.at(field, "“" + text + "” is not on the cook day or the " + MOST_DAYS + " days after it.");
        }
        return read;
    }

    private static @Nullable LocalTime time(String field, @Nullable String text) {
        if (text == null || text.isBlank()) {
            return null;
        }
        try {
            return LocalTime.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no time; write it like 14:00.");
        }
    }
}
