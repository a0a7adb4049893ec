-- Evenings: when the table is set, who eats, what; and how it was.

create table slot (
    household_id uuid not null references household,
    id           uuid not null,
    day          date not null,
    meal         text not null default 'dinner' check (meal in ('dinner')),
    table_time   time not null,
    minutes      integer not null check (minutes between 0 and 1440),
    kind         text not null check (kind in ('COOK', 'STOCK', 'LEFTOVERS', 'UNDECIDED', 'OUT')),
    state        text not null default 'PLANNED' check (state in ('PLANNED', 'EATEN', 'ASSUMED', 'OTHER', 'OUT')),
    locked       boolean not null default false,
    note         text not null default '',
    version      integer not null default 1,
    primary key (household_id, id),
    unique (household_id, day, meal) deferrable initially deferred
);

create table slot_person (
    household_id uuid not null,
    slot         uuid not null,
    person       uuid not null,
    primary key (household_id, slot, person),
    foreign key (household_id, slot) references slot deferrable initially deferred,
    foreign key (household_id, person) references person
);

create table meal_dish (
    household_id uuid not null,
    slot         uuid not null,
    pos          integer not null,
    kind         text not null check (kind in ('RECIPE', 'BATCH', 'SIDE')),
    recipe       uuid,
    batch        uuid,
    text         text not null default '',
    portions     integer check (portions between 1 and 500),
    primary key (household_id, slot, pos),
    check (num_nonnulls(recipe, batch) = case kind when 'SIDE' then 0 else 1 end),
    foreign key (household_id, slot) references slot deferrable initially deferred,
    foreign key (household_id, recipe) references recipe,
    foreign key (household_id, batch) references batch
);

create table rating (
    household_id uuid not null,
    slot         uuid not null,
    pos          integer not null,
    person       uuid,
    liked        smallint not null check (liked between -1 and 2),
    note         text not null default '',
    act          uuid not null,
    foreign key (household_id, slot) references slot deferrable initially deferred,
    foreign key (household_id, person) references person,
    foreign key (household_id, act) references act
);
create unique index rating_of on rating (household_id, slot, pos, coalesce(person, '00000000-0000-0000-0000-000000000000'));
comment on column rating.liked is '-1 would not eat it, 0 it was all right, 1 good, 2 again soon';

grant select, insert, update, delete on slot, slot_person, meal_dish, rating to ${app_role};
