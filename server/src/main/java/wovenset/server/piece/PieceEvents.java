package wovenset.server.piece;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells open browsers which pieces have changed: one stream for each, whatever it shows in how many tabs. */
@RestController
class PieceEvents {
    private final List<SseEmitter> open = new CopyOnWriteArrayList<>();

    /**
     * What a browser is told.
     *
     * @param window the one that made the change, so that it need not look again
     */
    record Changed(UUID piece, long revision, @Nullable String window) {}

    @GetMapping(path = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen() {
        SseEmitter emitter = new SseEmitter(0L);
        open.add(emitter);
        Runnable leave = () -> open.remove(emitter);
        emitter.onCompletion(leave);
        emitter.onTimeout(leave);
        emitter.onError(e -> leave.run());
        send(emitter, SseEmitter.event().comment("open"));
        return emitter;
    }

    void changed(UUID piece, long revision, @Nullable String window) {
        for (SseEmitter emitter : open) {
            send(emitter, SseEmitter.event().name("changed").data(new Changed(piece, revision, window)));
        }
    }

    /** A browser that is gone is simply no longer told; the web server ends its stream, and has perhaps done so by now. */
    private void send(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException e) {
            open.remove(emitter);
        }
    }

    /** Before the web server waits for requests under way: these would never end by themselves. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        open.forEach(SseEmitter::complete);
    }
}
