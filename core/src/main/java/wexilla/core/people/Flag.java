package wexilla.core.people;

/** What a cook must bear in mind for somebody: handbook, section 8. */
public enum Flag {
    /** No honey. */
    UNDER_12_MONTHS,
    /** No raw egg, raw milk goods or cold-smoked fish. */
    PREGNANT,
    /** The same as for the pregnant. */
    FRAIL
}
