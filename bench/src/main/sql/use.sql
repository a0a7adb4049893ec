-- The statements of one small act, "count: 400 g", as the application asks them; run by pgbench beside the application.
\set lot random(1, 400)
begin;
with locked as (select id from household where id = ':household' for no key update)
    insert into act (household_id, id, kind, subject, happened_at, recorded_at, request_hash)
    select id, gen_random_uuid(), 'hand', '', now(), now(), 'none' from locked on conflict do nothing returning id \gset act_
select l.*, coalesce(f.name, b.name) as name, p.name as place_name, p.kind as place_kind, c.name as container_name,
        c.kind as container_kind, b.recipe as cooked_by, b.style as batch_style
    from lot l
    join place p on p.household_id = l.household_id and p.id = l.place
    left join food f on f.household_id = l.household_id and f.id = l.food
    left join batch b on b.household_id = l.household_id and b.id = l.batch
    left join container c on c.household_id = l.household_id and c.id = l.container
    where l.household_id = ':household' and l.id = md5('lot' || (:lot * 20 + 1))::uuid for update of l \gset lot_
with changed as (update lot set amount = amount + 0, cost = cost + 0
        where household_id = ':household' and id = ':lot_id' returning household_id, id, grade)
    insert into movement (household_id, act, seq, lot, kind, amount, cost, reason, grade)
    select household_id, ':act_id', 1, id, 'COUNTED', 0, 0, 'counted', grade from changed;
update act set subject = 'Counted: 400 g of something', response = '{"act":":act_id","subject":"Counted: 400 g of something"}'
    where household_id = ':household' and id = ':act_id';
commit;
