package wexilla.app.household;

import java.time.ZoneId;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Once;
import wexilla.core.food.facts.Country;
import wexilla.core.keeping.ContainerKind;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Container;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Money;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.lines.LineReader;

/** Households with their places and containers. */
@Component
public class Households {

    private final JdbcClient db;
    private final Journal journal;
    private final Once once;

    Households(JdbcClient db, Journal journal, Once once) {
        this.once = once;
        this.db = db;
        this.journal = journal;
    }

    /** The household with this id; when none is asked for, the one there is. */
    public Optional<Household> find(Optional<UUID> id) {
        return db.sql("""
                        select id, name, zone, currency, measures, cup_ml, tbsp_ml, seasoning, flat_minor, rice_days,
                            own_goods, country, version
                        from household
                        where :id::uuid is null or id = :id::uuid order by id limit 1""")
                .param("id", id.orElse(null))
                .query((row, n) -> {
                    Currency currency = Currency.getInstance(row.getString("currency"));
                    return new Household(
                            row.getObject("id", UUID.class),
                            row.getString("name"),
                            ZoneId.of(row.getString("zone")),
                            currency,
                            KitchenMeasure.System.valueOf(row.getString("measures")),
                            new Measures(
                                    Rational.of(row.getBigDecimal("cup_ml")),
                                    Rational.of(row.getBigDecimal("tbsp_ml"))),
                            Seasoning.valueOf(row.getString("seasoning")),
                            Money.of(row.getLong("flat_minor"), currency),
                            row.getInt("rice_days") > 1,
                            OwnGoods.valueOf(row.getString("own_goods")),
                            row.getString("country") == null ? null : Country.valueOf(row.getString("country")),
                            row.getInt("version"));
                })
                .optional();
    }

    /** Sets up a metric household in euro with the given places; containers are the usual four. */
    public Household create(UUID id, String name, ZoneId zone, List<Place> places) {
        db.sql("""
                        insert into household (id, name, zone, currency, measures, cup_ml, tbsp_ml, reader)
                        values (?, ?, ?, 'EUR', 'METRIC', ?, ?, ?)""")
                .params(
                        id,
                        name,
                        zone.getId(),
                        Measures.METRIC.cupMl().toDecimal(7),
                        Measures.METRIC.tbspMl().toDecimal(7),
                        LineReader.VERSION)
                .update();
        for (int i = 0; i < places.size(); i++) {
            Place place = places.get(i);
            db.sql("insert into place (household_id, id, name, kind, sort) values (?, ?, ?, ?, ?)")
                    .params(id, place.id(), place.name(), place.kind().name(), i)
                    .update();
        }
        container(id, "zip bag, 1 l", ContainerKind.BAG, 1000, "plastic");
        container(id, "zip bag, 3 l", ContainerKind.BAG, 2800, "plastic");
        container(id, "box, 1 l", ContainerKind.BOX, 1000, "plastic");
        container(id, "jar, 0.5 l", ContainerKind.JAR, 500, "glass");
        container(id, "baking tray, 3 l", ContainerKind.TRAY, 3000, "foil");
        return find(Optional.of(id)).orElseThrow();
    }

    private void container(UUID household, String name, ContainerKind kind, int volumeMl, String material) {
        db.sql("""
                        insert into container (household_id, id, name, kind, volume_ml, material)
                        values (?, ?, ?, ?, ?, ?)""")
                .params(household, UUID.randomUUID(), name, kind.name(), volumeMl, material)
                .update();
    }

    /** In the order the household put them. */
    public List<Place> places(Household household) {
        return once.read(
                List.of("places", household.id()),
                () -> db.sql("select id, name, kind, litres, version from place "
                                + "where household_id = ? and not gone order by sort, name, id")
                        .params(household.id())
                        .query(Place.class)
                        .list());
    }

    /** The first place of this kind, else the first of all. */
    public Place usualPlace(Household household, Storage kind) {
        List<Place> places = places(household);
        return places.stream().filter(p -> p.kind() == kind).findFirst().orElseGet(() -> places.get(0));
    }

    public List<Container> containers(Household household) {
        return db.sql("select id, name, kind, volume_ml from container where household_id = ? order by kind, name, id")
                .params(household.id())
                .query((row, n) -> new Container(
                        row.getObject("id", UUID.class),
                        row.getString("name"),
                        ContainerKind.valueOf(row.getString("kind")),
                        row.getInt("volume_ml")))
                .list();
    }

    /** Whether any price or cost is written already: the currency stays then. */
    boolean priced(Household household) {
        return db.sql("select exists (select 1 from offer where household_id = :id) or exists "
                        + "(select 1 from movement where household_id = :id and cost <> 0)")
                .param("id", household.id())
                .query(Boolean.class)
                .single();
    }

    /** Writes the household's settings. */
    void settings(Act act, Household changed) {
        journal.before(act, Thing.HOUSEHOLD, changed.id());
        db.sql("""
                        update household set name = ?, zone = ?, currency = ?, measures = ?, cup_ml = ?, tbsp_ml = ?,
                            seasoning = ?, flat_minor = ?, rice_days = ?, own_goods = ?, country = ?, version = version + 1 where id = ?""")
                .params(Arrays.asList(
                        changed.name(),
                        changed.zone().getId(),
                        changed.currency().getCurrencyCode(),
                        changed.system().name(),
                        changed.measures().cupMl().toDecimal(7),
                        changed.measures().tbspMl().toDecimal(7),
                        changed.seasoning().name(),
                        changed.flat().minor(),
                        changed.riceKept() ? 4 : 1,
                        changed.ownGoods().name(),
                        changed.country() == null ? null : changed.country().name(),
                        changed.id()))
                .update();
    }
}
