package wexilla.core.quantity;

/**
 * One dip of one measure, or a counted number of a whole one: "1/4 tsp", "2 cups".
 *
 * @param measure which measure this is, so that one is used once only: all whole cups are one measure
 */
record Scoop(String measure, Amount amount, Rational ml) {}
