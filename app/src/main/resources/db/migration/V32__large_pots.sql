-- Large pots are held by what is cooked in them, and stand among what a running day cooks with.
alter table cook_gear drop constraint cook_gear_kind_check;
alter table cook_gear add constraint cook_gear_kind_check check (kind in
    ('BURNER', 'RACK', 'SLOW_COOKER', 'PRESSURE_COOKER', 'HOT_AIR', 'PAN', 'GRIDDLE', 'SIEVE', 'POT', 'COOLING'));
