package wovenset.server.scene;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.paint.SpritePainter;
import wovenset.core.picture.PngWriter;
import wovenset.core.scene.PageScene;
import wovenset.server.web.NotFoundException;

/**
 * Draws frames and pages by the names of their looks, and keeps what was drawn up to a sixteenth of the heap. A name that
 * this process has not met (it was restarted) is looked for in the piece as it is.
 */
@Service
public class SpriteService {
    private static final double LARGEST_SIDE_PX = 6000;
    private static final long MOST_PIXELS = 24_000_000;

    private final SceneService scenes;
    private final PageLookup pieces;
    private final SpritePainter painter;
    private final Cache<String, byte[]> drawn = Caffeine.newBuilder()
            // A value is computed under its bin's lock: with few bins, sprites would wait for each other.
            .initialCapacity(1024)
            .maximumWeight(Runtime.getRuntime().maxMemory() / 16)
            .weigher((String key, byte[] png) -> png.length).build();

    SpriteService(SceneService scenes, PageLookup pieces, ScreenRasters rasters) {
        this.scenes = scenes;
        this.pieces = pieces;
        this.painter = new SpritePainter(rasters);
    }

    /**
     * A frame alone, as PNG.
     *
     * @throws NotFoundException if no frame of the page looks like this
     * @throws IllegalArgumentException if the picture would be too large
     */
    public byte[] sprite(UUID piece, UUID page, String hash, double pixelsPerMm) {
        PageScene.FrameScene frame = known(piece, page, () -> scenes.frameNamed(hash));
        checkSize(frame.cell().width() * pixelsPerMm, frame.cell().height() * pixelsPerMm);
        return drawn.get(hash + "@" + pixelsPerMm, key -> PngWriter.png(painter.frame(frame, pixelsPerMm)));
    }

    /** The trimmed page as PNG, this wide; throws as {@link #sprite}. */
    byte[] page(UUID piece, UUID page, String hash, int width) {
        PageScene scene = known(piece, page, () -> scenes.pageNamed(hash));
        double pixelsPerMm = width / scene.widthMm();
        checkSize(width, scene.heightMm() * pixelsPerMm);
        return drawn.get(hash + "#" + width, key -> PngWriter.png(painter.page(scene, pixelsPerMm)));
    }

    private <T> T known(UUID piece, UUID page, Supplier<@Nullable T> named) {
        T known = named.get();
        if (known == null) {
            pieces.page(piece, page).ifPresent(found -> scenes.view(found.piece(), found.page()));
            known = named.get();
        }
        if (known == null) {
            throw new NotFoundException("The page no longer looks like this.");
        }
        return known;
    }

    private static void checkSize(double width, double height) {
        if (!(width > 0 && width <= LARGEST_SIDE_PX && height <= LARGEST_SIDE_PX && width * height <= MOST_PIXELS)) {
            throw new IllegalArgumentException("A picture for the screen has at most " + (int) LARGEST_SIDE_PX + " pixels on a side");
        }
    }
}
