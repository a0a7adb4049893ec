-- A part is held for a dish of the book, not for whatever is called so, and is known by the food it was cooked from.

alter table lot add pin uuid;
comment on column lot.pin is 'the recipe it was cut for; null when it was cut for none';
alter table lot add foreign key (household_id, pin) references recipe (household_id, id) deferrable;
create index on lot (household_id, pin) where pin is not null;

update lot l set pin = (
    select r.id from recipe_figure f
    join recipe r on r.household_id = f.household_id and r.id = f.recipe
    where f.household_id = l.household_id and lower(f.title) = lower(split_part(l.about, ' · ', 1))
    order by r.id limit 1)
where l.batch is not null and l.unit = 'g';

alter table batch add food uuid;
comment on column batch.food is 'the food a plain part was cooked from; null where nobody knows, and for a dish';
alter table batch add foreign key (household_id, food) references food (household_id, id) deferrable;
create index on batch (household_id, food) where food is not null;

update batch b set food = (
    select f.id from food f
    where f.household_id = b.household_id and b.name = f.name || ', cooked' order by f.id limit 1)
where b.recipe is null and b.style = 'PLAIN_PART';
