-- By which reader the lines of a household's recipes were read last; an older one is read again once.
alter table household add column reader integer not null default 1;
