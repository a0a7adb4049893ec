-- A pan is as large as its sides say, a pot as what it holds: one size, as it was typed, for both.
alter table equipment add column size text;
update equipment set size = trim_scale(capacity_ml / 1000.0) || ' l' where capacity_ml is not null;
alter table equipment drop column capacity_ml, drop column area_cm2;

-- what undo puts back has the same shape
update change set before = (
    select coalesce(jsonb_agg(row - 'capacity_ml' - 'area_cm2' || jsonb_build_object('size',
        trim_scale((row ->> 'capacity_ml')::numeric / 1000) || ' l')), '[]')
    from jsonb_array_elements(before) row)
where thing = 'EQUIPMENT' and jsonb_typeof(before) = 'array';
