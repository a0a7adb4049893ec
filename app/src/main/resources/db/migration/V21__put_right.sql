-- A wrong entry is put right: the price of a lot, with what was seen and paid by it. A recipe leaves the book while
-- nothing stands on it.
grant update on offer to ${app_role};
grant update, delete on purchase to ${app_role};
