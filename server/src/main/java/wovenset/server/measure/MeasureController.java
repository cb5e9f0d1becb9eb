package wovenset.server.measure;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.arrange.GridOutcome;
import wovenset.core.arrange.GridSums;
import wovenset.core.measure.FinishedSize;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthSum;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.piece.Format;
import wovenset.core.piece.Grid;
import wovenset.core.words.Typefaces;
import wovenset.server.web.RequiredFields;

/** Sums for the interface's fields. */
@RestController
@RequestMapping("/api/measure")
class MeasureController {
    /** @param text the length in the field's unit, as the field should show it */
    record LengthAnswer(Length length, String text) {}

    record GridRequest(Format format, Grid grid) {}

    /**
     * @param reason why the grid does not fit; null if it does
     * @param field which number stands in the way; null if it fits
     * @param pageWidth the page that a fixed cell size comes to; null without one
     */
    record GridAnswer(
            @Nullable String reason,
            @Nullable String field,
            @Nullable Length cellWidth,
            @Nullable Length cellHeight,
            @Nullable Length leftOverX,
            @Nullable Length leftOverY,
            @Nullable Length pageWidth,
            @Nullable Length pageHeight) {}

    @GetMapping("/length")
    LengthAnswer length(
            @RequestParam String text, @RequestParam LengthUnit unit, @RequestParam(defaultValue = "300") double ppi) {
        Resolution resolution = new Resolution(ppi);
        Length length = LengthSum.parse(text, unit, resolution);
        return new LengthAnswer(length, unit.format(length, resolution));
    }

    @GetMapping("/sizes")
    List<FinishedSize> sizes() {
        return FinishedSize.COMMON;
    }

    @GetMapping("/typefaces")
    List<String> typefaces() {
        return Typefaces.names();
    }

    @PostMapping("/grid")
    GridAnswer grid(@RequestBody GridRequest request) {
        RequiredFields.check(request);
        GridSums.PageSize page = request.grid().cell() == null ? null : GridSums.page(request.grid());
        Length width = page == null ? null : page.width();
        Length height = page == null ? null : page.height();
        GridOutcome outcome = GridSums.cells(request.format(), request.grid());
        if (outcome instanceof GridOutcome.Fits fits) {
            return new GridAnswer(
                    null, null, fits.cellWidth(), fits.cellHeight(), fits.leftOverX(), fits.leftOverY(), width, height);
        }
        GridOutcome.DoesNotFit problem = (GridOutcome.DoesNotFit) outcome;
        return new GridAnswer(problem.reason(), problem.field(), null, null, null, null, width, height);
    }
}
