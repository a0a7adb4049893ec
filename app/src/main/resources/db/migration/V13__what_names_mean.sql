-- What a household says its own names mean: another food it knows, or a food of its own and what that is like.
alter table food drop column overrides;
alter table food add column same_as uuid, add column likeness text, add column allergens text[];
alter table food add foreign key (household_id, same_as) references food, add check (same_as <> id);
comment on column food.same_as is 'the food this is another name of';
comment on column food.likeness is 'what it is like, when it is its own; see likenesses.csv';
comment on column food.allergens is 'of a food with a likeness: what is in it; null when the pack must be looked at';

-- What its bunches, bulbs, jars weigh, asked once.
create table food_measure (
    household_id uuid not null references household,
    id           uuid not null,
    food         uuid not null,
    unit         text not null,
    amount       numeric(18, 6) not null check (amount > 0),
    amount_unit  text not null check (amount_unit in ('g', 'ml')),
    primary key (household_id, id),
    unique (household_id, food, unit),
    foreign key (household_id, food) references food
);
comment on column food_measure.amount is 'of one of this unit: 1 bunch is 40 g';

grant select, insert, update, delete on food_measure to ${app_role};


-- Cooked rice keeps a day, unless the household cools it within the hour and chooses otherwise.
alter table household add column rice_days integer not null default 1 check (rice_days in (1, 4));
