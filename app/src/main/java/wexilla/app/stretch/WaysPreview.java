package wexilla.app.stretch;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.stretch.WayViews.WaysAsked;
import wexilla.app.stretch.WayViews.WaysView;

/** Two or three complete ways to use a big buy; stores nothing. */
@RestController
class WaysPreview {

    private final Reference reference;

    WaysPreview(Reference reference) {
        this.reference = reference;
    }

    @PostMapping("/api/preview/ways")
    WaysView ways(@RequestBody WaysAsked asked) {
        return WayViews.of(
                asked,
                WayViews.eaters(asked.people()),
                WayViews.freezer(asked.freezerLitres()),
                reference.book(),
                reference,
                Asked.CURRENCY);
    }
}
