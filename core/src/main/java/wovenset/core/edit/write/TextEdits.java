package wovenset.core.edit.write;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.WordsEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.SharedText;
import wovenset.core.style.TextStyle;

/** Edits of the styles that words share. */
public final class TextEdits {
    public void register(Handlers handlers) {
        handlers.on(WordsEdit.ShareText.class, TextEdits::share);
        handlers.on(WordsEdit.FollowText.class, TextEdits::follow);
        handlers.on(WordsEdit.SetText.class, TextEdits::set);
        handlers.on(WordsEdit.RemoveText.class, TextEdits::remove);
    }

    private static Outcome share(Piece piece, WordsEdit.ShareText edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> frames = WordsEdits.withWords(page, edit.itemIds());
        TextStyle look = frames.get(0).ownWords().orElseThrow().style();
        SharedText text = withFreeName(piece, new SharedText(edit.style(), edit.name(), look));
        Piece known = piece.withStyles(piece.styles().with(text));
        return Outcome.of(
                known.mapPage(page.id(), old -> old.mapFrames(following(text, frames))), Doing.SHARE_TEXT, text.name());
    }

    private static Outcome follow(Piece piece, WordsEdit.FollowText edit) {
        Page page = Named.page(piece, edit.pageId());
        SharedText text = named(piece, edit.style());
        List<Frame> frames = WordsEdits.withWords(page, edit.itemIds());
        return Outcome.of(piece, page.mapFrames(following(text, frames)), Doing.FOLLOW_TEXT, text.name());
    }

    private static UnaryOperator<Frame> following(SharedText text, List<Frame> frames) {
        return frame -> frames.contains(frame)
                ? frame.mapOwnWords(words -> words.withStyle(text.style()).sharing(Optional.of(text.id())))
                : frame;
    }

    /** Whatever follows it follows in all in which it did not differ. */
    private static Outcome set(Piece piece, WordsEdit.SetText edit) {
        SharedText before = named(piece, edit.text().id());
        boolean renamed = !before.name().equals(edit.text().name());
        SharedText text = renamed ? withFreeName(piece, edit.text()) : edit.text();
        Named.checkTypeface(text.style().typeface());
        Piece changed = mapFollowing(
                piece, before.id(), words -> words.withStyle(words.style().following(before.style(), text.style())));
        return Outcome.of(
                changed.withStyles(piece.styles().with(text)),
                renamed ? Doing.RENAME_TEXT : Doing.SET_TEXT,
                text.name());
    }

    /** Who followed it looks as before. */
    private static Outcome remove(Piece piece, WordsEdit.RemoveText edit) {
        SharedText text = named(piece, edit.style());
        Piece alone = mapFollowing(piece, text.id(), words -> words.sharing(Optional.empty()));
        List<SharedText> left = piece.styles().texts().stream()
                .filter(one -> !one.id().equals(text.id()))
                .toList();
        return Outcome.of(alone.withStyles(piece.styles().withTexts(left)), Doing.REMOVE_TEXT, text.name());
    }

    private static Piece mapFollowing(Piece piece, UUID text, UnaryOperator<Fill.Words> change) {
        return piece.mapPages(page -> {
            Page changed = page.mapFrames(frame -> frame.mapOwnWords(
                    words -> words.shared().filter(text::equals).isPresent() ? change.apply(words) : words));
            return changed.equals(page) ? page : changed;
        });
    }

    private static SharedText named(Piece piece, UUID id) {
        return piece.styles().text(id).orElseThrow(() -> EditRefusedException.of("style", Reason.TEXT_STYLE_GONE));
    }

    private static SharedText withFreeName(Piece piece, SharedText text) {
        String name = text.name().strip();
        boolean taken = piece.styles().texts().stream()
                .anyMatch(one -> !one.id().equals(text.id()) && one.name().equalsIgnoreCase(name));
        if (taken) {
            throw EditRefusedException.of("name", Reason.TEXT_STYLE_TAKEN, name);
        }
        return new SharedText(text.id(), name, text.style());
    }
}
