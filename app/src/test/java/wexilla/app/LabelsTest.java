package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** The label sheet, read again with PDFBox and with ZXing's reader. */
class LabelsTest {

    /** A camera looks again and again; each look is a frame of its own resolution. */
    private static final int[] DPI = {300, 240, 200};

    @Test
    void aSheetCarriesEverythingAPacketNeeds() throws Exception {
        Http http = Kitchen.emptyHousehold();
        http.note(Sample.NOTE);
        Map<String, Object> pot = Sample.pot();
        pot.put("title", "Pork pot \uD83C\uDF72 à la Þór");
        String recipe = http.act("/api/recipes", pot).ok().path("id").asString();
        String lot =
                http.act("/api/cook", Sample.cook(recipe, 18)).ok().path("lot").asString();
        String drawer = Sample.place(http, "Freezer, top drawer");
        List<Integer> portions = List.of(2, 2, 2, 2, 2, 2, 2, 2, 1);
        JsonNode packed = http.act("/api/pack", Map.of("lot", lot, "packets", portions, "place", drawer))
                .ok();
        List<String> codes = packed.path("packets")
                .valueStream()
                .map(p -> p.path("code").asString())
                .toList();
        assertThat(codes).hasSize(9).doesNotHaveDuplicates();

        Http.Answer answer = http.get(packed.path("labels").asString());
        assertThat(answer.headers().get("content-type").get(0)).isEqualTo("application/pdf");
        try (PDDocument pdf = Loader.loadPDF(answer.bytes())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains(
                            "2 portions, about 750 g",
                            "1 portion, about ",
                            "packed 23 Nov 2026",
                            "best before 23 May 2027")
                    .contains("Has milk", "20 ml cream", "Heat until it boils, stir in the cream.", "à la Þór")
                    .contains(codes);
            assertThat(text).doesNotContain("Simmer it for three hours");
            List<List<String>> frames = new ArrayList<>();
            for (int dpi : DPI) {
                frames.add(read(new PDFRenderer(pdf).renderImageWithDPI(0, dpi), dpi));
            }
            for (int label = 0; label < 8; label++) {
                int at = label;
                assertThat(frames.stream().map(frame -> frame.get(at)))
                        .as("label %s of a sheet of %s", label, codes)
                        .contains("wexilla:" + codes.get(label));
            }
        }
        http.undo(packed.path("act").asString()).ok();
        assertThat(http.get(packed.path("labels").asString()).status()).isEqualTo(404);
    }

    /** What a phone reads off the labels of the sheet in one frame; a frame that shows nothing it can read is "". */
    private static List<String> read(BufferedImage page, int dpi) {
        int margin = 20 * dpi / 72;
        int width = (page.getWidth() - 2 * margin) / 2;
        int height = (page.getHeight() - 2 * margin) / 4;
        List<String> read = new ArrayList<>();
        for (int label = 0; label < 8; label++) {
            BufferedImage one =
                    page.getSubimage(margin + label % 2 * width, margin + label / 2 * height, width, height);
            LuminanceSource light = new BufferedImageLuminanceSource(one);
            read.add(decoded(new HybridBinarizer(light))
                    .or(() -> decoded(new GlobalHistogramBinarizer(light)))
                    .orElse(""));
        }
        return read;
    }

    private static Optional<String> decoded(Binarizer light) {
        try {
            return Optional.of(new QRCodeReader()
                    .decode(new BinaryBitmap(light), Map.of(DecodeHintType.TRY_HARDER, true))
                    .getText());
        } catch (ReaderException nothing) {
            return Optional.empty();
        }
    }
}
