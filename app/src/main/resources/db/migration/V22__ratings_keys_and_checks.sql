-- A rating belongs to the dish that was eaten, not to a place in a meal that may be planned anew.
alter table rating
    add column recipe uuid,
    add column batch  uuid,
    add foreign key (household_id, recipe) references recipe deferrable initially deferred,
    add foreign key (household_id, batch) references batch deferrable initially deferred;
update rating r set recipe = coalesce(d.recipe, b.recipe), batch = d.batch
from meal_dish d left join batch b on b.household_id = d.household_id and b.id = d.batch
where d.household_id = r.household_id and d.slot = r.slot and d.pos = r.pos;
set constraints all immediate;
comment on column rating.recipe is 'what was eaten was cooked by it; null for what has no recipe';

create index rating_recipe on rating (household_id, recipe) where recipe is not null;
create index rating_batch on rating (household_id, batch) where batch is not null;
create index rating_person on rating (household_id, person) where person is not null;
create index rating_act on rating (household_id, act);

-- Every foreign key is found from its other end.
create index place_parent on place (household_id, parent) where parent is not null;
create index food_looked on food (household_id, looked) where looked is not null;
create index food_same_as on food (household_id, same_as) where same_as is not null;
create index offer_act on offer (household_id, act);
create index recipe_current on recipe (household_id, id, current_version);
create index recipe_version_act on recipe_version (household_id, act);
create index recipe_line_food on recipe_line (household_id, food) where food is not null;
create index batch_act on batch (household_id, act);
create index batch_line_food on batch_line (household_id, food) where food is not null;
create index batch_line_act on batch_line (household_id, act);
create index lot_place on lot (household_id, place);
create index lot_of_food on lot (household_id, food) where food is not null;
create index lot_container on lot (household_id, container) where container is not null;
create index stretch_source on stretch (household_id, source_lot) where source_lot is not null;
create index share_lot on share (household_id, lot) where lot is not null;
create index weighing_food on weighing (household_id, food);
create index weighing_act on weighing (household_id, act);
create index slot_person_person on slot_person (household_id, person);
create index meal_dish_batch on meal_dish (household_id, batch) where batch is not null;
create index meal_dish_person_person on meal_dish_person (household_id, person);
create index shop_item_food on shop_item (household_id, food) where food is not null;
create index shop_item_act on shop_item (household_id, act);
create index shop_entry_act on shop_entry (household_id, act);
create index shop_entry_food on shop_entry (household_id, food) where food is not null;
create index shop_entry_item on shop_entry (household_id, item) where item is not null;
create index shop_away_act on shop_away (household_id, act);
create index next_time_taken on next_time (household_id, recipe, taken_in) where taken_in is not null;

-- What can be only one of a few words.
alter table batch add check (style in ('COOKED', 'READY_TO_BAKE', 'RAW_BAG', 'PLAIN_PART', 'SINGLE_BOXES'));
alter table cook_gear add check (kind in
    ('BURNER', 'RACK', 'SLOW_COOKER', 'PRESSURE_COOKER', 'HOT_AIR', 'PAN', 'GRIDDLE', 'SIEVE', 'COOLING'));
alter table slot_guest add check (appetite in ('ADULT', 'TEENAGER', 'CHILD_9_TO_13', 'CHILD_4_TO_8', 'UNDER_4'));
