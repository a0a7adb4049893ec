-- Several packs may be one big buy, cooked in several vessels; a part says how it is seasoned.

alter table stretch add column more_lots uuid[] not null default '{}';
alter table stretch add column vessels integer not null default 1 check (vessels between 1 and 12);
alter table share add column season text not null default '';

-- "Buy at or under 2.20 a kilo": minor units of money for 1000 base units.
alter table food add column stock_up bigint check (stock_up > 0);
