-- Ten years of a household beside its demo: 3,000 recipes, 40,000 lots of which 500 are open, 250,000 movements, 30,000
-- prices, 3,650 evenings. Seeded by numbers alone, so that every run builds the same. Run by the owner's role.
\set ON_ERROR_STOP on
set synchronous_commit = off;

create function pg_temp.made(what text, i bigint) returns uuid language sql immutable as
    $$ select md5(what || i)::uuid $$;

create temp table home as select id as household from household limit 1;
create temp table head as
    select r.id, r.current_version as n, row_number() over (order by v.title, r.id) as i from recipe r
    join recipe_version v on v.household_id = r.household_id and v.recipe = r.id and v.n = r.current_version
    where exists (select 1 from recipe_line l where l.household_id = r.household_id and l.recipe = r.id);
create temp table kept as
    select f.id, f.base_unit, f.keeping_class, row_number() over (order by f.name) as i from food f
    where f.base_unit in ('g', 'ml') and f.keeping_class <> 'unclassified';
create temp table shelf as select id, kind, row_number() over (order by sort) as i from place where not gone;

-- one act an hour, ten years of them
insert into act (household_id, id, kind, subject, happened_at, recorded_at, request_hash)
    select household, pg_temp.made('act', i), case i % 5 when 0 then 'note' else 'hand' end, 'Used: something, once',
        now() - interval '100 days' - i * interval '105 minutes', now() - interval '100 days', 'none'
    from home, generate_series(1, 50000) as i;

insert into recipe (household_id, id) select household, pg_temp.made('recipe', i) from home, generate_series(1, 3000) as i;
create temp table copy as
    select g.i, pg_temp.made('recipe', g.i) as recipe, h.id as of, h.n
    from generate_series(1, 3000) as g (i) join head h on h.i = 1 + g.i % (select count(*) from head);
insert into recipe_version (household_id, recipe, n, title, portions, source_text, note, tags, act)
    select v.household_id, c.recipe, 1, v.title || ' no. ' || c.i, v.portions, v.source_text, v.note, v.tags,
        pg_temp.made('act', 1 + c.i)
    from copy c join recipe_version v on v.recipe = c.of and v.n = c.n;
insert into recipe_line (household_id, recipe, n, pos, text, min_num, min_den, max_num, max_den, unit, food, prep,
        held_back_in, rule, uses)
    select l.household_id, c.recipe, 1, l.pos, l.text, l.min_num, l.min_den, l.max_num, l.max_den, l.unit, l.food, l.prep,
        l.held_back_in, l.rule, l.uses
    from copy c join recipe_line l on l.recipe = c.of and l.n = c.n;
insert into recipe_step (household_id, recipe, n, pos, text, can_stop, hands_min, wait_min)
    select s.household_id, c.recipe, 1, s.pos, s.text, s.can_stop, s.hands_min, s.wait_min
    from copy c join recipe_step s on s.recipe = c.of and s.n = c.n;
update recipe r set current_version = 1 from copy c where r.id = c.recipe;

insert into batch (household_id, id, recipe, n, name, portions, style, state, cook_on, done_at, flat_cost, act)
    select household, pg_temp.made('batch', i), recipe, 1, 'Pot no. ' || i, 8, 'COOKED', 'DONE',
        current_date - (i * 3650 / 4000), now() - i * interval '21 hours', 15, pg_temp.made('act', i)
    from home, (select g as i, c.recipe from generate_series(1, 4000) as g join copy c on c.i = 1 + g % 3000) c;

