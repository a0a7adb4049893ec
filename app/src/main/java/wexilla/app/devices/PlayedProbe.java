package wexilla.app.devices;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** The stand-in for a probe: a small panel says how warm it is. It forgets when the application stops. */
@Component
class PlayedProbe implements KitchenProbe {

    private static final int ROOM = 200;

    private final Map<UUID, Integer> warm = new ConcurrentHashMap<>();

    @Override
    public int tenths(UUID household) {
        return warm.getOrDefault(household, ROOM);
    }

    void play(UUID household, int tenths) {
        warm.put(household, tenths);
    }
}
