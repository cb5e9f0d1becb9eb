package wovenset.server.outline;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.style.Outline;
import wovenset.server.web.RequiredFields;

/** Reads outlines for frames; putting one on a frame is an edit. */
@RestController
class OutlineController {
    /**
     * @param name what it is to a person, such as its file's name
     * @param text of an SVG file
     */
    record ReadOutlineRequest(String name, String text) {}

    /**
     * @param proportion width to height, as it is drawn
     * @param leftOut kinds of elements of the file that were not used
     */
    record OutlineView(Outline outline, double proportion, List<String> leftOut) {}

    @PostMapping("/api/outlines")
    OutlineView read(@RequestBody ReadOutlineRequest request) {
        RequiredFields.check(request);
        SvgOutline read = SvgOutline.read(request.text());
        String name = request.name().strip();
        String known = name.isEmpty() ? "drawing" : name;
        return new OutlineView(
                new Outline.Traced(known.substring(0, Math.min(known.length(), Outline.LONGEST_NAME)), read.data()),
                read.proportion(),
                read.leftOut());
    }
}
