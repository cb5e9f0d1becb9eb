package wovenset.server.scene;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoPixels;
import wovenset.server.web.UnfitRequestException;

/** Whole photos with changed light and colour, to choose by and to compare. */
@RestController
class AdjustedController {
    private static final int LEAST = 40;
    private static final int MOST = 1600;

    private final WholePhotos photos;
    private final JsonMapper mapper;

    AdjustedController(WholePhotos photos, JsonMapper mapper) {
        this.photos = photos;
        this.mapper = mapper;
    }

    /**
     * @param adjustments as they are stored, as JSON
     * @param edge so many pixels along the longer side, or a few more
     */
    @GetMapping(path = "/api/photos/{sha256}/adjusted", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> adjusted(
            @PathVariable String sha256, @RequestParam String adjustments, @RequestParam int edge) {
        if (edge < LEAST || edge > MOST) {
            throw new UnfitRequestException("Between " + LEAST + " and " + MOST + " pixels are drawn");
        }
        PhotoPixels pixels = new PhotoPixels(new PhotoId(sha256), read(adjustments));
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(photos.png(pixels, edge));
    }

    private Adjustments read(String adjustments) {
        try {
            return mapper.readValue(adjustments, Adjustments.class);
        } catch (JacksonException e) {
            throw new UnfitRequestException("These are no adjustments");
        }
    }
}
