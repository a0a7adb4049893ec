package wexilla.app.household;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Diet;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Country;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.kitchen.house.Place;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** Setting up the household: settings, people, places. */
@RestController
class SetUpController {

    private static final int LONGEST_NAME = 60;
    private static final int MOST_PEOPLE = 40;

    private final Households households;
    private final People people;
    private final Places places;
    private final List<Redescribed> others;
    private final Acts acts;

    SetUpController(Households households, People people, Places places, List<Redescribed> others, Acts acts) {
        this.households = households;
        this.people = people;
        this.places = places;
        this.others = List.copyOf(others);
        this.acts = acts;
    }

    /** @param version as last seen; @param cup {@code us} or {@code metric}; @param tbsp ml; @param flat decimal money;
     * @param riceKept absent for as it is; so are ownGoods and country */
    record SettingsInput(
            int version,
            String name,
            String zone,
            String currency,
            KitchenMeasure.System measures,
            String cup,
            String tbsp,
            Seasoning seasoning,
            String flat,
            @Nullable Boolean riceKept,
            @Nullable OwnGoods ownGoods,
            @Nullable Country country) {}

    @PostMapping("/api/household/settings")
    Said settings(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody SettingsInput input) {
        return acts.say(household, key, "settings", input, act -> {
            Household now = households.find(Optional.of(household.id())).orElseThrow();
            same(input.version(), now.version());
            Currency currency = currency(input.currency());
            if (!currency.equals(household.currency()) && households.priced(household)) {
                throw Problem.at(
                        "/currency",
                        "Prices are written in " + household.currency().getCurrencyCode()
                                + " already; the currency is chosen before the first price.");
            }
            boolean riceKept = input.riceKept() == null ? now.riceKept() : input.riceKept();
            households.settings(
                    act,
                    new Household(
                            household.id(),
                            Asked.name("/name", input.name(), LONGEST_NAME),
                            zone(input.zone()),
                            currency,
                            input.measures(),
                            measures(input),
                            input.seasoning(),
                            Asked.money("/flat", input.flat(), currency),
                            riceKept,
                            input.ownGoods() == null ? now.ownGoods() : input.ownGoods(),
                            input.country() == null ? now.country() : input.country(),
                            now.version()));
            Household changed = households.find(Optional.of(household.id())).orElseThrow();
            if (riceKept != now.riceKept() || changed.country() != now.country()) {
                others.forEach(other -> other.rules(act, changed));
            }
            return "Household: settings";
        });
    }

    private static Measures measures(SettingsInput input) {
        if (!input.cup().equals("us") && !input.cup().equals("metric")) {
            throw Problem.at("/cup", "“" + input.cup() + "” is no cup; say us or metric.");
        }
        Rational tbsp = Asked.number("/tbsp", input.tbsp());
        if (tbsp.compareTo(Rational.of(10)) < 0 || tbsp.compareTo(Rational.of(25)) > 0) {
            throw Problem.at("/tbsp", "A tablespoon holds 14.787, 15 or 20 ml, not " + tbsp.plain() + ".");
        }
        return new Measures(input.cup().equals("us") ? Measures.US.cupMl() : Measures.METRIC.cupMl(), tbsp);
    }

