-- The last times of each meal are read for every plan; days are found by the key of day and meal.
drop index slot_by_day;
create index slot_of_meal on slot (household_id, meal, day);
