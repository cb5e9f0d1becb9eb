package wovenset.core.edit.dress;

import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.StyleNames;
import wovenset.core.style.StyleSheet;
import wovenset.core.style.StyleUse;

/** Edits of the styles that frames wear. */
public final class StyleEdits {
    public void register(Handlers handlers) {
        handlers.on(StyleEdit.SetFrameStyle.class, StyleEdits::set);
        handlers.on(StyleEdit.KeepStyle.class, StyleEdits::keep);
        handlers.on(StyleEdit.DressFrames.class, StyleEdits::dressFrames);
        handlers.on(StyleEdit.DressAll.class, StyleEdits::dressAll);
        handlers.on(StyleEdit.RemoveFrameStyle.class, StyleEdits::remove);
        handlers.on(StyleEdit.WearEverywhere.class, StyleEdits::wearEverywhere);
        handlers.on(StyleEdit.WearOnPages.class, StyleEdits::wearOnPages);
        handlers.on(
                PieceEdit.WearTheme.class,
                (piece, edit) -> Outcome.of(
                        edit.theme().wornBy(piece),
                        Doing.WEAR_THEME,
                        edit.theme().name()));
    }

    private static Outcome set(Piece piece, StyleEdit.SetFrameStyle edit) {
        StyleSheet sheet = piece.styles();
        FrameStyle before = sheet.frame(edit.style().id());
        boolean known = before.id().equals(edit.style().id());
        boolean named = known && before.name().equals(edit.style().name());
        FrameStyle style = named ? edit.style() : withFreeName(sheet, edit.style());
        Piece changed = piece.withStyles(sheet.with(style));
        if (known && !named) {
            return Outcome.of(changed, Doing.RENAME_STYLE, style.name());
        }
        return known ? Outcome.of(changed, Doing.SET_STYLE) : Outcome.of(changed, Doing.ADD_STYLE, style.name());
    }

    /** The style under its name without spaces at its ends, which no other of the piece may have. */
    private static FrameStyle withFreeName(StyleSheet sheet, FrameStyle style) {
        String name = style.name().strip();
        if (StyleNames.isTaken(sheet.frames(), style.id(), name)) {
            throw EditRefusedException.of("name", Reason.STYLE_NAME_TAKEN, name);
        }
        return style.withName(name);
    }

    private static Outcome keep(Piece piece, StyleEdit.KeepStyle edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> frames = Named.frames(page, edit.frameIds());
        FrameStyle look = frames.get(0).style().in(piece.styles());
        FrameStyle style = withFreeName(piece.styles(), look.as(edit.style(), edit.name()));
        Page dressed = dressing(style.id(), frames::contains).apply(page);
        return Outcome.of(
                piece.withStyles(piece.styles().with(style)).mapPage(page.id(), old -> dressed),
                Doing.ADD_STYLE,
                style.name());
    }

    private static Outcome dressFrames(Piece piece, StyleEdit.DressFrames edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> frames = Named.frames(page, edit.frameIds());
        Piece known = piece.withStyles(piece.styles().bringing(edit.style()));
        Page dressed = dressing(edit.style().id(), frame -> frames.contains(frame) && frame.isDressed())
                .apply(page);
        return Outcome.of(
                known.mapPage(page.id(), old -> dressed),
                Doing.WEAR_STYLE,
                edit.style().name());
    }

    private static Outcome dressAll(Piece piece, StyleEdit.DressAll edit) {
        Piece known = piece.withStyles(piece.styles().bringing(edit.style()));
        return wearEverywhere(known, new StyleEdit.WearEverywhere(edit.style().id()));
    }

    private static Outcome remove(Piece piece, StyleEdit.RemoveFrameStyle edit) {
        FrameStyle style = Named.style(piece, edit.style());
        if (piece.styles().frames().size() == 1) {
            throw EditRefusedException.of("style", Reason.LAST_STYLE);
        }
        StyleSheet sheet = piece.styles().without(style.id());
        UUID usual = sheet.usual().id();
        Piece undressed =
                piece.mapPages(dressing(usual, frame -> frame.style().style().equals(style.id())));
        return Outcome.of(undressed.withStyles(sheet), Doing.REMOVE_STYLE, style.name());
    }

    private static Outcome wearEverywhere(Piece piece, StyleEdit.WearEverywhere edit) {
        FrameStyle style = Named.style(piece, edit.style());
        Piece dressed = piece.mapPages(dressing(style.id(), Frame::isForPhotos));
        return Outcome.of(
                dressed.withStyles(piece.styles().withUsual(style.id())), Doing.WEAR_EVERYWHERE, style.name());
    }

    private static Outcome wearOnPages(Piece piece, StyleEdit.WearOnPages edit) {
        FrameStyle style = Named.style(piece, edit.style());
        Piece dressed = piece;
        for (Page page : Named.pages(piece, edit.pageIds())) {
            dressed = dressed.mapPage(page.id(), dressing(style.id(), Frame::isForPhotos));
        }
        return Outcome.of(dressed, Doing.DRESS_PAGES, edit.pageIds().size());
    }

    /** The page with these frames in a style; the same one if they wear it. */
    private static UnaryOperator<Page> dressing(UUID style, Predicate<Frame> whether) {
        return page -> {
            Page dressed = page.mapFrames(frame -> whether.test(frame) ? frame.withStyle(StyleUse.of(style)) : frame);
            return dressed.equals(page) ? page : dressed;
        };
    }
}
