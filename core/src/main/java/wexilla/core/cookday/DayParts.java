package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.WordLists;
import wexilla.core.recipe.steps.StepClock;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/**
 * The parts of a step that happen one after the other in different places: "bake 20 minutes; cool 30" holds the oven for
 * twenty, "brown 10 minutes, then 2 hours in the oven" a burner and then a rack. Each part has its hands, then what goes on
 * by itself.
 */
final class DayParts {

    private static final WordLists VERBS = WordLists.of("step-verbs");
    private static final Pattern BREAKS = Pattern.compile(
            "(?<=[.;!])\\s+|,?\\s+(?:and\\s+)?then\\s+|,\\s+(?:and\\s+)?(?=(?:" + verbs() + ")\\b)|\\s+and\\s+(?=(?:"
                    + verbs() + ")\\b)",
            Pattern.CASE_INSENSITIVE);
    /** Hands of a moment, at the end of what goes on alone: no job of its own. */
    private static final int MOMENT = 2;

    private DayParts() {}

    private static String verbs() {
        return Stream.of("wait", "stove", "cook", "work")
                .flatMap(list -> VERBS.words(list).stream())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
    }

    /** @param said minutes are its own; @param gear of it, hands where it says none */
    private record Piece(String text, int hands, int alone, boolean said, StepGear gear) {

        private Piece and(Piece next) {
            boolean own = gear.kind() != StepGear.Kind.HANDS && (alone > 0 || !next.said());
            StepGear kept = own || next.gear().kind() == StepGear.Kind.HANDS ? gear : next.gear();
            return new Piece(
                    text + (text.matches("(?s).*[.;!,]$") ? " " : ", ") + next.text(),
                    hands + next.hands(),
                    alone + next.alone(),
                    said || next.said(),
                    kept);
        }

        private boolean sameGear(Piece next) {
            return gear.kind() == next.gear().kind();
        }
    }

    /** The parts of a step, in their order; the step itself where it is done in one place, or its parts do not add up. */
    static List<DayStep> of(DayStep step, StepGear whole) {
        if (step.time().waitMin() == 0 || step.loads() > 1) {
            return List.of(step);
        }
        List<Piece> pieces = pieces(step.text(), whole);
        StepTime said = StepTime.said(step.text(), sentence -> 1);
        int waits = pieces.stream().mapToInt(Piece::alone).sum();
        if (pieces.size() < 2 || waits == 0 || waits != said.waitMin()) {
            return List.of(step);
        }
        List<Piece> parts = joined(pieces);
        return parts.size() < 2 ? List.of(step) : shared(step, parts, whole);
    }

    private static List<Piece> pieces(String text, StepGear whole) {
        List<String> texts = BREAKS.splitAsStream(text)
                .map(String::strip)
                .filter(piece -> !piece.isEmpty())
                .toList();
        List<StepGear> gears = StepGear.of(texts);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            StepTime said = StepTime.said(texts.get(i), sentence -> 1);
            StepTime all = StepTime.read(texts.get(i));
            StepGear own = gears.get(i);
            boolean unsaid = own.kind() == StepGear.Kind.HANDS && said.waitMin() > 0 && pieces.isEmpty();
            pieces.add(
                    new Piece(texts.get(i), all.handsMin(), said.waitMin(), said.minutes() > 0, unsaid ? whole : own));
        }
        return pieces;
    }

    /** Hands go with what goes on after them; something else, or somewhere else, is a part of its own. */
    private static List<Piece> joined(List<Piece> pieces) {
        List<Piece> parts = new ArrayList<>();
        for (Piece piece : pieces) {
            Piece last = parts.isEmpty() ? null : parts.get(parts.size() - 1);
            if (last != null && goesWith(last, piece)) {
                parts.set(parts.size() - 1, last.and(piece));
            } else {
                parts.add(piece);
            }
        }
        int end = parts.size() - 1;
        if (end > 0 && !parts.get(end).said() && parts.get(end).hands() <= MOMENT) {
            // "and serve"
            Piece moment = parts.remove(end);
            parts.set(end - 1, parts.get(end - 1).and(moment));
        }
        return parts;
    }

    private static boolean goesWith(Piece last, Piece next) {
        boolean free = last.gear().kind() == StepGear.Kind.HANDS || next.gear().kind() == StepGear.Kind.HANDS;
        if (last.alone() == 0) {
            return free || last.sameGear(next) || !last.said();
        }
        return next.said() && next.alone() > 0 && next.hands() == 0 && last.sameGear(next);
    }

    private static List<DayStep> shared(DayStep step, List<Piece> parts, StepGear whole) {
        int longest = 0;
        for (int i = 1; i < parts.size(); i++) {
            longest = parts.get(i).alone() > parts.get(longest).alone() ? i : longest;
        }
        List<Integer> hands = parts.stream().map(Piece::hands).toList();
        List<Integer> waits = parts.stream().map(Piece::alone).toList();
        List<Integer> handsNow = share(step.time().handsMin(), hands);
        List<Integer> waitsNow = share(step.time().waitMin(), waits);
        List<Integer> handsWritten = share(step.written().handsMin(), hands);
        List<Integer> waitsWritten = share(step.written().waitMin(), waits);
        List<DayStep> steps = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            StepGear own = parts.get(i).gear();
            boolean heat = own.heat() == null && own.kind() == whole.kind();
            steps.add(new DayStep(
                    sentence(parts.get(i).text()),
                    new StepTime(handsNow.get(i), waitsNow.get(i), step.time().about()),
                    1,
                    clock(step.clock(), i == 0, i == longest),
                    i == 0 ? step.amounts() : List.of(),
                    new StepTime(
                            handsWritten.get(i),
                            waitsWritten.get(i),
                            step.written().about()),
                    heat ? whole : own));
        }
        return steps;
    }

    private static StepClock clock(StepClock of, boolean first, boolean longest) {
        @Nullable Integer most = first ? of.most() : null;
        return new StepClock(
                first ? of.follows() : List.of(),
                first ? of.least() : 0,
                most,
                longest ? of.every() : null,
                longest ? of.last() : null,
                longest ? of.lastWords() : "");
    }

    /** So many minutes shared out like these, whole ones that add up. */
    private static List<Integer> share(int minutes, List<Integer> like) {
        int all = like.stream().mapToInt(i -> i).sum();
        List<Integer> shares = new ArrayList<>();
        int done = 0;
        int seen = 0;
        for (int i = 0; i < like.size(); i++) {
            seen += like.get(i);
            int upTo = all == 0 ? minutes : (2 * minutes * seen + all) / (2 * all);
            shares.add(upTo - done);
            done = upTo;
        }
        return shares;
    }

    private static String sentence(String text) {
        String stripped = text.replaceAll("[,;]$", "");
        return stripped.substring(0, 1).toUpperCase(Locale.ROOT) + stripped.substring(1);
    }
}
