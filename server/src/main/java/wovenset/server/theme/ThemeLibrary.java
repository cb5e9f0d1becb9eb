package wovenset.server.theme;

import static wovenset.server.stored.KeptRepository.Library.THEMES;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.said.Reason;
import wovenset.core.theme.Theme;
import wovenset.server.stored.KeptRepository;
import wovenset.server.stored.OwnFile;
import wovenset.server.web.NotFoundException;

/** The themes that were kept, oldest first. */
@Service
class ThemeLibrary {
    private static final int MOST = 200;
    private static final String KIND = "theme";
    private static final int VERSION = 1;

    private final KeptRepository kept;
    private final OwnFile file;

    ThemeLibrary(KeptRepository kept, JsonMapper mapper) {
        this.kept = kept;
        this.file = new OwnFile(KIND, VERSION, mapper);
    }

    private record Content(String wovenset, int version, Theme theme) {}

    List<Theme> all() {
        return kept.all(THEMES).stream()
                .map(text -> file.read(
                        text, (tree, version) -> file.value(tree, Content.class).theme()))
                .toList();
    }

    /** In the place of the one of the same identity, if there is one; no two have the same name. */
    Theme keep(Theme theme) {
        List<Theme> others =
                all().stream().filter(one -> !one.id().equals(theme.id())).toList();
        if (others.size() >= MOST) {
            throw EditRefusedException.of("name", Reason.THEME_COUNT_KEPT, MOST);
        }
        if (others.stream().anyMatch(one -> one.name().equalsIgnoreCase(theme.name()))) {
            throw EditRefusedException.of("name", Reason.THEME_NAME_KEPT, theme.name());
        }
        kept.put(THEMES, theme.id(), file.write(new Content(KIND, VERSION, theme)));
        return theme;
    }

    void delete(UUID id) {
        if (!kept.delete(THEMES, id)) {
            throw new NotFoundException("This look is no longer kept.");
        }
    }
}