-- five in a hundred are dishes, the rest foods; the first 500 still hold half of what they held
insert into lot (household_id, id, food, batch, unit, amount, grade, cost, cost_complete, place, state, keeping_class,
        clock_from, use_from, eat_by, best_before, frozen_on, made_by)
    select household, pg_temp.made('lot', g.i), case when g.i % 20 = 0 then null else k.id end,
        case when g.i % 20 = 0 then pg_temp.made('batch', 1 + g.i % 4000) end,
        case when g.i % 20 = 0 then 'portion' else k.base_unit end,
        case when g.i > 500 then 0 when g.i % 20 = 0 then 5 else 500 end, 'COUNTED', case when g.i > 500 then 0 else 250 end, true,
        s.id, case s.kind when 'FREEZER' then 'FROZEN' else 'RAW' end,
        case when g.i % 20 = 0 then 'cooked-dish' else k.keeping_class end, current_date - g.i % 300,
        null, null, current_date + (g.i % 200)::int, case s.kind when 'FREEZER' then current_date - (g.i % 60)::int end,
        pg_temp.made('act', 1 + g.i)
    from home, generate_series(1, 40000) as g (i)
    join kept k on k.i = 1 + g.i % (select count(*) from kept)
    join shelf s on s.i = 1 + g.i % (select count(*) from shelf);
insert into movement (household_id, act, seq, lot, kind, amount, cost, grade)
    select household, pg_temp.made('act', 1 + i), 1, pg_temp.made('lot', i), 'BOUGHT',
        case when i % 20 = 0 then 10 else 1000 end, 500, 'COUNTED'
    from home, generate_series(1, 40000) as i;
insert into movement (household_id, act, seq, lot, kind, amount, cost, grade)
    select household, pg_temp.made('act', 1 + (i + k * 7) % 50000), 1 + k, pg_temp.made('lot', i),
        case k when 5 then 'WASTED' when 4 then 'EATEN' else 'USED' end,
        -(case when i % 20 = 0 then 10 else 1000 end) * (case when i > 500 then 0.2 else 0.1 end),
        -500 * (case when i > 500 then 0.2 else 0.1 end), 'COUNTED'
    from home, generate_series(1, 40000) as i, generate_series(1, 5) as k;
insert into movement (household_id, act, seq, lot, kind, amount, cost, grade)
    select household, pg_temp.made('act', 1 + (i + k * 11) % 50000), 10 + k, pg_temp.made('lot', i), 'COUNTED', 0, 0, 'COUNTED'
    from home, generate_series(1, 10000) as i, generate_series(1, 1) as k;

insert into offer (household_id, id, food, pack, base_amount, base_unit, price, seen_on, act)
    select household, pg_temp.made('offer', g.i), k.id, '1000 ' || k.base_unit, 1000, k.base_unit, 100 + g.i % 900,
        current_date - (g.i * 3650 / 30000)::int, pg_temp.made('act', 1 + g.i)
    from home, generate_series(1, 30000) as g (i) join kept k on k.i = 1 + g.i % (select count(*) from kept);
insert into purchase (household_id, act, paid_on, lines, till)
    select household, pg_temp.made('act', i * 5), current_date - i * 7, 9000, 9200 from home, generate_series(10, 520) as i;

insert into slot (household_id, id, day, table_time, minutes, kind, state)
    select household, pg_temp.made('slot', i), d.first - i, '18:30', 45, 'COOK', 'EATEN'
    from home, (select min(day) as first from slot) d, generate_series(1, 3650) as i;
insert into slot_person (household_id, slot, person)
    select household, pg_temp.made('slot', i), p.id from home, generate_series(1, 3650) as i, person p where p.active;
insert into meal_dish (household_id, slot, pos, kind, recipe)
    select household, pg_temp.made('slot', i), 0, 'RECIPE', pg_temp.made('recipe', 1 + i % 3000)
    from home, generate_series(1, 3650) as i;
insert into rating (household_id, slot, pos, person, liked, act, recipe)
    select household, pg_temp.made('slot', i), 0, null, i % 3, pg_temp.made('act', i), pg_temp.made('recipe', 1 + i % 3000) from home, generate_series(1, 3650) as i;

set client_min_messages = error;
analyze;
select (select count(*) from recipe) as recipes, (select count(*) from lot) as lots,
    (select count(*) from lot where amount > 0) as open, (select count(*) from movement) as movements,
    (select count(*) from offer) as prices, (select count(*) from slot) as evenings,
    (select count(*) from ledger_mismatch) as wrong;
