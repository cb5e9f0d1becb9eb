package wovenset.server.scene;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.paint.SpritePainter;
import wovenset.core.picture.PngWriter;
import wovenset.core.scene.PageScene;
import wovenset.server.recent.Recent;
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
    private final ExecutorService drawers =
            Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors());
    private final Recent<String, byte[]> drawn =
            Recent.bytes(Runtime.getRuntime().maxMemory() / 16, png -> png.length);

    SpriteService(SceneService scenes, PageLookup pieces, ScreenRasters rasters) {
        this.scenes = scenes;
        this.pieces = pieces;
        this.painter = new SpritePainter(rasters);
    }

    /**
     * Frames alone, as PNG: each by itself in the asked order, drawn side by side on all processors.
     *
     * @throws NotFoundException if no frame of the page looks like one of these
     * @throws IllegalArgumentException if a picture would be too large
     */
    public List<CompletableFuture<byte[]>> sprites(UUID piece, UUID page, List<String> hashes, double pixelsPerMm) {
        List<PageScene.FrameScene> frames = hashes.stream()
                .map(hash -> known(piece, page, () -> scenes.frameNamed(hash)))
                .toList();
        frames.forEach(frame ->
                checkSize(frame.bounds().width() * pixelsPerMm, frame.bounds().height() * pixelsPerMm));
        List<CompletableFuture<byte[]>> pictures = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            PageScene.FrameScene frame = frames.get(i);
            String key = hashes.get(i) + "@" + pixelsPerMm;
            pictures.add(CompletableFuture.supplyAsync(
                    () -> drawn.get(key, absent -> PngWriter.png(painter.frame(frame, pixelsPerMm))), drawers));
        }
        return pictures;
    }

    /** The trimmed page as PNG, this wide; throws as {@link #sprites}. */
    byte[] page(UUID piece, UUID page, String hash, int width) {
        PageScene scene = known(piece, page, () -> scenes.pageNamed(hash));
        double pixelsPerMm = width / scene.widthMm();
        checkSize(width, scene.heightMm() * pixelsPerMm);
        return drawn.get(hash + "#" + width, key -> PngWriter.png(painter.page(scene, pixelsPerMm)));
    }

    @PreDestroy
    void close() {
        drawers.shutdown();
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
            throw new IllegalArgumentException(
                    "A picture for the screen has at most " + (int) LARGEST_SIDE_PX + " pixels on a side");
        }
    }
}
