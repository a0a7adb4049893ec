-- A part of a big buy is eaten at one meal of its day, dinner unless somebody said otherwise.
alter table share add meal text not null default 'dinner'
    check (meal in ('breakfast', 'boxes', 'lunch', 'snack', 'dinner', 'supper'));

-- Further packs of a big buy, and who usually eats: rows with a foreign key where arrays of ids were.
create table stretch_pack (
    household_id uuid not null,
    stretch      uuid not null,
    pos          integer not null,
    lot          uuid not null,
    primary key (household_id, stretch, pos),
    foreign key (household_id, stretch) references stretch deferrable,
    foreign key (household_id, lot) references lot deferrable
);
create index on stretch_pack (household_id, lot);
insert into stretch_pack (household_id, stretch, pos, lot)
select s.household_id, s.id, p.n, p.lot
from stretch s cross join lateral unnest(s.more_lots) with ordinality as p (lot, n)
join lot l on l.household_id = s.household_id and l.id = p.lot;

create table meal_habit_person (
    household_id uuid not null,
    habit        uuid not null,
    person       uuid not null,
    primary key (household_id, habit, person),
    foreign key (household_id, habit) references meal_habit deferrable,
    foreign key (household_id, person) references person deferrable
);
comment on table meal_habit_person is 'who eats; everybody where there is nobody of a habit';
create index on meal_habit_person (household_id, person);
insert into meal_habit_person (household_id, habit, person)
select distinct h.household_id, h.id, p.person
from meal_habit h cross join lateral unnest(h.people) as p (person)
join person k on k.household_id = h.household_id and k.id = p.person;

-- What an act remembers of them goes the same way, so that it is undone after the upgrade too.
insert into change (household_id, act, thing, id, before)
select c.household_id, c.act, 'PACKS', c.id, coalesce((
    select jsonb_agg(jsonb_build_object('household_id', c.household_id, 'stretch', c.id, 'pos', p.n, 'lot', p.lot))
    from jsonb_array_elements(c.before) old
    cross join lateral jsonb_array_elements_text(coalesce(old -> 'more_lots', '[]')) with ordinality as p (lot, n)
    join lot l on l.household_id = c.household_id and l.id = p.lot::uuid), '[]')
from change c where c.thing = 'STRETCH' on conflict do nothing;
insert into change (household_id, act, thing, id, before)
select c.household_id, c.act, 'HABIT_PEOPLE', c.id, coalesce((
    select jsonb_agg(distinct jsonb_build_object('household_id', c.household_id, 'habit', c.id, 'person', p.person))
    from jsonb_array_elements(c.before) old
    cross join lateral jsonb_array_elements_text(coalesce(old -> 'people', '[]')) as p (person)
    join person k on k.household_id = c.household_id and k.id = p.person::uuid), '[]')
from change c where c.thing = 'HABIT' on conflict do nothing;

alter table stretch drop column more_lots;
alter table meal_habit drop column people;

grant select, insert, update, delete on stretch_pack, meal_habit_person to ${app_role};
