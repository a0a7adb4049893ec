-- The tables of the first path: note -> stock -> recipe -> batch -> packets. Every key begins with the household, so
-- that no row can reach into another one. `act` is one thing a person did; movements are only ever inserted.

create table household (
    id          uuid primary key,
    name        text not null,
    zone        text not null,
    currency    char(3) not null,
    measures    text not null check (measures in ('metric', 'us')),
    cup_ml      numeric(12, 7) not null check (cup_ml > 0),
    tbsp_ml     numeric(12, 7) not null check (tbsp_ml > 0),
    week_start  smallint not null default 1 check (week_start between 1 and 7),
    seasoning   text not null default 'FLAT' check (seasoning in ('FLAT', 'EXACT', 'OUT')),
    flat_minor  bigint not null default 15 check (flat_minor >= 0),
    settings    jsonb not null default '{}',
    version     integer not null default 1
);

create table act (
    household_id uuid not null references household,
    id           uuid not null,
    seq          bigint generated always as identity,
    kind         text not null,
    subject      text not null,
    happened_at  timestamptz not null,
    recorded_at  timestamptz not null,
    person       uuid,
    device       text,
    reverses     uuid,
    request_hash text not null,
    response     text,
    primary key (household_id, id),
    unique (household_id, reverses),
    foreign key (household_id, reverses) references act
);
create index act_by_time on act (household_id, seq desc);

create table place (
    household_id uuid not null references household,
    id           uuid not null,
    name         text not null,
    kind         text not null check (kind in ('CUPBOARD', 'COUNTER', 'FRIDGE', 'FREEZER')),
    parent       uuid,
    litres       numeric(8, 2) check (litres > 0),
    sort         integer not null default 0,
    primary key (household_id, id),
    unique (household_id, name),
    foreign key (household_id, parent) references place
);

create table container (
    household_id uuid not null references household,
    id           uuid not null,
    name         text not null,
    kind         text not null check (kind in ('bag', 'box', 'jar', 'tray')),
    volume_ml    integer not null check (volume_ml > 0),
    material     text not null,
    primary key (household_id, id),
    unique (household_id, name)
);

-- A row holds the slug of a reference food, or a food the household named itself.
create table food (
    household_id  uuid not null references household,
    id            uuid not null,
    ref_slug      text,
    name          text not null,
    base_unit     text not null check (base_unit in ('g', 'ml', 'piece')),
    keeping_class text not null,
    overrides     jsonb not null default '{}',
    primary key (household_id, id),
    unique (household_id, ref_slug)
);
create unique index food_by_name on food (household_id, lower(name));

create table offer (
    household_id uuid not null references household,
    id           uuid not null,
    food         uuid not null,
    shop         uuid,
    pack         text not null,
    base_amount  numeric(18, 6) check (base_amount > 0),
    base_unit    text check (base_unit in ('g', 'ml', 'piece')),
    price        bigint check (price >= 0),
    multi_n      integer,
    multi_price  bigint,
    kind         text not null default 'regular' check (kind in ('regular', 'reduced', 'multi')),
    seen_on      date not null,
    act          uuid not null,
    primary key (household_id, id),
    foreign key (household_id, food) references food,
    foreign key (household_id, act) references act
);
create index offer_newest on offer (household_id, food, seen_on desc);

create table recipe (
    household_id    uuid not null references household,
    id              uuid not null,
    current_version integer,
    version         integer not null default 1,
    primary key (household_id, id)
);
comment on column recipe.current_version is 'null when its first saving was undone';
comment on column recipe.version is 'for ETag; current_version is the number of the text';

create table recipe_version (
    household_id uuid not null,
    recipe       uuid not null,
    n            integer not null,
    title        text not null,
    portions     integer not null check (portions between 1 and 500),
    source_text  text not null,
    note         text not null default '',
    replaced     integer,
    act          uuid not null,
    primary key (household_id, recipe, n),
    foreign key (household_id, recipe) references recipe,
    foreign key (household_id, act) references act
);
comment on column recipe_version.replaced is 'the version that was current before; what undo goes back to';
alter table recipe add foreign key (household_id, id, current_version) references recipe_version (household_id, recipe, n)
    deferrable initially deferred;

create table recipe_line (
    household_id uuid not null,
    recipe       uuid not null,
    n            integer not null,
    pos          integer not null,
    text         text not null,
    min_num      numeric, min_den numeric check (min_den > 0),
    max_num      numeric, max_den numeric check (max_den > 0),
    unit         text,
    food         uuid,
    prep         text not null default '',
    held_back_in text[] not null default '{}',
    primary key (household_id, recipe, n, pos),
    foreign key (household_id, recipe, n) references recipe_version,
    foreign key (household_id, food) references food
);

