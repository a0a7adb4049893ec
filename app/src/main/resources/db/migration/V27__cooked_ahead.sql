-- A batch that is cooked ahead for meals is as large as they are, and is not cooked once nobody eats of it.

alter table batch add follows boolean not null default false;
comment on column batch.follows is 'whether it is as large as the meals that eat of it';

update batch b set follows = true where state = 'PLANNED' and exists (
    select 1 from act a where a.household_id = b.household_id and a.id = b.act and a.kind = 'plan');
