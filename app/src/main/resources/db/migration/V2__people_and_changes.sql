-- Who eats, what there is to cook with, and a memory of editable rows so that every change of them can be undone.

alter table household add column set_up boolean not null default false;
comment on column household.set_up is 'true once somebody has looked at the settings';

create table person (
    household_id uuid not null references household,
    id           uuid not null,
    name         text not null,
    appetite     text not null check (appetite in ('ADULT', 'TEENAGER', 'CHILD_9_TO_13', 'CHILD_4_TO_8', 'UNDER_4')),
    diet         text not null default '',
    allergens    text[] not null default '{}',
    flags        text[] not null default '{}',
    dislikes     text[] not null default '{}',
    chilli       smallint not null default 3 check (chilli between 0 and 3),
    active       boolean not null default true,
    sort         integer not null default 0,
    version      integer not null default 1,
    primary key (household_id, id)
);

create table equipment (
    household_id uuid not null references household,
    id           uuid not null,
    name         text not null,
    kind         text not null,
    capacity_ml  integer check (capacity_ml > 0),
    area_cm2     integer check (area_cm2 > 0),
    count        integer not null default 1 check (count between 1 and 50),
    version      integer not null default 1,
    primary key (household_id, id)
);

alter table place add column version integer not null default 1;
alter table place add column gone boolean not null default false;
alter table place drop constraint place_household_id_name_key;
create unique index place_by_name on place (household_id, lower(name)) where not gone;

-- What the rows of an editable thing looked like before an act changed them; undo puts them back.
create table change (
    household_id uuid not null,
    act          uuid not null,
    seq          integer generated always as identity,
    thing        text not null,
    id           uuid not null,
    before       jsonb not null,
    primary key (household_id, act, thing, id),
    foreign key (household_id, act) references act
);
create index change_of_thing on change (household_id, thing, id);

-- More ways a lot can change, and the level of a staple after each of them.
alter table movement drop constraint movement_kind_check;
alter table movement add constraint movement_kind_check check (kind in
    ('bought', 'counted', 'used', 'made', 'packed', 'frozen', 'thawed', 'opened', 'moved', 'level', 'wasted', 'eaten',
     'undone'));
update movement m set grade = l.grade from lot l
    where l.household_id = m.household_id and l.id = m.lot and l.grade <> 'counted';

grant select, insert on change to ${app_role};
grant select, insert, update, delete on person, equipment to ${app_role};
grant delete on place to ${app_role};

-- A packet that moves keeps its code: the lot it came from is empty then.
alter table lot drop constraint lot_household_id_code_key;
create unique index lot_code on lot (household_id, code) where amount > 0;

-- What was paid: the sum of the lines as typed, and what the till said at the end.
create table purchase (
    household_id uuid not null references household,
    act          uuid not null,
    paid_on      date not null,
    lines        bigint not null check (lines >= 0),
    till         bigint check (till >= 0),
    primary key (household_id, act),
    foreign key (household_id, act) references act
);
grant select, insert on purchase to ${app_role};
