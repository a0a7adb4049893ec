-- A line that asks for another dish of the book: "1 batch pizza dough".

alter table recipe_line add column uses uuid;
alter table recipe_line add foreign key (household_id, uses) references recipe;
comment on column recipe_line.uses is 'the recipe it is made by, in the version of the day; null for a food';
create index recipe_line_uses on recipe_line (household_id, uses) where uses is not null;
