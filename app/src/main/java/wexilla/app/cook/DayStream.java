package wexilla.app.cook;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;

/** Tells every device that looks at a kitchen that something was done: it asks anew then. */
@Component
class DayStream {

    /** A browser asks again by itself when a stream ends. */
    private static final Duration LONGEST = Duration.ofMinutes(10);

    private static final int MOST_DEVICES = 24;

    private final Map<UUID, List<SseEmitter>> devices = new ConcurrentHashMap<>();

    /** A stream of events named "changed". */
    SseEmitter open(Household household) {
        List<SseEmitter> own = devices.computeIfAbsent(household.id(), id -> new CopyOnWriteArrayList<>());
        if (own.size() >= MOST_DEVICES) {
            throw Problem.refused(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "At most " + MOST_DEVICES + " devices look at one kitchen at once.");
        }
        SseEmitter emitter = new SseEmitter(LONGEST.toMillis());
        emitter.onCompletion(() -> own.remove(emitter));
        emitter.onTimeout(emitter::complete);
        emitter.onError(broken -> own.remove(emitter));
        own.add(emitter);
        tell(own, emitter, "here");
        return emitter;
    }

    @EventListener
    void done(Acts.Kept act) {
        List<SseEmitter> own = devices.getOrDefault(act.household(), List.of());
        own.forEach(emitter -> tell(own, emitter, "changed"));
    }

    /** Streams do not hold up the end of the application. */
    @EventListener(ContextClosedEvent.class)
    void closing() {
        devices.values().forEach(own -> own.forEach(SseEmitter::complete));
    }

    private static void tell(List<SseEmitter> own, SseEmitter emitter, String event) {
        try {
            emitter.send(SseEmitter.event().name(event).data(""));
        } catch (IOException | IllegalStateException gone) {
            own.remove(emitter);
        }
    }
}
