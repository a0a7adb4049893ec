-- Absence is proven: what a recipe is proven to be without stands beside what it has; between the two is what must be
-- looked at. Whose rules hold is said by the household once.

alter table household
    add column country text check (country in ('UK', 'EU', 'US'));
comment on column household.country is 'whose rules hold; null until somebody said, the published US tables then';

alter table recipe_figure
    add column free text[] not null default '{}',
    add column diets_broken text[] not null default '{}';
comment on column recipe_figure.free is 'allergens it is proven to be without';
comment on column recipe_figure.diets is 'diets it is proven to fit';
comment on column recipe_figure.diets_broken is 'diets something in it stands against; of the others the packs must be looked at';

-- A list line is ticked in whatever it is counted: three handfuls, a bunch.
alter table shop_entry drop constraint shop_entry_pack_unit_check;

-- Somebody looked at the pack for something: it holds until another pack comes.
alter table food
    add column looked uuid,
    add column pack_named text[],
    add column pack_clear text[],
    add check ((looked is null) = (pack_named is null) and (looked is null) = (pack_clear is null));
alter table food add foreign key (household_id, looked) references act;
comment on column food.looked is 'the act in which somebody looked at the pack';
comment on column food.pack_named is 'allergens the pack names';
comment on column food.pack_clear is 'allergens that were looked for and are not named';
