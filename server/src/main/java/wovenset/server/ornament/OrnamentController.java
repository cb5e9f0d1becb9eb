package wovenset.server.ornament;

import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.drawing.Drawing;
import wovenset.core.geometry.PathData;
import wovenset.core.ink.Rgb;

/** Tells the ornaments with their outlines, so that they can be shown in any colours. */
@RestController
class OrnamentController {
    /** They change only with the application. */
    private static final Duration KEPT = Duration.ofHours(1);

    /**
     * @param width natural; only its proportion to the height counts
     * @param forWords whether words stand on it
     * @param parts from back to front
     */
    record OrnamentView(
            Drawing drawing,
            Drawing.Family family,
            double width,
            double height,
            boolean forWords,
            List<PartView> parts) {}

    /**
     * @param outline in the unit square, as SVG has path data; what is inside is told by its winding
     */
    record PartView(String name, Rgb usual, String outline) {}

    @GetMapping("/api/ornaments")
    ResponseEntity<List<OrnamentView>> all() {
        List<OrnamentView> all =
                Stream.of(Drawing.values()).map(OrnamentController::view).toList();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                .body(all);
    }

    private static OrnamentView view(Drawing drawing) {
        var picture = drawing.picture();
        return new OrnamentView(
                drawing,
                drawing.family(),
                picture.width(),
                picture.height(),
                picture.spine().isPresent(),
                picture.parts().stream()
                        .map(part -> new PartView(part.name(), part.usual(), PathData.of(part.path())))
                        .toList());
    }
}
