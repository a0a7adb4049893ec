package wexilla.app.eat;

import java.sql.Types;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.eat.EatController.RatingView;
import wexilla.app.eat.EatInput.How;
import wexilla.app.household.People;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;

/** How evenings were. */
@Component
class Ratings {

    private final People people;
    private final Journal journal;
    private final JdbcClient db;

    Ratings(People people, Journal journal, JdbcClient db) {
        this.people = people;
        this.journal = journal;
        this.db = db;
    }

    /** The newest ratings. */
    List<RatingView> newest(Household household) {
        return db.sql("""
                        select s.day, coalesce(case when s.state = 'OTHER' then nullif(s.eaten, '') else
                            coalesce(b.name, v.title) end, 'something else') as dish, p.name as person, r.liked
                        from rating r
                        join slot s on s.household_id = r.household_id and s.id = r.slot
                        left join recipe c on c.household_id = r.household_id and c.id = r.recipe
                        left join recipe_version v on v.household_id = c.household_id and v.recipe = c.id
                            and v.n = c.current_version
                        left join batch b on b.household_id = r.household_id and b.id = r.batch
                        left join person p on p.household_id = r.household_id and p.id = r.person
                        where r.household_id = ? order by s.day desc, p.name nulls first, s.id, r.pos, p.id limit 20""").params(household.id()).query(RatingView.class).list();
    }

    /** Writes how it was, and for whom it was not. */
    void rate(Act act, Meal slot, EatInput input) {
        if (input.liked() == null && input.notForThem().isEmpty()) {
            return;
        }
        if (input.liked() != null && (input.liked() < 0 || input.liked() > 2)) {
            throw Problem.at("/liked", "How it was is 0 (all right), 1 (good) or 2 (again soon).");
        }
        journal.before(act, Thing.RATINGS, slot.id());
        Map<UUID, Integer> said = new LinkedHashMap<>();
        List<UUID> known = people.all(act.household()).stream().map(Person::id).toList();
        input.notForThem().stream().distinct().forEach(person -> {
            if (!known.contains(person)) {
                throw Problem.at("/notForThem", "Somebody named here does not eat in this household.");
            }
            said.put(person, -1);
        });
        insert(act, slot, input, said);
    }

    /** The rating is of what was eaten: the dish that was planned, or the one that was taken instead. */
    private void insert(Act act, Meal slot, EatInput input, Map<UUID, Integer> said) {
        boolean planned = input.how() == How.PLANNED && !slot.dishes().isEmpty();
        Meal.Dish dish = planned ? slot.dishes().get(0) : null;
        UUID recipe = dish != null && dish.kind() == DishKind.RECIPE ? dish.of() : null;
        UUID batch = dish == null ? input.batch() : dish.kind() == DishKind.BATCH ? dish.of() : null;
        List<@Nullable UUID> people = new ArrayList<>(said.keySet());
        List<Integer> liked = new ArrayList<>(said.values());
        if (input.liked() != null) {
            people.add(null);
            liked.add(input.liked());
        }
        db.sql("""
                        insert into rating (household_id, slot, pos, person, liked, act, batch, recipe)
                        select :household, :slot, 0, person, liked, :act, :batch, coalesce(:recipe,
                            (select recipe from batch where household_id = :household and id = :batch))
                        from unnest(:people, :liked) as said (person, liked)""")
                .param("household", act.household().id())
                .param("slot", slot.id())
                .param("people", people.toArray(UUID[]::new))
                .param("liked", liked.toArray(Integer[]::new))
                .param("act", act.id())
                .param("batch", batch, Types.OTHER)
                .param("recipe", recipe, Types.OTHER)
                .update();
    }
}
