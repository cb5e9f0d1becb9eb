package wovenset.server.scene;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wovenset.server.web.RequiredFields;
import wovenset.server.web.UnfitRequestException;

/** Pictures of frames and pages under names that say what they show, so that a browser may keep them for ever. */
@RestController
@RequestMapping("/api/pieces/{piece}/pages/{page}")
class SpriteController {
    private static final int MOST_AT_ONCE = 2000;

    private final SpriteService sprites;

    SpriteController(SpriteService sprites) {
        this.sprites = sprites;
    }

    /**
     * @param pixelsPerMm the screen's scale
     * @param window whose earlier wishes are no longer wanted; null if there are none
     */
    record SpriteRequest(List<SpriteService.Sprite> sprites, double pixelsPerMm, @Nullable String window) {}

    /**
     * Several units of a page in one answer, for a request costs more than a small picture. In the asked order, each as
     * its width and height in pixels (four bytes each, highest first) and then so many pixels, four bytes each: red, green, blue and
     * how solid it is; sent as they are drawn. A width of 0 says that a photo cannot be read: one bad file must not hide the rest
     * of the page.
     */
    @PostMapping(path = "/sprites", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    void sprites(
            @PathVariable UUID piece,
            @PathVariable UUID page,
            @RequestBody SpriteRequest request,
            HttpServletResponse response)
            throws IOException {
        RequiredFields.check(request);
        if (request.sprites().isEmpty() || request.sprites().size() > MOST_AT_ONCE) {
            throw new UnfitRequestException("Between 1 and " + MOST_AT_ONCE + " sprites are drawn at once");
        }
        List<CompletableFuture<byte[]>> pictures =
                sprites.sprites(piece, page, request.sprites(), request.pixelsPerMm(), request.window());
        response.setContentType(MediaType.APPLICATION_OCTET_STREAM_VALUE);
        SpriteStream.send(pictures, response.getOutputStream());
    }

    /**
     * A page as it is now. The browser may keep it for ever if it asked for the look that the page has.
     *
     * @param look grows whenever the page looks different
     * @param width of the picture in pixels
     */
    @GetMapping(path = "/picture", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(
            @PathVariable UUID piece, @PathVariable UUID page, @RequestParam long look, @RequestParam int width) {
        SpriteService.PagePicture picture = sprites.page(piece, page, look, width);
        return picture.current()
                ? forEver(picture.png())
                : ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(picture.png());
    }

    /**
     * A part of a page as it is now, drawn finely.
     *
     * @param x where on the page its left edge lies, in millimetres
     * @param width of the picture in pixels
     */
    @GetMapping(path = "/window", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> window(
            @PathVariable UUID piece,
            @PathVariable UUID page,
            @RequestParam double x,
            @RequestParam double y,
            @RequestParam int width,
            @RequestParam int height,
            @RequestParam double pixelsPerMm) {
        SpriteService.Window window = new SpriteService.Window(x, y, width, height, pixelsPerMm);
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(sprites.window(piece, page, window));
    }

    /**
     * A page as it was proposed or tried.
     *
     * @param frame to see this frame of it alone, in the middle of a square; nothing for the whole page
     */
    @GetMapping(path = "/looks/{look}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> look(
            @PathVariable String look, @RequestParam int width, @RequestParam(required = false) @Nullable UUID frame) {
        return forEver(frame == null ? sprites.look(look, width) : sprites.look(look, frame, width));
    }

    private static ResponseEntity<byte[]> forEver(byte[] png) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(png);
    }
}
