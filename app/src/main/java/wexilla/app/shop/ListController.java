package wexilla.app.shop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.files.Cells;
import wexilla.app.files.PaperSheet;
import wexilla.app.files.PaperSheet.Section;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.shop.ShopViews.WantedView;
import wexilla.app.shop.ToBuy.ShopView;
import wexilla.core.kitchen.house.Household;

/** The list for somebody without Wexilla: as words to send, on paper, as a table. */
@RestController
class ListController {

    private final ToBuy toBuy;
    private final Snapshots snapshots;
    private final PaperSheet paper;

    ListController(ToBuy toBuy, Snapshots snapshots, PaperSheet paper) {
        this.toBuy = toBuy;
        this.snapshots = snapshots;
        this.paper = paper;
    }

    /** As words, aisle by aisle, to be sent in a message. */
    @GetMapping(path = "/api/shop/list.txt", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<byte[]> words(Household household, @RequestParam(defaultValue = "7") int days) {
        ShopView list = list(household, days);
        StringBuilder text = new StringBuilder("To buy: ").append(sum(list)).append('\n');
        aisles(list).forEach((aisle, wanted) -> {
            text.append('\n').append(aisle).append('\n');
            wanted.forEach(one -> text.append("- ")
                    .append(words(one))
                    .append(one.shop() == null ? "" : ", " + one.shop())
                    .append('\n'));
        });
        return answer("text/plain", "list.txt", text.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** On paper, with room for a tick. */
    @GetMapping(path = "/api/shop/list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(Household household, @RequestParam(defaultValue = "7") int days) {
        ShopView list = list(household, days);
        List<Section> aisles = new ArrayList<>();
        aisles(list)
                .forEach((aisle, wanted) -> aisles.add(new Section(
                        aisle,
                        wanted.stream()
                                .map(one -> new PaperSheet.Line("[   ]", words(one), beneath(one)))
                                .toList())));
        return answer("application/pdf", "list.pdf", paper.pdf("To buy: " + sum(list), household.name(), aisles));
    }

    /** As a table: docs/tables.md. */
    @GetMapping(path = "/api/shop/list.csv", produces = "text/csv")
    ResponseEntity<byte[]> table(Household household, @RequestParam(defaultValue = "7") int days) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                text, Cells.format("aisle", "name", "packs", "pack", "expected", "currency", "shop", "for"))) {
            for (WantedView one : list(household, days).wanted()) {
                printer.printRecord(
                        Cells.harmless(one.aisle()),
                        Cells.harmless(one.name()),
                        one.packs(),
                        typed(one.pack()),
                        typed(one.expected()),
                        one.expected() == null ? "" : household.currency().getCurrencyCode(),
                        typed(one.shop()),
                        Cells.harmless(String.join("; ", one.dishes())));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return answer("text/csv", "list.csv", text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private ShopView list(Household household, int days) {
        Snapshot now = snapshots.of(household);
        return toBuy.of(now, ShopController.covered(days));
    }

    private static String typed(@Nullable String said) {
        return said == null ? "" : Cells.harmless(said);
    }

    /** "3 things, 12.40"; what has no known price makes it "at least". */
    private static String sum(ShopView list) {
        int things = list.wanted().size();
        return things
                + (things == 1 ? " thing, " : " things, ")
                + (list.toComeComplete() ? "" : "at least ")
                + list.toCome();
    }

    private static Map<String, List<WantedView>> aisles(ShopView list) {
        Map<String, List<WantedView>> aisles = new LinkedHashMap<>();
        list.wanted()
                .forEach(one -> aisles.computeIfAbsent(one.aisle(), none -> new ArrayList<>())
                        .add(one));
        return aisles;
    }

    /** "2 × 500 g minced beef"; without an amount as it was typed. */
    private static String words(WantedView one) {
        if (one.pack() == null) {
            return one.name();
        }
        return (one.packs() == 1 ? "" : one.packs() + " × ") + one.pack() + " " + one.name();
    }

    private static String beneath(WantedView one) {
        List<String> said = new ArrayList<>();
        if (one.expected() != null) {
            said.add(one.expected());
        }
        if (one.shop() != null) {
            said.add(one.shop());
        }
        if (!one.dishes().isEmpty()) {
            said.add("for " + String.join(", ", one.dishes()));
        }
        return String.join(" · ", said);
    }

    private static ResponseEntity<byte[]> answer(String type, String name, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.parseMediaType(type), StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(bytes);
    }
}
