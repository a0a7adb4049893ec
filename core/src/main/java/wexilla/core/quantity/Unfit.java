package wexilla.core.quantity;

/**
 * What somebody said does not fit: its message tells a cook what is wrong and what would be right. Every other {@link
 * IllegalArgumentException} is a broken invariant, and never told as a cook's slip.
 */
public class Unfit extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    /** @param words "“x” is no size; write what it holds, like 6 qt" */
    public Unfit(String words) {
        super(words);
    }
}
