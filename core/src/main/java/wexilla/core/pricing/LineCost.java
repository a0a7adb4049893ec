package wexilla.core.pricing;

import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.Form;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Sized;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stock.Supply;

/** What one line needs, takes and costs. */
public sealed interface LineCost {

    /** All together. */
    Cost cost();

    Basis basis();

    /** What is unknown, in the cook's words; empty when nothing is. */
    String why();

    /** As bought, in the unit its stock or price is counted in; null when it is not known. */
    default @Nullable Amount need() {
        return null;
    }

    /** Out of which lots. */
    default List<Take> takes() {
        return List.of();
    }

    /** What the record lacks of it; null when nothing. */
    default @Nullable Amount notInStock() {
        return null;
    }

    /** Foods that stand in for it, as taken. */
    default List<Form> instead() {
        return List.of();
    }

    /** Whether nothing but those goes in. */
    default boolean onlyInstead() {
        return false;
    }

    /** What of it is made afresh goes in as these lines, when it is a dish of the book. */
    default List<Part> made() {
        return List.of();
    }

    /** One line of what is made afresh. */
    record Part(CostSheet.Wanted wanted, LineCost cost) {}

    /** The flat sum for seasoning and oil covers it, or it is left out. */
    record Covered(Cost cost) implements LineCost {
        @Override
        public Basis basis() {
            return Basis.FLAT;
        }

        @Override
        public String why() {
            return "";
        }
    }

    /** From the tap. */
    record Tap(Cost cost) implements LineCost {
        @Override
        public Basis basis() {
            return Basis.TAP;
        }

        @Override
        public String why() {
            return "";
        }
    }

    /** Nothing can be counted: no amount, no price, or a fact is missing. */
    record Unknown(@Nullable Amount need, Cost cost, String why) implements LineCost {
        @Override
        public Basis basis() {
            return Basis.UNKNOWN;
        }

        @Override
        public @Nullable Amount notInStock() {
            return need;
        }
    }

    /**
     * A food, from stock as far as it is there, the rest at the newest price.
     *
     * @param lackingCost what the record lacks, at the newest price
     * @param exact the same in minor units before it was rounded
     */
    record Served(Amount need, Supply.Serving serving, Cost takenCost, Cost lackingCost, Rational exact, String why)
            implements LineCost {

        /** The same with what it lacks rounded together with other lines. */
        Served lacking(Money rounded) {
            return new Served(need, serving, takenCost, new Cost(rounded, lackingCost.complete()), exact, why);
        }

        @Override
        public Cost cost() {
            return takenCost.plus(lackingCost);
        }

        @Override
        public Basis basis() {
            if (serving.whole()) {
                return Basis.STOCK;
            }
            return !takes().isEmpty() ? Basis.STOCK_AND_PRICE : lackingCost.complete() ? Basis.PRICE : Basis.UNKNOWN;
        }

        @Override
        public List<Take> takes() {
            return serving.takes();
        }

        @Override
        public @Nullable Amount notInStock() {
            return serving.whole() ? null : serving.lacking();
        }

        @Override
        public List<Form> instead() {
            return serving.instead();
        }

        @Override
        public boolean onlyInstead() {
            return serving.onlyInstead();
        }
    }

    /**
     * A dish of the book: what is there of it first, the rest made afresh.
     *
     * @param afresh the dish at the size that is made; null when all of it is there
     */
    record Made(
            Amount need, Supply.Serving serving, @Nullable Sized afresh, List<Part> made, Cost cost, String name)
            implements LineCost {

        public Made {
            made = List.copyOf(made);
        }

        /** The same of other parts, whose costs go into its own. @param there what of it is in stock */
        Made of(List<Part> parts, Cost there) {
            Cost all = parts.stream().map(part -> part.cost().cost()).reduce(there, Cost::plus);
            Cost known = made.isEmpty() && afresh != null ? new Cost(all.known(), false) : all;
            return new Made(need, serving, afresh, parts, known, name);
        }

        @Override
        public Basis basis() {
            return afresh == null ? Basis.STOCK : Basis.MADE;
        }

        @Override
        public String why() {
            String parts = made.stream()
                    .map(part -> part.cost().why())
                    .filter(why -> !why.isEmpty())
                    .collect(Collectors.joining("; "));
            return !parts.isEmpty() ? "in " + name + ": " + parts : cost.complete() ? "" : "what goes into " + name;
        }

        @Override
        public List<Take> takes() {
            return serving.takes();
        }

        @Override
        public List<Form> instead() {
            return serving.instead();
        }

        @Override
        public boolean onlyInstead() {
            return serving.onlyInstead();
        }
    }
}
