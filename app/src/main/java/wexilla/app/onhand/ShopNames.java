package wexilla.app.onhand;

import java.util.Collection;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem;

/** The shops of a household, by their names, and to which of them it goes. */
@Component
public class ShopNames {

    private final JdbcClient db;

    ShopNames(JdbcClient db) {
        this.db = db;
    }

    /** The row of a shop of this name, however it is written; a new one for a name nobody said before. */
    public UUID row(Act act, String name) {
        return find(act, name).orElseGet(() -> {
            UUID id = act.newId();
            db.sql("insert into shop (household_id, id, name, act) values (?, ?, ?, ?)")
                    .params(act.household().id(), id, name, act.id())
                    .update();
            return id;
        });
    }

    private Optional<UUID> find(Act act, String name) {
        return db.sql("select id from shop where household_id = ? and lower(name) = lower(?)")
                .params(act.household().id(), name)
                .query(UUID.class)
                .optional();
    }

    /**
     * From now on these are gone to.
     *
     * @throws Problem if no price was ever seen in one of them, or there is none
     */
    public void goTo(Act act, Collection<String> names) {
        if (names.isEmpty()) {
            throw Problem.at("/shops", "Say at least one shop; all of them is every shop by its name.");
        }
        for (String name : names) {
            UUID shop = find(act, name)
                    .orElseThrow(() -> Problem.at(
                            "/shops", "There is no shop “" + name + "”; write down a price that was seen there."));
            db.sql("insert into shop_gone (household_id, act, shop) values (?, ?, ?) on conflict do nothing")
                    .params(act.household().id(), act.id(), shop)
                    .update();
        }
    }
}
