package wovenset.server.measure;

import java.time.Duration;
import java.util.List;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthSum;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.style.TextStyle;
import wovenset.core.words.Typefaces;
import wovenset.server.web.NotFoundException;

/** Sums for the interface's fields. */
@RestController
@RequestMapping("/api/measure")
class MeasureController {
    /** @param text the length in the field's unit, as the field should show it */
    record LengthAnswer(Length length, String text) {}

    /** @param bold whether it has bold letters of its own */
    record TypefaceView(String name, boolean bold, boolean italic) {}

    @GetMapping("/length")
    LengthAnswer length(
            @RequestParam String text, @RequestParam LengthUnit unit, @RequestParam(defaultValue = "300") double ppi) {
        Resolution resolution = new Resolution(ppi);
        Length length = LengthSum.parse(text, unit, resolution);
        return new LengthAnswer(length, unit.format(length, resolution));
    }

    @GetMapping("/typefaces")
    List<TypefaceView> typefaces() {
        return Typefaces.all().stream()
                .map(one -> new TypefaceView(one.name(), one.hasBold(), one.hasItalic()))
                .toList();
    }

    /** A face's own file, so that words can be typed in it as they will print. */
    @GetMapping("/typefaces/{name}/{weight}/{slant}")
    ResponseEntity<InputStreamResource> face(
            @PathVariable String name, @PathVariable TextStyle.Weight weight, @PathVariable TextStyle.Slant slant) {
        if (!Typefaces.names().contains(name)) {
            throw new NotFoundException("No typeface is called " + name + ".");
        }
        String face = Typefaces.face(name, weight == TextStyle.Weight.BOLD, slant == TextStyle.Slant.ITALIC);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("font/ttf"))
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)))
                .body(new InputStreamResource(Typefaces.file(face)));
    }
}
