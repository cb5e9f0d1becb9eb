package wovenset.server.scene;

import java.util.Optional;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.Entry;
import wovenset.server.web.NotFoundException;

/** The whole photo of a frame, to work on by hand. */
@RestController
class RetouchedController {
    private static final int EDGE = 1400;

    private final PageLookup pages;
    private final WholePhotos photos;

    RetouchedController(PageLookup pages, WholePhotos photos) {
        this.pages = pages;
        this.photos = photos;
    }

    /**
     * As the frame shows it, without its crop, and as it was taken: strokes on it are strokes on the photo.
     *
     * @param plain whether what is done to it by hand is left away
     */
    @GetMapping(path = "/api/pieces/{piece}/pages/{page}/frames/{frame}/photo", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> photo(
            @PathVariable UUID piece,
            @PathVariable UUID page,
            @PathVariable UUID frame,
            @RequestParam(defaultValue = "false") boolean plain) {
        PageLookup.FoundPage found =
                pages.page(piece, page).orElseThrow(() -> new NotFoundException("There is no such page."));
        Frame shown = found.page().frame(frame).orElseThrow(() -> new NotFoundException("There is no such frame."));
        Entry entry = found.piece()
                .entryOf(found.page(), shown)
                .orElseThrow(() -> new NotFoundException("This frame shows no photo."));
        PhotoPixels pixels = new PhotoPixels(
                entry.photo(),
                shown.adjustments(),
                plain ? Retouching.NONE : shown.retouching().withPlane(Optional.empty()));
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(photos.png(pixels, EDGE));
    }
}
