package wexilla.app.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.springframework.stereotype.Component;
import wexilla.core.packing.Label;

/** The label sheet: A4, two columns of four, with a thin dashed line to cut along. */
@Component
public class LabelSheet {

    static final int COLUMNS = 2;
    static final int ROWS = 4;

    private static final float MARGIN = 20;
    private static final int A_PAGE = COLUMNS * ROWS;

    /** @return a PDF with one label for each, eight to a page, in the order given */
    public byte[] pdf(List<Label> labels) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation()
                    .setTitle("Labels: " + labels.get(0).name());
            LabelFonts fonts = LabelFonts.load(document);
            for (int first = 0; first < labels.size(); first += A_PAGE) {
                page(document, fonts, labels.subList(first, Math.min(first + A_PAGE, labels.size())));
            }
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static void page(PDDocument document, LabelFonts fonts, List<Label> labels) throws IOException {
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        float width = (page.getMediaBox().getWidth() - 2 * MARGIN) / COLUMNS;
        float height = (page.getMediaBox().getHeight() - 2 * MARGIN) / ROWS;
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            for (int i = 0; i < labels.size(); i++) {
                float left = MARGIN + i % COLUMNS * width;
                float bottom = page.getMediaBox().getHeight() - MARGIN - (i / COLUMNS + 1) * height;
                new LabelDrawing(out, fonts, new PDRectangle(left, bottom, width, height)).draw(labels.get(i));
            }
        }
    }
}
