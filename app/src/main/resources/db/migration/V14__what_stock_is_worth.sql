-- Stock nobody gave a price takes the newest price its household saw, and says so; so does what is made of it.
alter table lot add column valued boolean not null default false;

-- What is own or given costs nothing, or what it would cost today: the household's choice.
alter table household add column own_goods text not null default 'NOTHING' check (own_goods in ('NOTHING', 'TODAY'));

-- A part is cut for a dish by its name.
create index recipe_figure_title on recipe_figure (household_id, lower(title));
