package wexilla.app.files;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import wexilla.core.packing.Label;

/** Draws one label into its box: name and dates left, code and QR right, then what to add and how to finish. */
final class LabelDrawing {

    /** What a packet's QR carries before its code; it names no machine, so that a label outlives an address. */
    static final String QR_PREFIX = "wexilla:";

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);
    private static final float PAD = 12;
    private static final float QR = 58;
    /** Four modules of 21 are white around a QR code: ISO/IEC 18004. */
    private static final float QUIET = QR * 4 / 21;

    private static final float SMALL = 10;
    private static final float LINE = 12.5f;

    private final PDPageContentStream out;
    private final LabelFonts fonts;
    private final PDRectangle box;
    private float y;

    LabelDrawing(PDPageContentStream out, LabelFonts fonts, PDRectangle box) {
        this.out = out;
        this.fonts = fonts;
        this.box = box;
        this.y = box.getUpperRightY() - PAD;
    }

    void draw(Label label) throws IOException {
        frame();
        right(label);
        float width = box.getWidth() - 3 * PAD - QR;
        PDFont hand = fonts.forName(label.name());
        y -= 20;
        for (String line : wrap(hand, 25, label.name(), width, 2)) {
            text(hand, 25, line);
            y -= 23;
        }
        y += 5;
        String parts = label.parts() > 1 ? " · part " + label.part() + " of " + label.parts() : "";
        text(fonts.bold(), 11, label.content() + parts);
        y -= LINE + 1;
        text(fonts.plain(), SMALL, label.style() + " · packed " + DAY.format(label.packedOn()));
        y -= LINE + 1;
        Label.Until until = label.until();
        if (until != null) {
            text(fonts.bold(), 11, until.words() + " " + day(until.date()));
            y -= LINE + 3;
        }
        y = Math.min(y, box.getUpperRightY() - PAD - QR - 44);
        section("Has", label.contains(), 3);
        section("Add", String.join(" · ", label.add()), 2);
        section("Finish", String.join(" ", label.finish()), 20);
    }

    private static String day(LocalDate date) {
        return DAY.format(date);
    }

    private void frame() throws IOException {
        out.setLineWidth(0.5f);
        out.setStrokingColor(0.6f);
        out.setLineDashPattern(new float[] {2, 3}, 0);
        out.addRect(box.getLowerLeftX(), box.getLowerLeftY(), box.getWidth(), box.getHeight());
        out.stroke();
    }

    private void right(Label label) throws IOException {
        float left = box.getUpperRightX() - PAD - QR;
        float top = box.getUpperRightY() - PAD;
        BitMatrix matrix = matrix(QR_PREFIX + label.code());
        float module = QR / matrix.getWidth();
        out.setNonStrokingColor(0f);
        for (int row = 0; row < matrix.getHeight(); row++) {
            for (int column = 0; column < matrix.getWidth(); column++) {
                if (matrix.get(column, row)) {
                    out.addRect(left + column * module, top - (row + 1) * module, module, module);
                }
            }
        }
        out.fill();
        float width = fonts.bold().getStringWidth(label.code()) / 1000 * 22;
        at(fonts.bold(), 22, label.code(), left + (QR - width) / 2, top - QR - QUIET - 16);
    }

    /** Without a quiet zone: the label's own white is around it. */
    private static BitMatrix matrix(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.MARGIN, 0, EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M));
        } catch (WriterException tooLong) {
            throw new IllegalStateException(tooLong);
        }
    }

    /** A heading with its text beside it; what does not fit the label ends in an ellipsis. */
    private void section(String heading, String text, int most) throws IOException {
        if (text.isEmpty()) {
            return;
        }
        float indent = 40;
        int room = (int) ((y - box.getLowerLeftY() - PAD / 2) / LINE) + 1;
        List<String> lines = wrap(fonts.plain(), SMALL, text, box.getWidth() - 2 * PAD - indent, Math.min(most, room));
        if (lines.isEmpty()) {
            return;
        }
        text(fonts.bold(), SMALL, heading);
        for (String line : lines) {
            at(fonts.plain(), SMALL, line, box.getLowerLeftX() + PAD + indent, y);
            y -= LINE;
        }
        y -= 2;
    }

    private void text(PDFont font, float size, String text) throws IOException {
        at(font, size, text, box.getLowerLeftX() + PAD, y);
    }

    private void at(PDFont font, float size, String text, float x, float baseline) throws IOException {
        out.setNonStrokingColor(0f);
        out.beginText();
        out.setFont(font, size);
        out.newLineAtOffset(x, baseline);
        out.showText(LabelFonts.writable(font, text));
        out.endText();
    }

    private static List<String> wrap(PDFont font, float size, String text, float width, int most) throws IOException {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : LabelFonts.writable(font, text).split(" +")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (line.isEmpty() || font.getStringWidth(longer) / 1000 * size <= width) {
                line = longer;
            } else {
                lines.add(line);
                line = word;
            }
        }
        lines.add(line);
        if (lines.size() <= most) {
            return lines;
        }
        List<String> shown = new ArrayList<>(lines.subList(0, Math.max(0, most)));
        if (!shown.isEmpty()) {
            shown.set(shown.size() - 1, shown.get(shown.size() - 1) + " …");
        }
        return shown;
    }
}
