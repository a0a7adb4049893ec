package wexilla.app.stretch;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.book.FoodBook;

/** What a big buy becomes when it is cut into parts; stores nothing. */
@RestController
class StretchPreview {

    private final Reference reference;
    private final FoodBook book;

    StretchPreview(Reference reference) {
        this.reference = reference;
        this.book = reference.book();
    }

    @PostMapping("/api/preview/stretch")
    Stretched stretch(@RequestBody StretchAsked asked) {
        return Stretched.of(Cutting.of(asked, book, reference, Asked.CURRENCY));
    }
}
