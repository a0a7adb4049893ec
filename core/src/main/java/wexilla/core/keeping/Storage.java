package wexilla.core.keeping;

/** The kinds of place food is kept in. On the counter it waits to be packed; its clock runs as in the fridge. */
public enum Storage {
    CUPBOARD,
    COUNTER,
    FRIDGE,
    FREEZER
}
