package wexilla.core.quantity;

/** Text that begins like an amount and cannot be one; the message says why, in the cook's words. */
public final class NotAnAmount extends Unfit {

    private static final long serialVersionUID = 1L;

    public NotAnAmount(String message) {
        super(message);
    }
}
