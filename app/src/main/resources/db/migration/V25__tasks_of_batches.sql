-- A task of a cook day is of its batch or big buy, not of whatever is called so: two batches of one recipe stay two.

alter table cook_task add of uuid;
comment on column cook_task.of is 'the batch or the stretch it is of; null for what is of none';

update cook_task t set of = (
    select b.id from cook_day d join batch b on b.household_id = d.household_id and b.cook_on = d.day
    where d.household_id = t.household_id and d.id = t.cook_day and b.name = t.dish and b.state <> 'DROPPED'
    order by b.state = 'PLANNED' desc, b.id limit 1);
