package wovenset.core.edit.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.WordsEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.Slots;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.LabColour;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.GroundColour;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.WornWords;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Course;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;
import wovenset.core.words.Hyphens;
import wovenset.core.words.Setting;
import wovenset.core.words.WordFitter;

/** Edits of words that stand in frames of their own. */
public final class WordsEdits {
    /** Of the page's width, what words have that nobody has given a place. */
    private static final double SHARE = 0.5;

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public WordsEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(WordsEdit.AddWords.class, this::add);
        handlers.on(WordsEdit.WriteWords.class, this::write);
        handlers.on(WordsEdit.HeightOfWords.class, WordsEdits::height);
        handlers.on(WordsEdit.DressWords.class, WordsEdits::dress);
        handlers.on(WordsEdit.PutWordsAcross.class, WordsEdits::putAcross);
    }

    private Outcome add(Piece piece, WordsEdit.AddWords edit) {
        Page page = Named.page(piece, edit.pageId());
        Named.checkCount(page.frames().size() + 1);
        boolean heading = edit.where() != WordsEdit.WordsPlace.FREE;
        String text = edit.text().orElse(heading ? piece.name() : "");
        Rgb behind = heading ? GroundColour.of(piece, page, facts) : behindTheMiddle(piece, page);
        Fill.Words like = WornWords.at(piece, behind, sideOf(edit.where()));
        TextStyle style = like.style();
        Placement place =
                switch (edit.where()) {
                    case TOP -> new Placement.Across(Placement.Across.Side.TOP);
                    case BOTTOM -> new Placement.Across(Placement.Across.Side.BOTTOM);
                    case FREE -> inTheMiddle(piece.format(), text, style);
                };
        Frame frame = Frame.of(
                ids.get(),
                place,
                piece.styles().usual().id(),
                like.withText(text).withCourse(Course.STRAIGHT));
        List<Item> items = new ArrayList<>(page.items());
        items.add(frame);
        return Outcome.of(piece, page.withItems(items), Doing.ADD_WORDS);
    }

    private static Optional<Placement.Across.Side> sideOf(WordsEdit.WordsPlace where) {
        return switch (where) {
            case TOP -> Optional.of(Placement.Across.Side.TOP);
            case BOTTOM -> Optional.of(Placement.Across.Side.BOTTOM);
            case FREE -> Optional.empty();
        };
    }

    private static Placement.Free inTheMiddle(Format format, String text, TextStyle style) {
        double width = format.width().mm() * SHARE;
        int lines = Math.max(3, WordFitter.lines(text, Setting.of(style), style.sizePt(), width));
        double height = Math.min(format.height().mm() * 0.8, lines * style.lineMm());
        return new Placement.Free(
                Box.of(new BoxMm(
                        (format.width().mm() - width) / 2, (format.height().mm() - height) / 2, width, height)),
                0);
    }

    /** The mean colour of the photo that lies in front there, else the ground's. */
    private Rgb behindTheMiddle(Piece piece, Page page) {
        Format format = piece.format();
        BoxMm middle = new BoxMm(format.width().mm() / 2, format.height().mm() / 2, 0, 0);
        PlacesOutcome.Fits places = new Slots(piece, facts, ids).places(page);
        return page.frames().stream()
                .filter(frame -> places.of(frame.id()).box().meets(middle))
                .flatMap(frame -> piece.entryOf(page, frame).stream())
                .flatMap(entry -> facts.colour(entry.photo()).stream())
                .reduce((below, above) -> above)
                .map(LabColour::rgb)
                .orElseGet(() -> GroundColour.of(piece, page, facts));
    }

    private Outcome write(Piece piece, WordsEdit.WriteWords edit) {
        Page page = Named.page(piece, edit.pageId());
        Frame frame = Named.frame(page, edit.frameId());
        boolean hasWords = frame.ownWords().isPresent();
        if (!frame.isEmpty() && !hasWords) {
            throw EditRefusedException.of("frameId", Reason.FRAME_HAS_PHOTO);
        }
        String text = edit.text().strip();
        Frame written = hasWords
                ? frame.mapOwnWords(words -> words.withText(text))
                : frame.withFill(WornWords.at(piece, GroundColour.of(piece, page, facts), Optional.empty())
                        .withText(text)
                        .withCourse(Course.STRAIGHT));
        return Outcome.of(piece, page.mapFrame(frame.id(), one -> written), Doing.WRITE);
    }

    private static Outcome height(Piece piece, WordsEdit.HeightOfWords edit) {
        Page page = Named.page(piece, edit.pageId());
        Set<Frame> wanted = withWords(page, edit.itemIds()).stream()
                .filter(frame -> frame.placement() instanceof Placement.Free
                        && frame.ownWords().orElseThrow().course() instanceof Course.Straight)
                .collect(Collectors.toSet());
        if (wanted.isEmpty()) {
            throw EditRefusedException.of("itemIds", Reason.SELECT_WORDS_FIRST);
        }
        Page changed = page.mapFrames(frame -> wanted.contains(frame)
                ? frame.withPlacement(asHighAsNeeded(
                        (Placement.Free) frame.placement(), frame.ownWords().orElseThrow(), piece))
                : frame);
        return Outcome.of(piece, changed, Doing.HEIGHT_OF_WORDS, wanted.size());
    }

    /** In whole micrometres, rounded up, so that the last line has room. One that is turned keeps its middle. */
    private static Placement.Free asHighAsNeeded(Placement.Free place, Fill.Words words, Piece piece) {
        TextStyle style = words.style();
        TextFinish finish = style.finish();
        int columns = finish.columnCount();
        Box old = place.box();
        double width = finish.columnMm(old.width().mm());
        Hyphens hyphens = finish.hyphenated() ? Hyphens.of(piece.styles().language()) : Hyphens.NONE;
        int lines = WordFitter.lines(words.text(), Setting.of(style), style.sizePt(), width, hyphens);
        int rows = Math.max(1, (lines + columns - 1) / columns);
        Length height = Length.ofMicrometres((long) Math.ceil(rows * style.lineMm() * 1000));
        Length top = place.turnDegrees() == 0
                ? old.y()
                : Length.ofMm(old.y().mm() + (old.height().mm() - height.mm()) / 2);
        return new Placement.Free(new Box(old.x(), top, old.width(), height), place.turnDegrees());
    }

    private static Outcome dress(Piece piece, WordsEdit.DressWords edit) {
        Page page = Named.page(piece, edit.pageId());
        Set<Frame> wanted = Set.copyOf(withWords(page, edit.itemIds()));
        Page dressed = page.mapFrames(
                frame -> wanted.contains(frame) ? frame.mapOwnWords(words -> dressed(words, edit)) : frame);
        dressed.frames().forEach(frame -> Named.checkTypeface(frame));
        return Outcome.of(piece, dressed, Doing.DRESS_WORDS, wanted.size());
    }

    /** Those of these that have words of their own; refused if none has. */
    static List<Frame> withWords(Page page, List<UUID> itemIds) {
        List<Frame> frames = Named.frames(page, itemIds).stream()
                .filter(frame -> frame.ownWords().isPresent())
                .toList();
        if (frames.isEmpty()) {
            throw EditRefusedException.of("itemIds", Reason.SELECT_WORDS_FIRST);
        }
        return frames;
    }

    private static Fill.Words dressed(Fill.Words words, WordsEdit.DressWords edit) {
        TextStyle old = words.style();
        TextStyle style = new TextStyle(
                edit.typeface().orElse(old.typeface()),
                edit.weight().orElse(old.weight()),
                edit.slant().orElse(old.slant()),
                edit.sizePt().orElse(old.sizePt()),
                edit.leading().orElse(old.leading()),
                edit.tracking().orElse(old.tracking()),
                edit.align().orElse(old.align()),
                edit.stand().orElse(old.stand()),
                edit.colour().orElse(old.colour()),
                edit.finish().orElse(old.finish()));
        return words.withStyle(style).withCourse(edit.course().orElse(words.course()));
    }

    private static Outcome putAcross(Piece piece, WordsEdit.PutWordsAcross edit) {
        Page page = Named.page(piece, edit.pageId());
        Frame frame = Named.frame(page, edit.frameId());
        if (!(frame.fill() instanceof Fill.Words)) {
            throw EditRefusedException.of("frameId", Reason.SELECT_WORDS_FIRST);
        }
        if (frame.isSlotted()) {
            throw EditRefusedException.of("frameId", Reason.WORDS_IN_CELL);
        }
        Placement across = new Placement.Across(edit.side());
        return Outcome.of(piece, page.mapFrame(frame.id(), one -> one.withPlacement(across)), Doing.PUT_ACROSS);
    }
}
