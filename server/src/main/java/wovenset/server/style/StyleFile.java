package wovenset.server.style;

import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.style.FrameStyle;
import wovenset.server.stored.OwnFile;

/** A frame style as a JSON file (docs/style-file.md). */
@Component
class StyleFile {
    private static final String KIND = "frame style";
    private static final int VERSION = 1;

    private final OwnFile file;

    StyleFile(JsonMapper mapper) {
        this.file = new OwnFile(KIND, VERSION, mapper);
    }

    private record Content(String wovenset, int version, FrameStyle style) {}

    String write(FrameStyle style) {
        return file.write(new Content(KIND, VERSION, style));
    }

    /** @throws EditRefusedException saying what is wrong with the file */
    FrameStyle read(String text) {
        return file.read(
                text, (tree, version) -> file.value(tree, Content.class).style());
    }
}
