package wexilla.core.packing;

import wexilla.core.quantity.Unfit;

/** The three characters a packet is found by: figures and capitals that are not taken for one another. */
public record PacketCode(String text) {

    private static final String ALPHABET = "23456789ACDEFGHJKMNPQRTUVWXYZ";
    private static final int BASE = ALPHABET.length();

    /** How many codes there are. */
    public static final int COUNT = BASE * BASE * BASE;

    /** @throws Unfit if it is no code */
    public PacketCode {
        if (text.length() != 3 || !text.chars().allMatch(c -> ALPHABET.indexOf(c) >= 0)) {
            throw new Unfit("a packet code is three characters such as K7M, not “" + text + "”");
        }
    }

    /** @throws Unfit if the number is not from 0 to {@link #COUNT} − 1 */
    public static PacketCode ofNumber(int number) {
        if (number < 0 || number >= COUNT) {
            throw new IllegalArgumentException("no packet code has number " + number);
        }
        char[] text = {
            ALPHABET.charAt(number / BASE / BASE), ALPHABET.charAt(number / BASE % BASE), ALPHABET.charAt(number % BASE)
        };
        return new PacketCode(new String(text));
    }
}
