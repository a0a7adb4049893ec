-- Ways of eating that somebody keeps: what they leave out is not on their plate, whoever plans.
alter table person add column diets text[] not null default '{}'
    check (diets <@ array['VEGETARIAN', 'VEGAN', 'NO_MEAT', 'NO_PORK', 'NO_BEEF', 'HALAL', 'KOSHER']::text[]);
