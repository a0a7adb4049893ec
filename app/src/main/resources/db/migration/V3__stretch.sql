-- Big buys cut into parts. Shares are plans; once the joint is cooked each part is a lot.

create table stretch (
    household_id uuid not null references household,
    id           uuid not null,
    source_lot   uuid,
    food         text not null,
    weight       text not null,
    price        text not null,
    cooked_yield text,
    method       text not null check (method in ('weight', 'fixed', 'value')),
    cook_on      date,
    state        text not null check (state in ('open', 'cooked', 'dropped')),
    version      integer not null default 1,
    primary key (household_id, id),
    foreign key (household_id, source_lot) references lot
);
comment on column stretch.weight is 'as typed; the core reads it again, so that nothing is rounded on the way';

create table share (
    household_id  uuid not null,
    stretch       uuid not null,
    pos           integer not null,
    name          text not null,
    part          text not null default 'meat',
    percent       text,
    grams         text,
    portions      text,
    portion_grams text,
    cost_percent  text,
    value_per_kg  text,
    plates        text,
    form          text,
    extender      text not null default '',
    eat_on        date,
    to_freezer    boolean not null default false,
    lot           uuid,
    primary key (household_id, stretch, pos),
    check (num_nonnulls(percent, grams, portions) <= 1),
    foreign key (household_id, stretch) references stretch deferrable initially deferred,
    foreign key (household_id, lot) references lot
);

-- What was weighed: how much came out of how much, for the household's own yields.
create table weighing (
    household_id uuid not null references household,
    id           uuid not null,
    food         uuid not null,
    part         text not null,
    raw_g        numeric(18, 6) not null check (raw_g > 0),
    out_g        numeric(18, 6) not null check (out_g > 0),
    grade        text not null check (grade in ('weighed', 'counted', 'guessed')),
    act          uuid not null,
    primary key (household_id, id),
    foreign key (household_id, food) references food,
    foreign key (household_id, act) references act
);

-- A batch can be planned first; what went in belongs to the act of cooking it.
alter table batch_line add column act uuid;
update batch_line l set act = b.act from batch b where b.household_id = l.household_id and b.id = l.batch;
alter table batch_line alter column act set not null;
alter table batch_line drop constraint batch_line_pkey;
alter table batch_line add primary key (household_id, batch, act, pos);
alter table batch_line add foreign key (household_id, act) references act;

grant select, insert, update, delete on stretch, share to ${app_role};
grant select, insert on weighing to ${app_role};
grant delete on batch to ${app_role};
