-- The list is derived; what is stored is what somebody added by hand, what went into the basket, and what was put away.

create table shop_item (
    household_id uuid not null references household,
    id           uuid not null,
    text         text not null,
    food         uuid,
    act          uuid not null,
    primary key (household_id, id),
    foreign key (household_id, food) references food,
    foreign key (household_id, act) references act
);

create table shop_entry (
    household_id uuid not null references household,
    id           uuid not null,
    item         uuid,
    food         uuid,
    text         text not null,
    packs        integer not null check (packs between 1 and 200),
    pack         numeric(18, 6) check (pack > 0),
    pack_unit    text check (pack_unit in ('g', 'ml', 'piece')),
    price        bigint check (price >= 0),
    device_at    timestamptz not null,
    act          uuid not null,
    primary key (household_id, id),
    foreign key (household_id, item) references shop_item,
    foreign key (household_id, food) references food,
    foreign key (household_id, act) references act
);
comment on column shop_entry.price is 'for all its packs; null when nobody knows';

create table shop_away (
    household_id uuid not null,
    entry        uuid not null,
    act          uuid not null,
    primary key (household_id, entry, act),
    foreign key (household_id, entry) references shop_entry,
    foreign key (household_id, act) references act
);

-- Whether an act still stands.
create function stands(household uuid, act uuid) returns boolean language sql stable as $$
    select not exists (select 1 from act u where u.household_id = $1 and u.reverses = $2)
$$;

grant select, insert on shop_item, shop_entry, shop_away to ${app_role};
