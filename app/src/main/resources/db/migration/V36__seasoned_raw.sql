-- What a part that was cut raw is seasoned with: it stands on its label, and is in whatever is cooked of it.
create table lot_line (
    household_id uuid not null,
    lot          uuid not null,
    pos          integer not null,
    text         text not null,
    food         uuid,
    primary key (household_id, lot, pos),
    foreign key (household_id, lot) references lot,
    foreign key (household_id, food) references food
);
create index lot_line_food on lot_line (household_id, food) where food is not null;
comment on table lot_line is 'what a raw lot is seasoned with, line by line; it goes with the lot when that is moved, frozen or thawed';

grant select, insert on lot_line to ${app_role};
