package wexilla.app.cook;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.app.onhand.KeepsChoice;
import wexilla.app.onhand.LotView;
import wexilla.core.pricing.Basis;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Style;

/** What the Cook station is asked and answered. */
public final class CookViews {

    private CookViews() {}

    /** So much out of one lot. */
    record TakeView(String lot, String placeName, String amount, String left, LotView.@Nullable UntilView until) {}

    /**
     * A line that goes into the pot.
     *
     * @param pos its place in the recipe
     * @param each the line of one batch as written, when this one is bigger or smaller; {@code text} is all together
     * @param need as bought, in the unit its stock is counted in; null when it is not known
     * @param made what goes into it, when it is a dish of the book of which too little is there
     * @param notInStock what the record lacks of it; it is noted as "used, not from stock"
     * @param plain as much again for another day; null where it is not kept by itself
     */
    record GoesInView(
            int pos,
            String text,
            @Nullable String each,
            String food,
            @Nullable String need,
            List<TakeView> takes,
            @Nullable String notInStock,
            String cost,
            boolean costComplete,
            Basis from,
            List<GoesInView> made,
            @Nullable PlainView plain,
            String why) {}

    /**
     * What of a line can be cooked along and kept back plain: as much again as goes in.
     *
     * @param amount as bought, "700 g"; {@code cooked} what it gives, "490 g", null where nobody knows
     * @param eatBy ISO day, in the fridge
     * @param saves what cooking it once saves another day, "40–55 min of pressure cooker"; null where no step names it
     * @param usual whether it is worth keeping, so that "and half for tomorrow" takes it
     */
    record PlainView(
            String amount,
            @Nullable String cooked,
            @Nullable String eatBy,
            @Nullable String saves,
            boolean usual) {}

    /**
     * A recipe about to be cooked as written, up to the chosen stop.
     *
     * @param n the version of the recipe this plan is made from; {@code changed} whether the book has a newer one
     * @param factor of the recipe as written, exactly, as a decimal or a fraction; {@code portions} at that size, in so many {@code vessels}
     * @param addOnNight held back, not taken now
     * @param keeps how it will keep, and why
     * @param mind what could make somebody ill, each with its reason and source
     * @param missing how many prices, where what is known says too little to be told as money
     * @param now steps until the stop, {@code later} those left for the evening
     */
    record CookPlan(
            String recipe,
            int n,
            boolean changed,
            String title,
            String factor,
            int vessels,
            BigDecimal portions,
            Style style,
            List<Style> styles,
            List<GoesInView> goesIn,
            List<String> addOnNight,
            List<String> now,
            List<String> later,
            String total,
            String flat,
            String perPortion,
            boolean costComplete,
            @Nullable String missing,
            KeepsView keeps,
            List<String> mind,
            List<String> alsoMakes) {}

    /**
     * How a dish will keep.
     *
     * @param slug its class of the keeping table, {@code name} in words
     * @param why what in it says so; empty when nothing special does
     * @param eatBy ISO day, in the fridge; {@code bestBefore} in the freezer; null where it is not kept
     * @param choices what the cook can say instead
     */
    record KeepsView(
            String slug,
            String name,
            String why,
            @Nullable String eatBy,
            @Nullable String bestBefore,
            List<KeepsChoice> choices) {}

    /** What really went in of one line, as typed: "450 g". */
    public record Correction(int pos, String used) {}

    /**
     * Marks a recipe cooked.
     *
     * @param n the version cooked by
     * @param factor of the recipe as written, "1.5" or "3/2"; absent for as written
     * @param vessels in how many pots, trays or bags; absent for the loads its fill needs
     * @param portions what came out
     * @param planned the planned batch it was, absent when nobody planned it
     * @param keepBack portions kept back plain for another day: they go into the fridge as they are
     * @param also what else went in from stock
     * @param keepsAs the class of the keeping table the cook chose; absent for the one its lines say
     * @param outputs what came out beside the portions: "2 l chicken stock"; absent for what the recipe says
     * @param instead lines that were not there, with what went in for them
     * @param plain what was cooked along plain for another day; it is part of no portion
     */
    public record CookInput(
            UUID recipe,
            int n,
            Style style,
            @Nullable String factor,
            @Nullable Integer vessels,
            @Nullable BigDecimal portions,
            List<Correction> corrections,
            @Nullable UUID planned,
            @Nullable BigDecimal keepBack,
            @Nullable List<AlsoInput> also,
            @Nullable String keepsAs,
            @Nullable List<String> outputs,
            @Nullable List<InsteadInput> instead,
            @Nullable List<PlainInput> plain) {

        /** Nothing corrected, planned, kept back or added. @param factor absent for as written */
        public static CookInput simply(UUID recipe, int n, Style style, @Nullable String factor, Rational portions) {
            return new CookInput(
                    recipe,
                    n,
                    style,
                    factor,
                    null,
                    portions.toDecimal(6),
                    List.of(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        }
    }

    /**
     * A line that was not there.
     *
     * @param uses what went in for it, as typed: "200 ml cream"; what the record lacks is counted up
     * @param keep whether the recipe says so from now on
     */
    public record InsteadInput(int pos, List<String> uses, boolean keep) {}

    /**
     * A line of which more was cooked, and kept back plain.
     *
     * @param amount as bought, as typed: "700 g"
     * @param weighed all of it cooked, with what is in the dish, before it was halved: "980 g"; absent where nobody weighed it
     */
    public record PlainInput(
            int pos, String amount, @Nullable String weighed) {}

    /** Something from stock that went in. @param amount as typed, absent for all of it */
    public record AlsoInput(UUID lot, @Nullable String amount) {}

    /**
     * Just cooked: a name, what went in, and what came out.
     *
     * @param portions absent where it was weighed or measured
     * @param raw whether it was only put together and is still to be cooked: it keeps as what is raw in it
     * @param cameOut "1.2 kg", "2 l", "24 pieces", for what other dishes are made of; absent where portions say it
     */
    public record JustInput(
            String name,
            @Nullable BigDecimal portions,
            @Nullable String cameOut,
            List<AlsoInput> used,
            @Nullable String keepsAs,
            @Nullable Boolean raw) {}

    /** @param lot the dish, waiting on the counter to be packed */
    public record Cooked(
            String act,
            String subject,
            String lot,
            BigDecimal portions,
            String cost,
            boolean costComplete,
            String perPortion) {}

    /** A batch that was cooked. */
    record BatchView(
            String id,
            String name,
            BigDecimal portions,
            Style style,
            String cookedOn,
            String cost,
            boolean costComplete) {}
}
