-- The liquid of a pot goes back into the parts, or is kept as broth.

alter table stretch add liquid_back boolean not null default false;
comment on column stretch.liquid_back is 'whether what the water of its pot has become is shared back into its parts';
