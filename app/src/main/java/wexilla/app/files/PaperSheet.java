package wexilla.app.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.springframework.stereotype.Component;

/** A sheet for the kitchen wall: A4, headings with lines below, each line with a mark in front and a smaller one beneath. */
@Component
public class PaperSheet {

    private static final float MARGIN = 42;
    private static final float MARK = 58;
    private static final float TITLE = 20;
    private static final float HEADING = 14;
    private static final float TEXT = 11;
    private static final float SMALL = 9;
    private static final float LEADING = 1.35f;

    /** @param mark what stands in front: a time; may be empty; {@code more} beneath; may be empty */
    public record Line(String mark, String words, String more) {}

    public record Section(String title, List<Line> lines) {

        public Section {
            lines = List.copyOf(lines);
        }
    }

    /** @return a PDF of as many pages as it takes; sections without lines are left out */
    public byte[] pdf(String title, String below, List<Section> sections) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            LabelFonts fonts = LabelFonts.load(document);
            try (Pen pen = new Pen(document)) {
                pen.write(fonts.bold(), TITLE, MARGIN, title);
                pen.write(fonts.plain(), TEXT, MARGIN, below);
                for (Section section : sections) {
                    if (!section.lines().isEmpty()) {
                        pen.room(HEADING * 4);
                        pen.down(HEADING * 0.6f);
                        pen.write(fonts.bold(), HEADING, MARGIN, section.title());
                        for (Line line : section.lines()) {
                            pen.line(fonts, line);
                        }
                    }
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Writes downwards, and on a new page where one is full. */
    private static final class Pen implements AutoCloseable {

        private final PDDocument document;
        private PDPageContentStream out;
        private float y;

        Pen(PDDocument document) throws IOException {
            this.document = document;
            out = page();
        }

        private PDPageContentStream page() throws IOException {
            PDPage page = new PDPage(PDRectangle.A4);
            document.addPage(page);
            y = PDRectangle.A4.getHeight() - MARGIN;
            return new PDPageContentStream(document, page);
        }

        void down(float points) {
            y -= points;
        }

        /** A new page where there is not so much room left. */
        void room(float points) throws IOException {
            if (y - points < MARGIN) {
                out.close();
                out = page();
            }
        }

        void line(LabelFonts fonts, Line line) throws IOException {
            float left = line.mark().isEmpty() ? MARGIN : MARGIN + MARK;
            room(TEXT * LEADING * 2);
            if (!line.mark().isEmpty()) {
                float before = y;
                write(fonts.bold(), TEXT, MARGIN, line.mark());
                y = before;
            }
            write(fonts.plain(), TEXT, left, line.words());
            if (!line.more().isEmpty()) {
                write(fonts.plain(), SMALL, left, line.more());
            }
            down(2);
        }

        /** Wrapped by whole words. */
        void write(PDFont font, float size, float left, String text) throws IOException {
            for (String row : rows(font, size, PDRectangle.A4.getWidth() - MARGIN - left, text)) {
                room(size * LEADING);
                y -= size * LEADING;
                out.beginText();
                out.setFont(font, size);
                out.newLineAtOffset(left, y);
                out.showText(row);
                out.endText();
            }
        }

        private static List<String> rows(PDFont font, float size, float wide, String text) throws IOException {
            List<String> rows = new ArrayList<>();
            String row = "";
            for (String word : LabelFonts.writable(font, text).split(" ")) {
                String longer = row.isEmpty() ? word : row + " " + word;
                if (!row.isEmpty() && font.getStringWidth(longer) / 1000 * size > wide) {
                    rows.add(row);
                    row = word;
                } else {
                    row = longer;
                }
            }
            if (!row.isEmpty()) {
                rows.add(row);
            }
            return rows;
        }

        @Override
        public void close() throws IOException {
            out.close();
        }
    }
}
