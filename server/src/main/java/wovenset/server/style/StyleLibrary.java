package wovenset.server.style;

import static wovenset.server.stored.KeptRepository.Library.FRAME_STYLES;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.said.Reason;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.StyleNames;
import wovenset.server.stored.KeptRepository;
import wovenset.server.web.NotFoundException;

/** The styles that were kept, oldest first. */
@Service
class StyleLibrary {
    private static final int MOST = 500;

    private final KeptRepository kept;
    private final StyleFile file;

    StyleLibrary(KeptRepository kept, StyleFile file) {
        this.kept = kept;
        this.file = file;
    }

    List<FrameStyle> all() {
        return kept.all(FRAME_STYLES).stream().map(file::read).toList();
    }

    FrameStyle get(UUID id) {
        return all().stream().filter(style -> style.id().equals(id)).findFirst().orElseThrow(StyleLibrary::gone);
    }

    /** In the place of the one of the same identity, if there is one. */
    FrameStyle keep(FrameStyle style) {
        List<FrameStyle> known = all();
        boolean isNew = known.stream().noneMatch(one -> one.id().equals(style.id()));
        if (isNew && known.size() >= MOST) {
            throw EditRefusedException.of("name", Reason.STYLE_COUNT_KEPT, MOST);
        }
        FrameStyle named = style.withName(style.name().strip());
        if (StyleNames.isTaken(known, named.id(), named.name())) {
            throw EditRefusedException.of("name", Reason.STYLE_NAME_KEPT, named.name());
        }
        kept.put(FRAME_STYLES, named.id(), file.write(named));
        return named;
    }

    /** From a file: one that is in the library already, but other, comes in beside it under a name of its own. */
    FrameStyle bring(String text) {
        FrameStyle read = file.read(text);
        List<FrameStyle> known = all();
        if (known.contains(read)) {
            return read;
        }
        boolean met = known.stream().anyMatch(one -> one.id().equals(read.id()));
        UUID id = met ? UUID.randomUUID() : read.id();
        return keep(read.as(id, StyleNames.free(known, id, read.name())));
    }

    void delete(UUID id) {
        if (!kept.delete(FRAME_STYLES, id)) {
            throw gone();
        }
    }

    private static NotFoundException gone() {
        return new NotFoundException("This style is no longer in the library.");
    }
}
