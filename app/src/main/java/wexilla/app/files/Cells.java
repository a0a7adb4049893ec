package wexilla.app.files;

import org.apache.commons.csv.CSVFormat;

/** Tables as they are written: RFC 4180, with a line of headings, and no cell a spreadsheet would run. */
public final class Cells {

    /** What a spreadsheet takes for the begin of a formula, also in full width, or strips before it looks. Source: OWASP, CSV Injection (from memory). */
    private static final String RUN = "=+-@＝＋－＠\t\r\n";

    private Cells() {}

    /** @param columns the headings */
    public static CSVFormat format(String... columns) {
        return CSVFormat.RFC4180.builder().setHeader(columns).get();
    }

    /** Text somebody typed, with an apostrophe before what would be run. Never asked for a number: −3 stays one. */
    public static String harmless(String cell) {
        return !cell.isEmpty() && RUN.indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }
}
