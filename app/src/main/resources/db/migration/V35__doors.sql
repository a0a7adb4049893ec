-- Who comes in. A household without a phrase is open to whoever sits at the machine itself, as it always was.
create table door (
    household_id uuid primary key references household,
    phrase       text not null,
    changed_at   timestamptz not null
);
comment on column door.phrase is 'hashed, with the way it was hashed before it';

create table member (
    household_id uuid not null references household,
    id           uuid not null,
    name         text not null check (length(name) between 1 and 40),
    role         text not null check (role in ('COOK', 'SHOPPER', 'CHILD')),
    gone         boolean not null default false,
    primary key (household_id, id)
);
create unique index member_by_name on member (household_id, lower(name)) where not gone;

create table invitation (
    household_id uuid not null references household,
    id           uuid not null,
    member       uuid not null,
    code         text not null unique,
    until        timestamptz not null,
    used_at      timestamptz,
    primary key (household_id, id),
    foreign key (household_id, member) references member
);
create index invitation_member on invitation (household_id, member);
comment on column invitation.code is 'SHA-256 of the code: whoever reads the database cannot come in by it';

-- how often somebody may try, shared by every copy of the application
create table door_try (
    what   text primary key,
    tokens double precision not null,
    at     timestamptz not null
);

-- true where this may be tried once more; each try takes one of `most`, and one comes back every `each`
create function may_try(asked text, most integer, each interval, now timestamptz) returns boolean
    language sql as $$
    with tried as (
        insert into door_try as t (what, tokens, at) values (asked, most - 1, now)
        on conflict (what) do update set
            tokens = least(most, t.tokens + extract(epoch from excluded.at - t.at) / extract(epoch from each)) - 1,
            at = excluded.at
        where least(most, t.tokens + extract(epoch from excluded.at - t.at) / extract(epoch from each)) >= 1
        returning 1)
    select exists (select 1 from tried)
$$;

-- who did what, on which device
alter table act add foreign key (household_id, person) references member;
create index act_person on act (household_id, person) where person is not null;

-- sessions, as the library that keeps them wants them
create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null,
    creation_time         bigint not null,
    last_access_time      bigint not null,
    max_inactive_interval int not null,
    expiry_time           bigint not null,
    principal_name        varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea not null,
    primary key (session_primary_id, attribute_name)
);

grant select, insert, update on door, member, invitation to ${app_role};
grant select, insert, update, delete on door_try, spring_session, spring_session_attributes to ${app_role};
