package wexilla.app.household;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.core.food.facts.Country;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.KitchenMeasure;

/** Where a household cooks, as its browser lets one guess: asked once, answered with a tap. */
@RestController
class WhereController {

    private final Households households;

    WhereController(Households households) {
        this.households = households;
    }

    private static final Set<String> UNION = Set.of(
            "AT", "BE", "BG", "HR", "CY", "CZ", "DE", "DK", "EE", "ES", "FI", "FR", "GR", "HU", "IE", "IT", "LT", "LU",
            "LV", "MT", "NL", "PL", "PT", "RO", "SE", "SI", "SK");

    /**
     * @param country whose rules are likely followed; {@code currency} three letters; both as the household has them where
     *     the browser does not say, and its currency once prices are written
     */
    record WhereView(String zone, String currency, Country country, KitchenMeasure.System measures, String cup) {}

    /**
     * What is likely: the zone of the browser, the money and rules of its language's region or of its zone.
     *
     * @param zone like Europe/Paris; @param language like en-GB
     */
    @GetMapping("/api/household/where")
    WhereView where(
            Household household,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "") String language) {
        String here = zone(zone, household.zone().getId());
        String region = region(here, Locale.forLanguageTag(language).getCountry());
        Country country = region.equals("US") ? Country.US : region.equals("GB") ? Country.UK : Country.EU;
        String own = household.currency().getCurrencyCode();
        boolean us = country == Country.US;
        return new WhereView(
                here,
                households.priced(household) ? own : currency(region, own),
                country,
                us ? KitchenMeasure.System.US : KitchenMeasure.System.METRIC,
                us ? "us" : "metric");
    }

    /** UTC is what a browser says that does not want to tell. */
    private static String zone(String said, String otherwise) {
        try {
            String zone = said.isBlank() ? otherwise : ZoneId.of(said.strip()).getId();
            return zone.indexOf('/') < 0 || zone.startsWith("Etc/") ? otherwise : zone;
        } catch (DateTimeException unknown) {
            return otherwise;
        }
    }

    /** The zone says more than the language: English is spoken by a browser anywhere. */
    private static String region(String zone, String ofLanguage) {
        if (zone.equals("Europe/London") || zone.equals("Europe/Belfast")) {
            return "GB";
        }
        if (zone.startsWith("Europe/")) {
            return UNION.contains(ofLanguage) ? ofLanguage : "DE";
        }
        return zone.startsWith("America/") && ofLanguage.isEmpty() ? "US" : ofLanguage;
    }

    private static String currency(String region, String otherwise) {
        try {
            Currency of = region.isEmpty() ? null : Currency.getInstance(new Locale("", region));
            return of == null ? otherwise : of.getCurrencyCode();
        } catch (IllegalArgumentException noCountry) {
            return otherwise;
        }
    }
}
