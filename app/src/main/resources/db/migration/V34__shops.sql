-- Shops: where a price was seen, and to which of them the household goes.
create table shop (
    household_id uuid not null references household,
    id           uuid not null,
    name         text not null check (length(name) between 1 and 40),
    act          uuid not null,
    primary key (household_id, id),
    foreign key (household_id, act) references act
);
create unique index shop_by_name on shop (household_id, lower(name));
create index shop_act on shop (household_id, act);

alter table offer add foreign key (household_id, shop) references shop;
create index offer_shop on offer (household_id, shop) where shop is not null;
alter table shop_entry add column shop uuid;
alter table shop_entry add foreign key (household_id, shop) references shop;
create index shop_entry_shop on shop_entry (household_id, shop) where shop is not null;

create table shop_gone (
    household_id uuid not null,
    act          uuid not null,
    shop         uuid not null,
    primary key (household_id, act, shop),
    foreign key (household_id, act) references act,
    foreign key (household_id, shop) references shop
);
create index shop_gone_shop on shop_gone (household_id, shop);
comment on table shop_gone is 'the shops of one choice; the newest choice that stands counts, without one every shop';

create view shop_gone_to with (security_invoker) as
    select g.household_id, g.shop from shop_gone g
    where g.act = (
        select c.act from shop_gone c
        join act a on a.household_id = c.household_id and a.id = c.act
        where c.household_id = g.household_id and stands(c.household_id, c.act)
        order by a.seq desc limit 1);

grant select, insert on shop, shop_gone to ${app_role};
grant select on shop_gone_to to ${app_role};
