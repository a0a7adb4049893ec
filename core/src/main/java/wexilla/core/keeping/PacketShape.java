package wexilla.core.keeping;

/** The shape a packet was given before it froze: it decides how long it thaws. */
public enum PacketShape {
    /** No thicker than 3 cm. */
    FLAT("flat"),
    /** As a block, or round for a pot. */
    BLOCK("pot-shaped");

    private final String words;

    PacketShape(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
