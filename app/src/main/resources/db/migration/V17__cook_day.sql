-- A cook day that was begun: what has to be done, how far it is, who is there, with what, and its timers.
-- Minutes count from its begin, which is an instant: a night the clock changes is as long as it is.

create table cook_day (
    household_id uuid not null references household,
    id           uuid not null,
    day          date not null,
    begins       timestamptz not null,
    state        text not null default 'OPEN' check (state in ('OPEN', 'CLOSED')),
    told         text[] not null default '{}',
    version      integer not null default 1,
    primary key (household_id, id)
);
create unique index cook_day_open on cook_day (household_id, day) where state = 'OPEN';

create table cook_task (
    household_id uuid not null,
    cook_day     uuid not null,
    pos          integer not null,
    dish         text not null,
    text         text not null,
    hands        boolean not null,
    holds        text[] not null,
    celsius      integer[] not null,
    minutes      integer[] not null,
    touch        text not null check (touch in ('NOTHING', 'RAW', 'READY')),
    strong       boolean not null,
    watch_at     integer[] not null,
    watch_words  text[] not null,
    amounts      text[] not null,
    caution      text not null,
    state        text not null check (state in ('TO_DO', 'BEGUN', 'DONE', 'LEFT_OUT', 'WAITS')),
    start_min    integer not null,
    end_min      integer not null,
    setting      integer not null,
    person       integer not null,
    gear         integer[] not null,
    planned      integer not null,
    away         integer not null check (away >= 0),
    not_before   integer not null,
    primary key (household_id, cook_day, pos),
    foreign key (household_id, cook_day) references cook_day
);
comment on column cook_task.planned is 'minutes it was to take; the own pace is what it took over these';

create table cook_lag (
    household_id uuid not null,
    cook_day     uuid not null,
    pos          integer not null,
    before       integer not null,
    after        integer not null,
    least        integer not null,
    most         integer,
    primary key (household_id, cook_day, pos),
    foreign key (household_id, cook_day) references cook_day
);

create table cook_hand (
    household_id uuid not null,
    cook_day     uuid not null,
    pos          integer not null,
    name         text not null,
    from_min     integer[] not null,
    to_min       integer[] not null,
    primary key (household_id, cook_day, pos),
    foreign key (household_id, cook_day) references cook_day
);

create table cook_gear (
    household_id uuid not null,
    cook_day     uuid not null,
    pos          integer not null,
    kind         text not null,
    name         text not null,
    oven         integer not null,
    slow         boolean not null,
    failed       boolean not null,
    primary key (household_id, cook_day, pos),
    foreign key (household_id, cook_day) references cook_day
);

-- What rings: the end of a task (n = 0), somebody who has to look at it (n from 1), or what the cook set herself (task null).
create table cook_timer (
    household_id uuid not null,
    cook_day     uuid not null,
    id           uuid not null,
    task         integer,
    n            integer not null,
    words        text not null,
    due          timestamptz not null,
    stopped      timestamptz,
    primary key (household_id, id),
    foreign key (household_id, cook_day) references cook_day
);
create index cook_timer_of_day on cook_timer (household_id, cook_day);

-- What a step needs of the clock beyond its minutes.
alter table recipe_step add column follows integer[] not null default '{}';
alter table recipe_step add column least_min integer check (least_min >= 0);
alter table recipe_step add column most_min integer check (most_min >= 0);
alter table recipe_step add column every_min integer check (every_min > 0);
alter table recipe_step add column last_min integer check (last_min > 0);
alter table recipe_step add column last_words text not null default '';

grant select, insert, update, delete on cook_day, cook_task, cook_lag, cook_hand, cook_gear, cook_timer to ${app_role};