create table recipe_step (
    household_id uuid not null,
    recipe       uuid not null,
    n            integer not null,
    pos          integer not null,
    text         text not null,
    hands_min    integer,
    wait_min     integer,
    can_stop     text check (can_stop in ('COOKED', 'READY_TO_BAKE', 'RAW_BAG', 'PLAIN_PART', 'SINGLE_BOXES')),
    primary key (household_id, recipe, n, pos),
    foreign key (household_id, recipe, n) references recipe_version
);

create table batch (
    household_id uuid not null references household,
    id           uuid not null,
    recipe       uuid,
    n            integer,
    name         text not null,
    factor_num   numeric not null default 1,
    factor_den   numeric not null default 1,
    portions     integer not null check (portions between 1 and 3600),
    style        text not null,
    state        text not null check (state in ('planned', 'cooking', 'done', 'dropped')),
    cook_on      date not null,
    done_at      timestamptz,
    flat_cost    bigint not null default 0,
    act          uuid not null,
    primary key (household_id, id),
    foreign key (household_id, recipe, n) references recipe_version,
    foreign key (household_id, act) references act
);
comment on column batch.recipe is 'null for just cooked: a name and what went in';

create table batch_line (
    household_id uuid not null,
    batch        uuid not null,
    pos          integer not null,
    text         text not null,
    food         uuid,
    amount       numeric(18, 6),
    unit         text,
    used         numeric(18, 6),
    why          text not null default '',
    primary key (household_id, batch, pos),
    foreign key (household_id, batch) references batch,
    foreign key (household_id, food) references food
);

create table lot (
    household_id  uuid not null references household,
    id            uuid not null,
    food          uuid,
    batch         uuid,
    unit          text not null check (unit in ('g', 'ml', 'piece', 'portion')),
    amount        numeric(18, 6) not null check (amount >= 0),
    unit_grams    numeric(18, 6) check (unit_grams > 0),
    grade         text not null check (grade in ('counted', 'have', 'low', 'out')),
    cost          bigint not null default 0 check (cost >= 0),
    cost_complete boolean not null,
    about         text not null default '',
    place         uuid not null,
    state         text not null check (state in ('raw', 'opened', 'cooked', 'frozen', 'thawed')),
    keeping_class text not null,
    clock_from    date not null,
    used_days     integer not null default 0 check (used_days >= 0),
    frozen_on     date,
    thawed_on     date,
    use_from      date,
    eat_by        date,
    best_before   date,
    container     uuid,
    code          char(3),
    packet_group  uuid,
    part_no       integer,
    made_by       uuid not null,
    primary key (household_id, id),
    unique (household_id, code),
    check (num_nonnulls(food, batch) = 1),
    check (amount > 0 or cost = 0),
    foreign key (household_id, food) references food,
    foreign key (household_id, batch) references batch,
    foreign key (household_id, place) references place,
    foreign key (household_id, container) references container,
    foreign key (household_id, made_by) references act
);
comment on column lot.unit_grams is 'weight of one unit, where known; it does not change with the amount';
comment on column lot.use_from is 'first day of the warning; cached like eat_by and best_before';
create index lot_open on lot (household_id, (coalesce(eat_by, best_before))) where amount > 0 or grade in ('have', 'low');
create index lot_made_by on lot (household_id, made_by);

create table lot_source (
    household_id uuid not null,
    child        uuid not null,
    parent       uuid not null,
    amount       numeric(18, 6) not null,
    cost         bigint not null,
    primary key (household_id, child, parent),
    check (child <> parent),
    foreign key (household_id, child) references lot,
    foreign key (household_id, parent) references lot
);
create index lot_source_parent on lot_source (household_id, parent);

create table movement (
    household_id uuid not null,
    act          uuid not null,
    seq          integer not null,
    lot          uuid not null,
    kind         text not null check (kind in
        ('bought', 'counted', 'used', 'made', 'packed', 'frozen', 'thawed', 'wasted', 'eaten', 'undone')),
    amount       numeric(18, 6) not null,
    cost         bigint not null,
    reason       text not null default '',
    grade        text not null default 'counted',
    primary key (household_id, act, seq),
    foreign key (household_id, act) references act,
    foreign key (household_id, lot) references lot
);
create index movement_by_lot on movement (household_id, lot);

-- What the application may do. Movements and recipe versions are written once.
grant usage on schema public to ${app_role};
grant select, insert, update on all tables in schema public to ${app_role};
revoke update on movement, recipe_version, recipe_line, recipe_step, offer, batch_line from ${app_role};
grant usage on all sequences in schema public to ${app_role};
revoke insert, update on flyway_schema_history from ${app_role};
