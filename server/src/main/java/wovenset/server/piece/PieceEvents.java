package wovenset.server.piece;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells open windows that a piece has changed. */
@Component
class PieceEvents {
    private final Map<UUID, List<SseEmitter>> open = new ConcurrentHashMap<>();

    /** What a window is told. */
    record Changed(long revision, @Nullable String window) {}

    SseEmitter listen(UUID piece) {
        SseEmitter emitter = new SseEmitter(0L);
        List<SseEmitter> list = open.computeIfAbsent(piece, id -> new CopyOnWriteArrayList<>());
        list.add(emitter);
        Runnable leave = () -> list.remove(emitter);
        emitter.onCompletion(leave);
        emitter.onTimeout(leave);
        emitter.onError(e -> leave.run());
        send(emitter, SseEmitter.event().comment("open"));
        return emitter;
    }

    void changed(UUID piece, long revision, @Nullable String window) {
        for (SseEmitter emitter : open.getOrDefault(piece, List.of())) {
            send(emitter, SseEmitter.event().name("changed").data(new Changed(revision, window)));
        }
    }

    /** A window that is gone is simply no longer told. */
    private static void send(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException e) {
            emitter.complete();
        }
    }

    /** Before the web server waits for requests under way: these would never end by themselves. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        open.values().forEach(list -> list.forEach(SseEmitter::complete));
    }
}
