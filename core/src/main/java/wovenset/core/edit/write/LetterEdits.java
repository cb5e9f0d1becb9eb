package wovenset.core.edit.write;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wovenset.core.arrangement.ByHand;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.WordsEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.PathData;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Band;
import wovenset.core.style.Outline;
import wovenset.core.words.LetterRow;
import wovenset.core.words.Typefaces;

/** Makes letters frames for photos. */
public final class LetterEdits {
    private static final int MOST_LETTERS = 40;
    /** Of the page: as wide as the row is at most, and as high. */
    private static final double WIDEST = 0.86;

    private static final double HIGHEST = 0.5;

    private final Supplier<UUID> ids;

    public LetterEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(WordsEdit.AddLetters.class, this::add);
    }

    private Outcome add(Piece piece, WordsEdit.AddLetters edit) {
        Page page = cleared(Named.page(piece, edit.pageId()));
        List<LetterRow.Letter> letters = letters(edit.word(), edit.typeface(), MOST_LETTERS);
        Iterator<Entry> waiting = Named.waiting(piece).iterator();
        List<Item> items = new ArrayList<>(page.items());
        for (BoxMm box : boxes(letters, piece)) {
            LetterRow.Letter letter = letters.get(items.size() - page.items().size());
            Fill fill = waiting.hasNext() ? new Fill.OwnPhoto(waiting.next().id(), Crop.CENTRED) : Fill.EMPTY;
            items.add(Frame.of(
                            ids.get(),
                            new Placement.Free(Box.of(box), 0),
                            piece.styles().usual().id(),
                            fill)
                    // Below a letter no photo's words would be looked for.
                    .withWords(new FrameWords.Own(""))
                    .withOutline(new Outline.Traced(letter.text(), PathData.ofUnit(letter.outline()))));
        }
        return Outcome.of(piece, page.withItems(items), Doing.ADD_LETTERS, LetterRow.set(edit.word()));
    }

    /** A page on which nothing was placed yet has the word alone, without its empty cells. */
    private static Page cleared(Page page) {
        if (!page.slotted().stream().allMatch(Frame::isEmpty)) {
            return page;
        }
        Set<UUID> cells = page.slotted().stream().map(Frame::id).collect(Collectors.toSet());
        List<Item> left =
                page.items().stream().filter(item -> !cells.contains(item.id())).toList();
        return new Page(
                page.id(),
                page.ground(),
                new ByHand(page.arrangement().margins()),
                left,
                page.guides(),
                page.pictures(),
                page.flow(),
                page.numbered());
    }

    /**
     * The letters of a word in a typeface's bold face.
     *
     * @param most letters that it may have
     * @throws EditRefusedException if the typeface is none or lacks one of them, if they are too many, or if none shows
     */
    public static List<LetterRow.Letter> letters(String text, String typeface, int most) {
        if (!Typefaces.names().contains(typeface)) {
            throw EditRefusedException.of("typeface", Reason.TYPEFACE, String.join(", ", Typefaces.names()));
        }
        String word = LetterRow.set(text);
        if (word.codePointCount(0, word.length()) > most) {
            throw EditRefusedException.of("word", Reason.TOO_MANY_LETTERS, most);
        }
        String face = Typefaces.bold(typeface);
        int missing = Typefaces.font(face).canDisplayUpTo(word);
        if (missing >= 0) {
            throw EditRefusedException.of("word", Reason.LETTER_MISSING, Character.toString(word.codePointAt(missing)));
        }
        List<LetterRow.Letter> letters = LetterRow.of(face, word);
        if (letters.isEmpty()) {
            throw EditRefusedException.of("word", Reason.NO_LETTERS);
        }
        return letters;
    }

    /** Between borders that lie outside the letters there is as much room as there would be between bare ones. */
    private static List<BoxMm> boxes(List<LetterRow.Letter> letters, Piece piece) {
        Format format = piece.format();
        double between = 2 * piece.styles().usual().width(Band.Side.OUTSIDE).mm();
        LetterRow.Letter last = letters.get(letters.size() - 1);
        double row = last.x() + last.width();
        double borders = between * (letters.size() - 1);
        double height = Math.min(
                HIGHEST * format.height().mm(),
                Math.max(1, WIDEST * format.width().mm() - borders) / row);
        double left = (format.width().mm() - row * height - borders) / 2;
        double top = (format.height().mm() - height) / 2;
        return IntStream.range(0, letters.size())
                .mapToObj(i -> {
                    LetterRow.Letter letter = letters.get(i);
                    return new BoxMm(left + letter.x() * height + i * between, top, letter.width() * height, height);
                })
                .toList();
    }
}