    private static Currency currency(String code) {
        try {
            return Currency.getInstance(code.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw Problem.at("/currency", "“" + code + "” is no currency; write three letters like EUR.");
        }
    }

    private static ZoneId zone(String id) {
        try {
            return ZoneId.of(id.strip());
        } catch (DateTimeException unknown) {
            throw Problem.at("/zone", "“" + id + "” is no time zone; write it like Europe/Paris.");
        }
    }

    /** @param id null for somebody new; @param version as last seen, 0 for somebody new; @param diets none where absent */
    record PersonInput(
            @Nullable UUID id,
            int version,
            String name,
            Appetite appetite,
            List<Allergen> allergens,
            List<Flag> flags,
            List<String> dislikes,
            int chilli,
            @Nullable List<Diet> diets,
            boolean active) {}

    @PostMapping("/api/household/people")
    Said person(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody PersonInput input) {
        return acts.say(household, key, "person", input, act -> {
            List<Person> all = people.all(household);
            String name = Asked.name("/name", input.name(), LONGEST_NAME);
            if (all.stream().anyMatch(p -> p.name().equalsIgnoreCase(name) && !p.id().equals(input.id()))) {
                throw Problem.at("/name", "There is a " + name + " already; write a name that tells them apart.");
            }
            if (input.id() == null && all.size() >= MOST_PEOPLE) {
                throw Problem.at("/name", MOST_PEOPLE + " people are the most.");
            }
            if (input.chilli() < 0 || input.chilli() > 3) {
                throw Problem.at(
                        "/chilli", "Chilli is 0 (none) to 3 (as hot as it comes), not " + input.chilli() + ".");
            }
            UUID id = input.id() == null ? act.newId() : input.id();
            if (input.id() != null) {
                same(input.version(), personOf(household, id).version());
            }
            people.save(
                    act,
                    new Person(
                            id,
                            name,
                            input.appetite(),
                            input.allergens(),
                            input.flags(),
                            input.dislikes().stream()
                                    .map(d -> Asked.name("/dislikes", d, LONGEST_NAME))
                                    .toList(),
                            input.chilli(),
                            input.diets() == null ? List.of() : input.diets(),
                            input.active(),
                            0));
            return "Eats here: " + name;
        });
    }

    private Person personOf(Household household, UUID id) {
        return people.find(household, id)
                .orElseThrow(() -> Problem.missing("Nobody like that eats in this household."));
    }

    static void same(int expected, int found) {
        if (expected != found) {
            throw Problem.changed("This was changed in another window; look at it again and add your change.");
        }
    }

    /** How many eat here, for a quick start: they are called "Adult 1", "Child 2" until they get a name. */
    record TableInput(int adults, int teenagers, int children9to13, int children4to8, int under4) {}

    @PostMapping("/api/household/table")
    Said table(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody TableInput input) {
        return acts.say(household, key, "table", input, act -> {
            int before = people.all(household).size();
            add(act, "/adults", "Adult", Appetite.ADULT, input.adults());
            add(act, "/teenagers", "Teenager", Appetite.TEENAGER, input.teenagers());
            add(act, "/children9to13", "Child 9–13", Appetite.CHILD_9_TO_13, input.children9to13());
            add(act, "/children4to8", "Child 4–8", Appetite.CHILD_4_TO_8, input.children4to8());
            add(act, "/under4", "Small child", Appetite.UNDER_4, input.under4());
            int added = people.all(household).size() - before;
            if (added == 0) {
                throw Problem.at("/adults", "Say how many eat here; one is enough.");
            }
            return "Eats here: " + added + (added == 1 ? " person" : " people");
        });
    }

    private void add(Act act, String field, String called, Appetite appetite, int count) {
        if (count < 0 || count > 12) {
            throw Problem.at(field, "From 0 to 12, not " + count + ".");
        }
        List<String> taken =
                people.all(act.household()).stream().map(Person::name).toList();
        for (int added = 0, number = 1; added < count; number++) {
            String name = called + " " + number;
            if (!taken.contains(name)) {
                people.save(
                        act,
                        new Person(
                                act.newId(), name, appetite, List.of(), List.of(), List.of(), 3, List.of(), true, 0));
                added++;
            }
        }
    }

    /**
     * @param id null for a new one
     * @param litres that fit into one, as typed: "30", "30 l"; blank or null leaves it as it is
     * @param drawers how many of this size there are, for a new one: "Drawer" in threes is Drawer 1, Drawer 2, Drawer 3
     */
    record PlaceInput(
            @Nullable UUID id,
            int version,
            String name,
            Storage kind,
            @Nullable String litres,
            @Nullable Integer drawers) {}

    private static final int MOST_DRAWERS = 12;
    private static final BigDecimal MOST_LITRES = BigDecimal.valueOf(2000);

    private static @Nullable BigDecimal litres(PlaceInput input) {
        if (input.litres() == null || input.litres().isBlank()) {
            return null;
        }
        String typed = input.litres().strip();
        BigDecimal litres = typed.matches("[\\d.,/½¼¾ ]+")
                ? Asked.number("/litres", typed).toDecimal(1)
                : inLitres(Measures.METRIC.toBase(Asked.amount("/litres", typed)));
        if (input.kind() != Storage.FREEZER) {
            throw Problem.at("/litres", "Only a freezer's room is counted; leave it blank for " + input.name() + ".");
        }
        if (litres.signum() <= 0 || litres.compareTo(MOST_LITRES) > 0) {
            throw Problem.at("/litres", "“" + typed + "” is no room of a drawer; write its litres, like 30.");
        }
        return litres;
    }

    private static BigDecimal inLitres(Amount amount) {
        return amount.unit().equals(Unit.ML)
                ? amount.value().dividedBy(Rational.of(1000)).toDecimal(1)
                : BigDecimal.ZERO;
    }

    private static List<String> drawers(PlaceInput input, String name) {
        int drawers = input.drawers() == null ? 1 : input.drawers();
        if (drawers < 1 || drawers > MOST_DRAWERS || drawers > 1 && input.id() != null) {
            throw Problem.at("/drawers", "From 1 to " + MOST_DRAWERS + " new ones of one size, not " + drawers + ".");
        }
        return drawers == 1
                ? List.of(name)
                : IntStream.rangeClosed(1, drawers)
                        .mapToObj(n -> name + " " + n)
                        .toList();
    }

    @PostMapping("/api/household/places")
    Said place(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody PlaceInput input) {
        return acts.say(household, key, "place", input, act -> {
            String name = Asked.name("/name", input.name(), LONGEST_NAME);
            List<String> names = drawers(input, name);
            BigDecimal litres = litres(input);
            List<Place> all = households.places(household);
            for (String one : names) {
                if (all.stream().anyMatch(p -> p.name().equalsIgnoreCase(one) && !p.id().equals(input.id()))) {
                    throw Problem.at("/name", "There is a place “" + one + "” already.");
                }
            }
            if (input.id() != null) {
                Place old = places.of(household, input.id());
                same(input.version(), old.version());
                if (old.kind() != input.kind() && places.holds(household, input.id()) > 0) {
                    throw Problem.at("/kind", "Empty “" + old.name() + "” first: what lies there keeps by its kind.");
                }
            }
            places.save(
                    act,
                    names.stream()
                            .map(one -> new Places.Row(
                                    input.id() == null ? act.newId() : input.id(), one, input.kind(), litres))
                            .toList());
            return "Place: " + String.join(", ", names);
        });
    }

    @PostMapping("/api/household/places/{id}/remove")
    Said removePlace(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, "place-gone", id, act -> {
            Place place = places.of(household, id);
            if (places.holds(household, id) > 0) {
                throw Problem.at("/id", "“" + place.name() + "” is not empty; move what lies there first.");
            }
            if (households.places(household).stream()
                                    .filter(p -> p.kind() == place.kind())
                                    .count()
                            == 1
                    && place.kind() != Storage.FREEZER) {
                throw Problem.at("/id", "“" + place.name() + "” is the only one of its kind and stays.");
            }
            places.remove(act, id);
            return "Place removed: " + place.name();
        });
    }
}
