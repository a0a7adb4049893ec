package wexilla.app.stretch;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.book.FoodBook;
import wexilla.core.money.Money;
import wexilla.core.quantity.Quantity;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stretch.Pot;

/**
 * What goes into the pot of a big buy as typed: an amount, a food and what it cost, if anything.
 *
 * @param lines as read, {@code price} of all of it as typed
 */
record PotAsked(Pot pot, List<ReadLine> lines, Money price) {

    private static final int MOST = 20;
    private static final Pattern PRICE = Pattern.compile("\\s(\\d{1,4}[.,]\\d{2})\\s*$");

    static PotAsked of(StretchAsked asked, FoodBook book, Currency currency) {
        List<String> typed = asked.inputs() == null ? List.of() : asked.inputs();
        if (typed.size() > MOST) {
            throw Problem.at("/inputs", typed.size() + " things go in; " + MOST + " is the most.");
        }
        List<Pot.Input> inputs = new ArrayList<>();
        List<ReadLine> lines = new ArrayList<>();
        Money price = Money.zero(currency);
        LineReader reader = new LineReader(book);
        for (int i = 0; i < typed.size(); i++) {
            String at = "/inputs/" + i;
            String text = typed.get(i) == null ? "" : typed.get(i).strip();
            Matcher paid = PRICE.matcher(text);
            if (paid.find()) {
                price = price.plus(Asked.money(at, paid.group(1).replace(',', '.'), currency));
                text = text.substring(0, paid.start());
            }
            String line = text;
            ReadLine read = Asked.at(at, () -> reader.read(line));
            Quantity quantity = read.quantity();
            if (quantity == null) {
                throw Problem.at(at, "“" + line + "” says no amount; write it like 1 cup water.");
            }
            lines.add(read);
            inputs.add(new Pot.Input(read.foodName(), read.food(), quantity.max()));
        }
        return new PotAsked(
                new Pot(inputs, !Boolean.TRUE.equals(asked.open()), Boolean.TRUE.equals(asked.liquidBack())),
                lines,
                price);
    }
}
