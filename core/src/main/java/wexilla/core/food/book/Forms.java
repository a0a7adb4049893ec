package wexilla.core.food.book;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.food.Food;
import wexilla.core.food.Key;

/** Which foods stand in for which: handbook, section 1. */
public final class Forms {

    /** The aisle of what is only made at home. */
    private static final String NO_SHOP = "none";

    /** Every food stands for itself only. */
    public static final Forms NONE = new Forms(List.of());

    private final Map<Key, List<Form>> byNeed;

    public Forms(Collection<Form> forms) {
        this.byNeed = forms.stream().collect(Collectors.groupingBy(Form::need));
    }

    /** These forms by the yields of a household: see {@link Form#learned}. */
    public Forms learned(FoodBook before, FoodBook now) {
        return new Forms(byNeed.values().stream()
                .flatMap(List::stream)
                .map(form -> form.learned(before, now))
                .toList());
    }

    /** These forms and more. */
    public Forms with(Collection<Form> more) {
        return more.isEmpty()
                ? this
                : new Forms(Stream.concat(byNeed.values().stream().flatMap(List::stream), more.stream())
                        .toList());
    }

    /** What stands in for this food, best first. */
    public List<Form> of(Key food) {
        return byNeed.getOrDefault(food, List.of());
    }

    /**
     * What a food that no shop sells is made of, so that it is bought in its place: a tin of beans for cooked beans, dry
     * rice for cooked rice; what is ready goes before what has to be cooked.
     */
    public Optional<Form> source(Food food) {
        return food.traits().aisle().equals(NO_SHOP)
                ? of(food.key()).stream()
                        .filter(form -> !form.by().traits().aisle().equals(NO_SHOP))
                        .min(Comparator.comparing(form -> !form.silent()))
                : Optional.empty();
    }

    /** What this food stands in for. */
    public List<Form> by(Key food) {
        return byNeed.values().stream()
                .flatMap(List::stream)
                .filter(form -> form.by().key().equals(food))
                .toList();
    }

    /** What stands in for it without asking, best first. */
    public List<Form> silent(Key food) {
        return of(food).stream().filter(Form::silent).toList();
    }
}
