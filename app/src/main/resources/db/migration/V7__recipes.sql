-- How a line follows the size of a batch, when the cook says so; tags; what to do better the next time.

alter table recipe_line add column rule text
    check (rule in ('LINEAR', 'SEASONING', 'PER_VESSEL', 'EVAPORATING', 'FIXED', 'WHOLE'));
comment on column recipe_line.rule is 'null leaves it to what the line and its food say';

alter table recipe_version add column tags text[] not null default '{}';
comment on column recipe_version.source_text is 'as typed, pasted or imported';

create table next_time (
    household_id uuid not null references household,
    id           uuid not null,
    recipe       uuid not null,
    text         text not null,
    said_on      date not null,
    taken_in     integer,
    primary key (household_id, id),
    foreign key (household_id, recipe) references recipe,
    foreign key (household_id, recipe, taken_in) references recipe_version (household_id, recipe, n)
);
comment on column next_time.taken_in is 'the version that does it; null while nobody has taken it up';
create index next_time_of on next_time (household_id, recipe);

grant select, insert, update, delete on next_time to ${app_role};
