-- What one unit of a lot weighs says how it is known: on a scale, from a fact of the food, or from what went in.

alter table lot add unit_known text check (unit_known in ('WEIGHED', 'KNOWN', 'ESTIMATED'));
update lot set unit_known = 'KNOWN' where unit_grams is not null;
alter table lot add constraint lot_unit_known check ((unit_grams is null) = (unit_known is null));
comment on column lot.unit_known is 'how unit_grams is known';
