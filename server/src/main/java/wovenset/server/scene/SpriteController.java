package wovenset.server.scene;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.paint.SpritePainter;
import wovenset.core.picture.SpriteCodec;
import wovenset.core.scene.PageScene;
import wovenset.server.web.NotFoundException;

/**
 * Pictures of frames and pages under names that say what they show, so that a browser may keep them for ever. A name
 * that this process has not met (it was restarted) is looked for in the piece as it is.
 */
@RestController
@RequestMapping("/api/pieces/{piece}/pages/{page}")
class SpriteController {
    private static final double LARGEST_SIDE_PX = 6000;
    private static final long MOST_PIXELS = 24_000_000;

    private final SceneService scenes;
    private final PageLookup pieces;
    private final SpritePainter painter;
    private final Cache<String, byte[]> drawn = Caffeine.newBuilder()
            .maximumWeight(Runtime.getRuntime().maxMemory() / 16)
            .weigher((String key, byte[] png) -> png.length).build();

    SpriteController(SceneService scenes, PageLookup pieces, ScreenRasters rasters) {
        this.scenes = scenes;
        this.pieces = pieces;
        this.painter = new SpritePainter(rasters);
    }

    /** @param pixelsPerMm the screen's scale */
    @GetMapping(path = "/sprites/{hash}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> sprite(@PathVariable UUID piece, @PathVariable UUID page, @PathVariable String hash,
            @RequestParam double pixelsPerMm) {
        PageScene.FrameScene frame = known(piece, page, () -> scenes.frameNamed(hash));
        checkSize(frame.cell().width() * pixelsPerMm, frame.cell().height() * pixelsPerMm);
        return forEver(drawn.get(hash + "@" + pixelsPerMm, key -> SpriteCodec.png(painter.frame(frame, pixelsPerMm))));
    }

    /** @param width of the picture in pixels */
    @GetMapping(path = "/image/{hash}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> image(@PathVariable UUID piece, @PathVariable UUID page, @PathVariable String hash, @RequestParam int width) {
        PageScene scene = known(piece, page, () -> scenes.pageNamed(hash));
        double pixelsPerMm = width / scene.widthMm();
        checkSize(width, scene.heightMm() * pixelsPerMm);
        return forEver(drawn.get(hash + "#" + width, key -> SpriteCodec.png(painter.page(scene, pixelsPerMm))));
    }

    private <T> T known(UUID piece, UUID page, Supplier<@org.jspecify.annotations.Nullable T> named) {
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

    private static ResponseEntity<byte[]> forEver(byte[] png) {
        return ResponseEntity.ok().cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable()).body(png);
    }
}
