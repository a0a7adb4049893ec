package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Cluster;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;

/** Stock, prices and movements as tables: read back by a library of its own they tell what the pages tell. */
class TablesTest {

    private static final Pattern ROW = Pattern.compile("(?m)^\\| ([a-z ]+) \\| ");

    private static List<CSVRecord> table(Http http, String name) throws IOException {
        Http.Answer answer = http.get("/api/tables/" + name + ".csv");
        assertThat(answer.status()).isEqualTo(200);
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(new String(answer.bytes(), StandardCharsets.UTF_8)))
                .getRecords();
    }

    private static BigDecimal sum(List<CSVRecord> rows, String column) {
        return rows.stream().map(row -> new BigDecimal(row.get(column))).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    @Test
    void theStockIsWorthWhatOnHandSays() throws IOException {
        Http demo = Kitchen.demoHousehold();
        assertThat(sum(table(demo, "stock"), "cost"))
                .isEqualByComparingTo(demo.get("/api/onhand").ok().path("worth").asString());
    }

    /** Every lot is the sum of its movements, in amount and money; what is not in the stock any more comes to nothing. */
    @Test
    void movementsSumUpToTheStock() throws IOException {
        Http demo = Kitchen.demoHousehold();
        String used = demo.note("3 kg flour 2.40").path("act").asString();
        demo.undo(used).ok();
        Map<String, BigDecimal> amounts = new HashMap<>();
        Map<String, BigDecimal> costs = new HashMap<>();
        List<CSVRecord> movements = table(demo, "movements");
        for (CSVRecord row : movements) {
            amounts.merge(row.get("lot"), new BigDecimal(row.get("amount")), BigDecimal::add);
            costs.merge(row.get("lot"), new BigDecimal(row.get("cost")), BigDecimal::add);
        }
        assertThat(movements).extracting(row -> row.get("movement")).contains("BOUGHT", "USED", "MADE", "UNDONE");
        for (CSVRecord row : table(demo, "stock")) {
            assertThat(amounts.remove(row.get("lot"))).as(row.toString()).isEqualByComparingTo(row.get("amount"));
            assertThat(costs.remove(row.get("lot"))).as(row.toString()).isEqualByComparingTo(row.get("cost"));
        }
        assertThat(amounts.values()).allSatisfy(rest -> assertThat(rest).isZero());
        assertThat(costs.values()).allSatisfy(rest -> assertThat(rest).isZero());
    }

    @Test
    void pricesAreThoseSeen() throws IOException {
        Http http = Kitchen.emptyHousehold();
        http.note("1 kg red lentils 2.00\n500 g red lentils 1.20");
        assertThat(table(http, "prices"))
                .extracting(row -> row.get("amount") + row.get("unit") + " " + row.get("price") + row.get("currency"))
                .containsExactlyInAnyOrder("1000g 2.00EUR", "500g 1.20EUR");
    }

    /** What begins like a formula is text; a number below zero stays a number. */
    @Test
    void nothingRunsInASpreadsheet() throws IOException {
        Http http = Kitchen.emptyHousehold();
        http.act("/api/recipes", Sample.recipe("=HYPERLINK(1)", 2, List.of("100 g rice"), List.of()))
                .ok();
        http.note("1 kg rice 2.00");
        String rice = http.get("/api/onhand")
                .ok()
                .path("places")
                .valueStream()
                .flatMap(place -> place.path("lots").valueStream())
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        http.act("/api/lots/" + rice, Map.of("hand", "WASTE", "amount", "10 g", "reason", "@SUM(1)"))
                .ok();
        List<CSVRecord> movements = table(http, "movements");
        assertThat(movements).extracting(row -> row.get("reason")).contains("'@SUM(1)");
        assertThat(movements).extracting(row -> row.get("amount")).contains("-10");
        for (String name : List.of("stock", "prices", "movements")) {
            for (CSVRecord row : table(http, name)) {
                assertThat(row).allSatisfy(cell -> assertThat(cell).doesNotContainPattern("^(?!-[0-9.]+$)[=+@\\-\\t]"));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"stock", "prices", "movements"})
    void theColumnsAreThoseOfTheDocument(String name) throws IOException {
        String document = Files.readString(Cluster.ROOT.resolve("docs/tables.md"));
        String chapter = document.split("(?i)## " + name)[1].split("\n## ")[0];
        Set<String> known = ROW.matcher(chapter)
                .results()
                .map(row -> row.group(1))
                .filter(column -> !column.equals("column"))
                .collect(java.util.stream.Collectors.toCollection(java.util.LinkedHashSet::new));
        String head = new String(
                        Kitchen.emptyHousehold()
                                .get("/api/tables/" + name + ".csv")
                                .bytes(),
                        StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        assertThat(List.of(head.split(","))).containsExactlyElementsOf(known);
    }

    /** The list as words, on paper and as a table tells what the page tells. */
    @Test
    void theListIsHandedOn() throws IOException {
        Http demo = Kitchen.demoHousehold();
        JsonNode list = demo.get("/api/shop").ok();
        String words = new String(demo.get("/api/shop/list.txt").bytes(), StandardCharsets.UTF_8);
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(
                        new String(demo.get("/api/shop/list.csv").bytes(), StandardCharsets.UTF_8)))
                .getRecords();
        String paper;
        try (PDDocument pdf = Loader.loadPDF(demo.get("/api/shop/list.pdf").bytes())) {
            paper = new PDFTextStripper().getText(pdf);
        }
        assertThat(list.path("wanted").size()).isGreaterThan(3);
        assertThat(words)
                .contains(
                        list.path("wanted").size() + " things",
                        list.path("toCome").asString());
        assertThat(rows).hasSize(list.path("wanted").size());
        for (JsonNode one : list.path("wanted")) {
            assertThat(words).contains(one.path("name").asString());
            assertThat(paper).contains(one.path("name").asString());
            assertThat(rows)
                    .extracting(row -> row.get("name"))
                    .contains(one.path("name").asString());
        }
        assertThat(demo.get("/api/shop/list.txt?days=0").field()).isEqualTo("/days");
    }
}
