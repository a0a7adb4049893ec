-- What the book is searched by, worked out once beside each version, so that a book of thousands is found as one types.

create table recipe_figure (
    household_id uuid not null,
    recipe       uuid not null,
    n            integer not null,
    reader       integer not null,
    title        text not null,
    words        text not null,
    lines        integer not null,
    steps        integer not null,
    hands        integer not null,
    minutes      integer not null,
    foods        text[] not null,
    food_keys    text[] not null,
    proteins     text[] not null,
    forms        text[] not null,
    styles       text[] not null,
    gear         text[] not null,
    diets        text[] not null,
    allergens    text[] not null,
    described    boolean not null,
    portion_cost bigint,
    cost_complete boolean not null default false,
    costed_at    timestamptz,
    primary key (household_id, recipe, n),
    foreign key (household_id, recipe, n) references recipe_version
);
comment on column recipe_figure.reader is 'version of what works it out; an older one is worked out again';
comment on column recipe_figure.described is 'false when nobody has said what some food of it is: its allergens are not known';
comment on column recipe_figure.portion_cost is 'as last worked out, to search and sort thousands by; what is shown is worked out anew';

create index lot_there on lot (household_id) where amount > 0 or grade <> 'COUNTED';
create index act_reverses on act (household_id, reverses) where reverses is not null;
create index act_happened on act (household_id, happened_at);
create index movement_spent on movement (household_id, act) where kind in ('EATEN', 'USED', 'WASTED');
create index purchase_paid_on on purchase (household_id, paid_on);
create index slot_by_day on slot (household_id, day);
create index meal_dish_of_recipe on meal_dish (household_id, recipe) where recipe is not null;
create index next_time_waiting on next_time (household_id, recipe) where taken_in is null;

grant select, insert, update on recipe_figure to ${app_role};
