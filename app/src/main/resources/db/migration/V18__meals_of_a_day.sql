-- A day has as many meals as the household eats; a dish can be for some of the table, and guests come.

alter table slot drop constraint slot_meal_check;
alter table slot add constraint slot_meal_check
    check (meal in ('breakfast', 'boxes', 'lunch', 'snack', 'dinner', 'supper'));
alter table slot add column home_from time;
comment on column slot.home_from is 'since when somebody is at home to cook for it';

alter table meal_dish drop constraint meal_dish_kind_check;
alter table meal_dish drop constraint meal_dish_check;
alter table meal_dish add constraint meal_dish_kind_check check (kind in ('RECIPE', 'BATCH', 'SIDE', 'TASK'));
alter table meal_dish add constraint meal_dish_check
    check (num_nonnulls(recipe, batch) = case when kind in ('SIDE', 'TASK') then 0 else 1 end);

-- eaten from the freezer: so many of what is cooked ahead are frozen the day they are cooked
alter table meal_dish add column frozen boolean not null default false;

-- who eats of a dish, where it is not for everybody at the table
create table meal_dish_person (
    household_id uuid not null,
    slot         uuid not null,
    pos          integer not null,
    person       uuid not null,
    primary key (household_id, slot, pos, person),
    foreign key (household_id, slot) references slot deferrable initially deferred,
    foreign key (household_id, person) references person
);

create table slot_guest (
    household_id uuid not null,
    slot         uuid not null,
    pos          integer not null,
    name         text not null,
    appetite     text not null,
    allergens    text[] not null default '{}',
    primary key (household_id, slot, pos),
    foreign key (household_id, slot) references slot deferrable initially deferred
);

-- what stands every week unless somebody says otherwise: "Thursday late, 20 min", "Friday leftovers"
create table meal_habit (
    household_id uuid not null references household,
    id           uuid not null,
    meal         text not null check (meal in ('breakfast', 'boxes', 'lunch', 'snack', 'dinner', 'supper')),
    weekday      smallint check (weekday between 1 and 7),
    table_time   time not null,
    home_from    time,
    minutes      integer not null check (minutes between 0 and 1440),
    kind         text not null check (kind in ('COOK', 'STOCK', 'LEFTOVERS', 'UNDECIDED', 'OUT')),
    note         text not null default '',
    people       uuid[] not null default '{}',
    primary key (household_id, id)
);
create unique index meal_habit_of on meal_habit (household_id, meal, coalesce(weekday, 0));
comment on column meal_habit.weekday is '1 Monday to 7 Sunday; null for every day without one of its own';
comment on column meal_habit.people is 'who eats; everybody where it is empty';

-- the private address of the plan as a calendar: whoever knows it can read the plan
alter table household add column feed text unique check (length(feed) >= 32);

grant select, insert, update, delete on meal_dish_person, slot_guest, meal_habit to ${app_role};
