package wovenset.server.storage;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import wovenset.server.make.MadeFiles;
import wovenset.server.photo.PhotoStore;
import wovenset.server.setting.SettingService;
import wovenset.server.shelf.DeletedPieceRepository;

/** Gives disk back a few times a day. */
@Component
class Clearing {
    private static final Logger LOG = LoggerFactory.getLogger(Clearing.class);
    /** A photo that came in lately may be about to be put into a piece. */
    private static final Duration COMING_IN = Duration.ofHours(1);

    private final DeletedPieceRepository pieces;
    private final PhotoStore photos;
    private final MadeFiles made;
    private final SettingService settings;
    private final Clock clock;

    Clearing(DeletedPieceRepository pieces, PhotoStore photos, MadeFiles made, SettingService settings, Clock clock) {
        this.pieces = pieces;
        this.photos = photos;
        this.made = made;
        this.settings = settings;
        this.clock = clock;
    }

    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT6H")
    void clear() {
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        int gone = pieces.removeBefore(now.minusDays(settings.keeping().days()));
        long bytes = photos.clearUnneeded(now.minus(COMING_IN));
        made.removeOrphans();
        if (gone > 0 || bytes > 0) {
            LOG.info("Removed {} pieces for good, and {} MB of photos that no piece needs", gone, bytes / 1_000_000);
        }
    }
}
