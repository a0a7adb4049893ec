-- How many vessels a batch is cooked in, beside its factor; kinds and states in one case everywhere, as the code names them.

alter table batch add column vessels integer not null default 1 check (vessels between 1 and 1000);
comment on column batch.vessels is 'pots, trays or bags: what goes by the vessel is counted by them';

alter table batch drop constraint batch_state_check;
update batch set state = upper(state);
alter table batch add constraint batch_state_check check (state in ('PLANNED', 'COOKING', 'DONE', 'DROPPED'));

alter table stretch drop constraint stretch_state_check;
alter table stretch drop constraint stretch_method_check;
update stretch set state = upper(state), method = upper(method);
alter table stretch add constraint stretch_state_check check (state in ('OPEN', 'COOKED', 'DROPPED'));
alter table stretch add constraint stretch_method_check check (method in ('WEIGHT', 'FIXED', 'VALUE'));

drop index lot_open;
alter table lot drop constraint lot_state_check;
alter table lot drop constraint lot_grade_check;
update lot set state = upper(state), grade = upper(grade);
alter table lot add constraint lot_state_check check (state in ('RAW', 'OPENED', 'COOKED', 'FROZEN', 'THAWED'));
alter table lot add constraint lot_grade_check check (grade in ('COUNTED', 'HAVE', 'LOW', 'OUT'));
create index lot_open on lot (household_id, (coalesce(eat_by, best_before))) where amount > 0 or grade in ('HAVE', 'LOW');
create index lot_of_batch on lot (household_id, batch) where batch is not null;
create index batch_of_recipe on batch (household_id, recipe, n) where recipe is not null;
create index batch_by_day on batch (household_id, cook_on) where state = 'PLANNED';

alter table movement drop constraint movement_kind_check;
update movement set kind = upper(kind), grade = upper(grade);
alter table movement alter column grade set default 'COUNTED';
alter table movement add constraint movement_kind_check check (kind in
    ('BOUGHT', 'COUNTED', 'USED', 'MADE', 'PACKED', 'FROZEN', 'THAWED', 'OPENED', 'MOVED', 'LEVEL', 'WASTED', 'EATEN',
     'UNDONE'));

alter table weighing drop constraint weighing_grade_check;
update weighing set grade = upper(grade), part = upper(part);
alter table weighing add constraint weighing_grade_check check (grade in ('WEIGHED', 'COUNTED', 'GUESSED'));

alter table container drop constraint container_kind_check;
update container set kind = upper(kind);
alter table container add constraint container_kind_check check (kind in ('BAG', 'BOX', 'JAR', 'TRAY'));

alter table household drop constraint household_measures_check;
update household set measures = upper(measures);
alter table household add constraint household_measures_check check (measures in ('METRIC', 'US'));

-- the images undo puts back are rows of these tables too
update change set before = coalesce((
        select jsonb_agg(row || jsonb_build_object('state', upper(row ->> 'state'), 'vessels', 1))
        from jsonb_array_elements(before) row), '[]')
    where thing = 'BATCH';
update change set before = coalesce((
        select jsonb_agg(row || jsonb_build_object('state', upper(row ->> 'state'), 'method', upper(row ->> 'method')))
        from jsonb_array_elements(before) row), '[]')
    where thing = 'STRETCH';
update change set before = coalesce((
        select jsonb_agg(row || jsonb_build_object('measures', upper(row ->> 'measures')))
        from jsonb_array_elements(before) row), '[]')
    where thing = 'HOUSEHOLD';
