-- Undo puts rows of a kind back at once: while it does, foreign keys wait until all of it is there.

do $$
declare
    one record;
begin
    for one in
        select conrelid::regclass as on_table, conname from pg_constraint
        where contype = 'f' and not condeferrable and connamespace = current_schema()::regnamespace
    loop
        execute format('alter table %s alter constraint %I deferrable initially immediate', one.on_table, one.conname);
    end loop;
end
$$;
