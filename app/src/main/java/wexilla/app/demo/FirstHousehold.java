package wexilla.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.household.Households;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;

/**
 * Sets up the first household of an empty database: the demo one, or one with nothing but its places. The demo is made
 * by the same acts a cook would make, in one transaction, so that it is there whole or not at all.
 */
@Component
public class FirstHousehold implements ApplicationRunner {

    private static final Pattern DAY = Pattern.compile("@([+-]\\d{1,3})");

    private final Households households;
    private final Story story;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Clock clock;
    private final String first;

    FirstHousehold(
            Households households,
            Story story,
            TransactionTemplate transaction,
            JsonMapper json,
            Clock clock,
            @Value("${wexilla.first-household:none}") String first) {
        this.households = households;
        this.story = story;
        this.transaction = transaction;
        this.json = json;
        this.clock = clock;
        this.first = first;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (first.equals("none") || households.find(Optional.empty()).isPresent()) {
            return;
        }
        transaction.executeWithoutResult(status -> {
            if (first.equals("demo")) {
                demo(UUID.randomUUID());
            } else {
                empty(UUID.randomUUID());
            }
        });
    }

    /** A household with a cupboard, a counter, a fridge and a freezer of three drawers. */
    public Household empty(UUID id) {
        return households.create(
                id,
                "Our kitchen",
                ZoneId.systemDefault(),
                List.of(
                        place("Cupboard", Storage.CUPBOARD),
                        place("Kitchen counter", Storage.COUNTER),
                        place("Fridge", Storage.FRIDGE),
                        place("Freezer, top drawer", Storage.FREEZER),
                        place("Freezer, middle drawer", Storage.FREEZER),
                        place("Freezer, bottom drawer", Storage.FREEZER)));
    }

    private static Place place(String name, Storage kind) {
        return new Place(UUID.randomUUID(), name, kind);
    }

    /** The household of six above the harbour, as of today. */
    public Household demo(UUID id) {
        Script script = script();
        List<Place> places =
                script.places().stream().map(p -> place(p.name(), p.kind())).toList();
        Household household = households.create(id, script.name(), ZoneId.of(script.zone()), places);
        story.play(household, script, clock.instant());
        return household;
    }

    /** The script as written; {@code @+2} in it is the day after tomorrow. */
    private Script script() {
        try (InputStream stream =
                Objects.requireNonNull(FirstHousehold.class.getResourceAsStream("/demo/harbour.json"))) {
            String text = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
            ZoneId zone = ZoneId.of(json.readTree(text).path("zone").asString());
            LocalDate today = clock.instant().atZone(zone).toLocalDate();
            String dated = DAY.matcher(text)
                    .replaceAll(
                            day -> today.plusDays(Long.parseLong(day.group(1))).toString());
            return json.readValue(dated, Script.class);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
