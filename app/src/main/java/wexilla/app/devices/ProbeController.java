package wexilla.app.devices;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.house.Household;

/** The panel that plays the probe. */
@RestController
class ProbeController {

    private final PlayedProbe probe;

    ProbeController(PlayedProbe probe) {
        this.probe = probe;
    }

    /** @param tenths of a degree Celsius */
    record Warm(int tenths) {}

    @PostMapping("/api/probe/play")
    Warm play(Household household, @RequestBody Warm input) {
        if (input.tenths() < KitchenProbe.COLDEST || input.tenths() > KitchenProbe.HOTTEST) {
            throw Problem.at(
                    "/tenths",
                    "It reads from " + KitchenProbe.COLDEST / 10 + " to " + KitchenProbe.HOTTEST / 10 + " °C, not "
                            + input.tenths() / 10 + ".");
        }
        probe.play(household.id(), input.tenths());
        return input;
    }
}
