package wexilla.core.keeping;

/** What a packet is made of: it decides how fast cold gets in and out. */
public enum ContainerKind {
    BAG,
    BOX,
    JAR,
    TRAY
}
