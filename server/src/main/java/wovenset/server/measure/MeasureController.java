package wovenset.server.measure;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthSum;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.words.Typefaces;

/** Sums for the interface's fields. */
@RestController
@RequestMapping("/api/measure")
class MeasureController {
    /** @param text the length in the field's unit, as the field should show it */
    record LengthAnswer(Length length, String text) {}

    @GetMapping("/length")
    LengthAnswer length(
            @RequestParam String text, @RequestParam LengthUnit unit, @RequestParam(defaultValue = "300") double ppi) {
        Resolution resolution = new Resolution(ppi);
        Length length = LengthSum.parse(text, unit, resolution);
        return new LengthAnswer(length, unit.format(length, resolution));
    }

    @GetMapping("/typefaces")
    List<String> typefaces() {
        return Typefaces.names();
    }
}
