package wexilla.app.platform;

import java.util.List;

/** What a member of a household may do: everybody sees everything, and this table says who writes what. Own definition. */
public enum Role {
    /** Everything, and who comes in. */
    COOK(List.of("/api/")),
    /** The list, prices, and what is put away. */
    SHOPPER(List.of(
            "/api/shop/", "/api/costs/prices", "/api/onhand/", "/api/lots/", "/api/pack", "/api/acts/", "/api/eat")),
    /** Says what was eaten and how it was. */
    CHILD(List.of("/api/eat"));

    /** Asked with a body, and nothing of the household is written; whoever came in may go. */
    private static final List<String> ONLY_LOOKS = List.of(
            "/api/door/out",
            "/api/onhand/note/read",
            "/api/pack/draft",
            "/api/pack/even",
            "/api/plan/propose",
            "/api/plan/search/",
            "/api/plan/try",
            "/api/recipes/draft",
            "/api/recipes/read",
            "/api/stretch/balance",
            "/api/stretch/compare",
            "/api/stretch/ways");

    private final List<String> writes;

    Role(List<String> writes) {
        this.writes = writes;
    }

    /** Whether it may write at this address. @param path as it is answered to, without what is asked */
    public boolean writes(String path) {
        return writes.stream().anyMatch(path::startsWith) || ONLY_LOOKS.stream().anyMatch(path::startsWith);
    }

    /** Whether it may take back only what it did itself. */
    public boolean ownActsOnly() {
        return this != COOK;
    }
}
