-- Nothing reads these two: who has looked at the settings, and a diet as free words.
alter table household drop column set_up;
alter table person drop column diet;

-- What it was instead of what was planned; null where the evening went as planned.
alter table slot add column eaten text;

-- Lots that their movements do not sum to; empty when the books are right. Tests and ./wexilla check read it.
create view ledger_mismatch as
    select l.household_id as household, l.id as lot from lot l
    left join movement m on m.household_id = l.household_id and m.lot = l.id
    group by l.household_id, l.id, l.amount, l.cost
    having l.amount <> coalesce(sum(m.amount), 0) or l.cost <> coalesce(sum(m.cost), 0);
grant select on ledger_mismatch to ${app_role};
