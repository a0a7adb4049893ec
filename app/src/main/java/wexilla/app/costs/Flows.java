package wexilla.app.costs;

import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostFlow;
import wexilla.core.pricing.CostFlow.Edge;
import wexilla.core.pricing.CostFlow.End;
import wexilla.core.pricing.CostFlow.Leaf;
import wexilla.core.pricing.CostFlow.Node;

/** The money of lots as the movements tell it; what was undone never happened. */
@Component
class Flows {

    private static final String DOWN = """
            with recursive way(lot) as (
                select :lot::uuid
                union
                select s.child from way w join lot_source s on s.household_id = :household and s.parent = w.lot
                join lot c on c.household_id = s.household_id and c.id = s.child
                where stands(c.household_id, c.made_by))""";
    private static final String UP = """
            with recursive way(lot) as (
                select :lot::uuid
                union
                select s.parent from way w join lot_source s on s.household_id = :household and s.child = w.lot)""";

    private final JdbcClient db;

    Flows(JdbcClient db) {
        this.db = db;
    }

    /** All money that ever came into a lot. */
    Money in(Household household, UUID lot) {
        return Money.of(in(DOWN, household, lot).getOrDefault(lot.toString(), 0L), household.currency());
    }

    private record Row(String lot, String other, long cost) {}

    private record Out(String lot, String kind, long cost) {}

    /** Money that came into each lot on the way, by lot. */
    private Map<String, Long> in(String way, Household household, UUID lot) {
        Map<String, Long> sums = new HashMap<>();
        db.sql(way + """
                         select m.lot::text as lot, '' as other, sum(m.cost)::bigint as cost
                        from movement m where m.household_id = :household and m.lot in (select lot from way)
                        and m.cost > 0 and m.kind <> 'UNDONE' and stands(m.household_id, m.act) group by m.lot""")
                .param("household", household.id())
                .param("lot", lot)
                .query(Row.class)
                .list()
                .forEach(row -> sums.put(row.lot(), row.cost()));
        return sums;
    }

    /** Where the money of a lot went: by lot what it became, and what of it was eaten, binned, given, lost, is there. */
    Map<String, Node> down(Household household, UUID lot) {
        Map<String, List<Edge>> edges = edges(household, lot, DOWN, "parent", "child");
        Map<String, Long> left = in(DOWN, household, lot);
        Map<String, List<Leaf>> ends = new HashMap<>();
        Currency currency = household.currency();
        db.sql(DOWN + """
                         select m.lot::text as lot, m.kind, -sum(m.cost)::bigint as cost
                        from movement m where m.household_id = :household and m.lot in (select lot from way)
                        and m.cost < 0 and m.kind in ('EATEN', 'WASTED', 'GIVEN', 'COUNTED')
                        and stands(m.household_id, m.act) group by m.lot, m.kind order by m.lot, m.kind""")
                .param("household", household.id())
                .param("lot", lot)
                .query(Out.class)
                .list()
                .forEach(out -> {
                    end(ends, out.lot(), endOf(out.kind()), out.cost(), currency);
                    left.merge(out.lot(), -out.cost(), Long::sum);
                });
        edges.forEach((from, into) ->
                into.forEach(edge -> left.merge(from, -edge.cost().minor(), Long::sum)));
        Map<String, Long> there = there(household, lot);
        left.forEach((one, rest) -> {
            long still = there.getOrDefault(one, 0L);
            end(ends, one, End.THERE, still, currency);
            end(ends, one, End.USED, rest - still, currency);
        });
        return nodes(ends, edges);
    }

    private Map<String, Long> there(Household household, UUID lot) {
        Map<String, Long> there = new HashMap<>();
        db.sql(DOWN + """
                         select l.id::text as lot, '' as other, l.cost from lot l
                        where l.household_id = :household and l.id in (select lot from way)""")
                .param("household", household.id())
                .param("lot", lot)
                .query(Row.class)
                .list()
                .forEach(row -> there.put(row.lot(), row.cost()));
        return there;
    }

    /** Where the money of a lot came from: by lot what went into it, and what came with itself. */
    Map<String, Node> up(Household household, UUID lot) {
        Map<String, List<Edge>> edges = edges(household, lot, UP, "child", "parent");
        Map<String, Long> own = in(UP, household, lot);
        edges.forEach(
                (to, from) -> from.forEach(edge -> own.merge(to, -edge.cost().minor(), Long::sum)));
        Map<String, List<Leaf>> ends = new HashMap<>();
        own.forEach((one, cost) -> end(ends, one, End.OWN, cost, household.currency()));
        return nodes(ends, edges);
    }

    private Map<String, List<Edge>> edges(Household household, UUID lot, String way, String at, String other) {
        Map<String, List<Edge>> edges = new HashMap<>();
        db.sql(way + " select s." + at + "::text as lot, s." + other + "::text as other, s.cost from lot_source s "
                        + "join lot c on c.household_id = s.household_id and c.id = s.child "
                        + "where s.household_id = :household and s." + at + " in (select lot from way) "
                        + "and stands(c.household_id, c.made_by) order by s." + at + ", s.cost desc, s." + other)
                .param("household", household.id())
                .param("lot", lot)
                .query(Row.class)
                .list()
                .forEach(row -> edges.computeIfAbsent(row.lot(), one -> new ArrayList<>())
                        .add(new Edge(row.other(), Money.of(row.cost(), household.currency()))));
        return edges;
    }

    private static End endOf(String kind) {
        return switch (kind) {
            case "EATEN" -> End.EATEN;
            case "WASTED" -> End.BINNED;
            case "GIVEN" -> End.GIVEN;
            default -> End.LOST;
        };
    }

    private static void end(Map<String, List<Leaf>> ends, String lot, End end, long cost, Currency currency) {
        if (cost > 0) {
            ends.computeIfAbsent(lot, one -> new ArrayList<>()).add(new Leaf(end, Money.of(cost, currency)));
        }
    }

    private static Map<String, Node> nodes(Map<String, List<Leaf>> ends, Map<String, List<Edge>> edges) {
        Map<String, Node> nodes = new HashMap<>();
        ends.forEach((lot, own) -> nodes.put(lot, new Node(own, edges.getOrDefault(lot, List.of()))));
        edges.forEach((lot, into) -> nodes.putIfAbsent(lot, new Node(List.of(), into)));
        return nodes;
    }

    /** Follows what came into a lot. */
    CostFlow.Branch whither(Household household, UUID lot) {
        return CostFlow.of(lot.toString(), in(household, lot), down(household, lot));
    }

    /** Follows what is in a lot, or was, back to what was bought. */
    CostFlow.Branch whence(Household household, UUID lot) {
        return CostFlow.of(lot.toString(), in(household, lot), up(household, lot));
    }
}
