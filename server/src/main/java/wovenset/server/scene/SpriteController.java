package wovenset.server.scene;

import java.time.Duration;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of frames and pages under names that say what they show, so that a browser may keep them for ever. */
@RestController
@RequestMapping("/api/pieces/{piece}/pages/{page}")
class SpriteController {
    private final SpriteService sprites;

    SpriteController(SpriteService sprites) {
        this.sprites = sprites;
    }

    /** @param pixelsPerMm the screen's scale */
    @GetMapping(path = "/sprites/{hash}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> sprite(@PathVariable UUID piece, @PathVariable UUID page, @PathVariable String hash,
            @RequestParam double pixelsPerMm) {
        return forEver(sprites.sprite(piece, page, hash, pixelsPerMm));
    }

    /** @param width of the picture in pixels */
    @GetMapping(path = "/image/{hash}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> image(@PathVariable UUID piece, @PathVariable UUID page, @PathVariable String hash, @RequestParam int width) {
        return forEver(sprites.page(piece, page, hash, width));
    }

    private static ResponseEntity<byte[]> forEver(byte[] png) {
        return ResponseEntity.ok().cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable()).body(png);
    }
}
