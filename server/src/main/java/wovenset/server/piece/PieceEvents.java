package wovenset.server.piece;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import wovenset.server.recent.Recent;

/**
 * Tells open browsers which pieces have changed: one stream for each, whatever it shows in how many tabs. What this process changes
 * is told at once; what another process on the same database changes is looked for twice a second.
 */
@RestController
class PieceEvents {
    /** Longer than a change takes from its time to its commit, and clocks of machines differ by. */
    private static final Duration LOOK_BACK = Duration.ofSeconds(10);

    private static final Logger LOG = LoggerFactory.getLogger(PieceEvents.class);
    private static final int PIECES = 1000;

    private final TouchedPieceRepository pieces;
    private final Clock clock;
    private final Recent<UUID, Long> told = Recent.entries(PIECES);
    private final List<SseEmitter> open = new CopyOnWriteArrayList<>();

    PieceEvents(TouchedPieceRepository pieces, Clock clock) {
        this.pieces = pieces;
        this.clock = clock;
    }

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
        told.put(piece, revision);
        for (SseEmitter emitter : open) {
            send(emitter, SseEmitter.event().name("changed").data(new Changed(piece, revision, window)));
        }
    }

    @Scheduled(fixedDelayString = "PT0.5S")
    void lookAround() {
        if (open.isEmpty()) {
            return;
        }
        LocalDateTime since = LocalDateTime.ofInstant(clock.instant().minus(LOOK_BACK), ZoneOffset.UTC);
        try {
            for (TouchedPieceRepository.Touched piece : pieces.since(since)) {
                Long known = told.find(piece.id());
                if (known == null || known < piece.revision()) {
                    changed(piece.id(), piece.revision(), piece.window());
                }
            }
        } catch (DataAccessException e) {
            // The database is away, which whoever works hears by other ways; it is looked for again.
            LOG.debug("Other processes' changes could not be looked for", e);
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
