-- Who eats less than a portion, or more, takes that much: a table of 3.2 eats 3.2.

alter table batch alter column portions type numeric(12, 6);
alter table batch drop constraint batch_portions_check;
alter table batch add constraint batch_portions_check check (portions > 0 and portions <= 3600);

alter table meal_dish alter column portions type numeric(12, 6);
alter table meal_dish drop constraint meal_dish_portions_check;
alter table meal_dish add constraint meal_dish_portions_check check (portions > 0 and portions <= 500);
