package wexilla.app.pack;

import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.files.LabelSheet;
import wexilla.app.onhand.Lots;
import wexilla.app.pack.PackViews.HandView;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.packing.Label;

/** The labels of a packing, to write by hand or to print. */
@RestController
class LabelsController {

    private final Packets packing;
    private final Lots lots;
    private final LabelSheet sheet;

    LabelsController(Packets packing, Lots lots, LabelSheet sheet) {
        this.packing = packing;
        this.lots = lots;
        this.sheet = sheet;
    }

    /** The labels of one packing to write by hand. */
    @GetMapping("/api/pack/{act}/hand")
    List<HandView> byHand(Household household, @PathVariable UUID act) {
        List<Label> labels = packing.labels(household, standing(household, act));
        return labels.stream()
                .map(label -> new HandView(label.code(), label.byHand()))
                .toList();
    }

    private List<Lot> standing(Household household, UUID act) {
        List<Lot> packets = lots.packetsOf(household, act).stream()
                .filter(packet -> !packet.amount().value().isZero())
                .toList();
        if (packets.isEmpty()) {
            throw Problem.missing("There are no packets of this packing any more.");
        }
        return packets;
    }

    /** The label sheet of one packing, to print on paper or on labels. */
    @GetMapping(path = "/api/pack/{act}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(Household household, @PathVariable UUID act) {
        byte[] pdf = sheet.pdf(packing.labels(household, standing(household, act)));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("labels.pdf")
                                .build()
                                .toString())
                .contentType(MediaType.APPLICATION_PDF)
                .body(pdf);
    }
}
