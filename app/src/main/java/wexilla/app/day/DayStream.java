package wexilla.app.day;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import wexilla.app.platform.Acts;
import wexilla.core.kitchen.house.Household;

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
            // who has gone without a word is found by speaking to him; else the oldest comes again by himself
            own.forEach(emitter -> alive(own, emitter));
            own.stream().limit(Math.max(0, own.size() - MOST_DEVICES + 1)).forEach(SseEmitter::complete);
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

    /** A word nobody hears, so that who has gone is forgotten. */
    @Scheduled(fixedDelay = 20, timeUnit = TimeUnit.SECONDS)
    void alive() {
        devices.values().forEach(own -> own.forEach(emitter -> alive(own, emitter)));
    }

    private static void alive(List<SseEmitter> own, SseEmitter emitter) {
        try {
            emitter.send(SseEmitter.event().comment(""));
        } catch (IOException | IllegalStateException gone) {
            own.remove(emitter);
        }
    }

    private static void tell(List<SseEmitter> own, SseEmitter emitter, String event) {
        try {
            emitter.send(SseEmitter.event().name(event).data(""));
        } catch (IOException | IllegalStateException gone) {
            own.remove(emitter);
        }
    }
}
