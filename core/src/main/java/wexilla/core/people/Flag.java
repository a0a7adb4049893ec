package wexilla.core.people;

/** What a cook must bear in mind for somebody: handbook, section 8. */
public enum Flag {
    /** No honey. */
    UNDER_12_MONTHS,
    /** No raw milk goods or cold-smoked fish; raw egg is not judged, since no line says that it stays raw. */
    PREGNANT,
    /** The same as for the pregnant. */
    FRAIL
}
