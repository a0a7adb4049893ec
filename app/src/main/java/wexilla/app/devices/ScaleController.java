package wexilla.app.devices;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.house.Household;

/** The scale on the counter, and the panel that plays it. */
@RestController
class ScaleController {

    private final PlayedScale scale;

    ScaleController(PlayedScale scale) {
        this.scale = scale;
    }

    @GetMapping("/api/scale")
    KitchenScale.Reading read(Household household) {
        return scale.read(household.id());
    }

    @PostMapping("/api/scale/tare")
    KitchenScale.Reading tare(Household household) {
        scale.tare(household.id());
        return scale.read(household.id());
    }

    /** @param grams that lie on it now */
    record OnScale(int grams) {}

    /** Plays the stand-in. */
    @PostMapping("/api/scale/play")
    KitchenScale.Reading play(Household household, @RequestBody OnScale input) {
        if (input.grams() < 0 || input.grams() > KitchenScale.MOST_GRAMS) {
            throw Problem.at(
                    "/grams", "It weighs from 0 to " + KitchenScale.MOST_GRAMS + " g, not " + input.grams() + ".");
        }
        scale.put(household.id(), input.grams());
        return scale.read(household.id());
    }
}
