-- Flat or pot-shaped: a packet thaws by its weight and the shape it was given.

alter table lot add shape text check (shape in ('FLAT', 'BLOCK'));
comment on column lot.shape is 'shape it was given before it froze; null where nobody said it';
