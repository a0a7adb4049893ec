-- A big buy may be cut raw, by pieces, with what goes into its pot; a part may be locked so that the others give way.

alter table stretch add column raw boolean not null default false;
alter table stretch add column inputs text[] not null default '{}';
alter table stretch add column lid_off boolean not null default false;
alter table stretch add column fat text;
alter table stretch add column lean text;

alter table share add column pieces text;
alter table share add column piece_grams text;
alter table share add column locked boolean not null default false;
alter table share drop constraint share_check;
alter table share add constraint share_one_size check (num_nonnulls(percent, grams, portions, pieces) <= 1);

-- What is given away is neither eaten nor wasted.
alter table movement drop constraint movement_kind_check;
alter table movement add constraint movement_kind_check check (kind in
    ('BOUGHT', 'COUNTED', 'USED', 'MADE', 'PACKED', 'FROZEN', 'THAWED', 'OPENED', 'MOVED', 'LEVEL', 'WASTED', 'EATEN',
     'GIVEN', 'UNDONE'));
drop index movement_spent;
create index movement_spent on movement (household_id, act) where kind in ('EATEN', 'USED', 'WASTED', 'GIVEN');

-- What a recipe makes beside its portions: "2 l chicken stock".
alter table recipe_version add column also_makes text[] not null default '{}';
