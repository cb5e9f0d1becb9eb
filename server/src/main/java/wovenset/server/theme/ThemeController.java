package wovenset.server.theme;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.theme.ShippedThemes;
import wovenset.core.theme.Theme;
import wovenset.server.piece.PieceService;
import wovenset.server.web.RequiredFields;

/** The looks of whole pieces over HTTP. */
@RestController
class ThemeController {
    private final ThemeLibrary library;
    private final PieceService pieces;

    ThemeController(ThemeLibrary library, PieceService pieces) {
        this.library = library;
        this.pieces = pieces;
    }

    /**
     * @param kept as they are in the library
     * @param shipped with measures that suit the piece's pages
     */
    record ThemesView(List<Theme> kept, List<Theme> shipped) {}

    record KeepThemeRequest(Theme theme) {}

    record NameThemeRequest(String name) {}

    @GetMapping("/api/pieces/{id}/themes")
    ThemesView of(@PathVariable UUID id) {
        return new ThemesView(
                library.all(), ShippedThemes.of(pieces.get(id).piece().format()));
    }

    /** Keeps how a piece looks. */
    @PostMapping("/api/pieces/{id}/themes")
    Theme keep(@PathVariable UUID id, @RequestBody NameThemeRequest request) {
        RequiredFields.check(request);
        return library.keep(Theme.of(
                pieces.get(id).piece(), UUID.randomUUID(), request.name().strip()));
    }

    /** Keeps one again that was deleted, or under another name. */
    @PostMapping("/api/themes")
    Theme keep(@RequestBody KeepThemeRequest request) {
        RequiredFields.check(request);
        return library.keep(request.theme());
    }

    @DeleteMapping("/api/themes/{id}")
    void delete(@PathVariable UUID id) {
        library.delete(id);
    }
}
