package wovenset.core.edit.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.wall.WallSet;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PageEdit.HangSet;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.ink.Paint;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Placement;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Band;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.ShippedStyles;

/** Makes a piece a set of pictures for a wall: sized, filled and dressed at once. */
public final class WallSetEdits {
    private static final int MOST = 12;

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public WallSetEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(HangSet.class, this::hang);
    }

    private Outcome hang(Piece piece, HangSet edit) {
        if (piece.album().isPresent() || !piece.pages().stream().allMatch(WallSetEdits::givesWay)) {
            throw EditRefusedException.of("pages", Reason.SET_ALONE);
        }
        WallSet set = sized(piece, edit, facts);
        Piece sized = PieceEdits.withFormat(piece, piece.format().withSize(set.width(), set.height()));
        Optional<FrameStyle> style =
                switch (edit.finish()) {
                    case TO_THE_EDGE -> Optional.empty();
                    case TWO_TONES -> Optional.of(ShippedStyles.twoTones(sized.format()));
                    case DEEP_PAPER -> Optional.of(ShippedStyles.deepPaper(sized.format()));
                };
        Piece dressed =
                style.map(one -> sized.withStyles(sized.styles().with(one))).orElse(sized);
        UUID worn = style.orElse(dressed.styles().usual()).id();
        Page first = piece.pages().get(0);
        List<Page> pages = edit.entryIds().size() == 1
                ? new SplitEdits(ids).parts(dressed, first, split(edit, first, set), true, worn)
                : each(edit, first, worn);
        // Round the sides and in the bleed goes the outermost colour.
        Ground ground = style.<Ground>flatMap(WallSetEdits::around).orElse(first.ground());
        return Outcome.of(
                dressed.withPages(
                        pages.stream().map(page -> page.withGround(ground)).toList()),
                Doing.HANG_SET,
                set.parts());
    }

    /**
     * How large the pictures are.
     *
     * @throws EditRefusedException if the photos are gone or too many, or the wall has no room
     */
    public static WallSet sized(Piece piece, HangSet edit, PhotoFacts facts) {
        List<Double> proportions = edit.entryIds().stream()
                .map(id -> facts.size(Named.entry(piece, id).photo())
                        .map(PixelSize::proportion)
                        .orElse(1.0))
                .sorted()
                .toList();
        int parts = edit.entryIds().size() == 1 ? edit.parts() : edit.entryIds().size();
        if (parts < 2 || parts > MOST) {
            throw EditRefusedException.of("parts", Reason.SET_COUNT, MOST);
        }
        if (edit.gap().isNegative()) {
            throw EditRefusedException.of("gap", Reason.GAP_NEGATIVE);
        }
        if (edit.proportion().filter(one -> !(one > 0.1 && one < 10)).isPresent()) {
            throw EditRefusedException.of("proportion", Reason.SET_PROPORTION);
        }
        WallSet.Wall wall = new WallSet.Wall(
                edit.wallWidth(), edit.wallHeight(), piece.format().unit());
        double middle = proportions.get(proportions.size() / 2);
        boolean whole = edit.entryIds().size() == 1 && edit.proportion().isEmpty();
        return (whole
                        ? WallSet.parts(wall, parts, edit.gap(), edit.bridged(), middle)
                        : WallSet.each(
                                wall, parts, edit.gap(), edit.proportion().orElse(middle)))
                .orElseThrow(() -> EditRefusedException.of("wallWidth", Reason.SET_ROOM, parts));
    }

    private static PageEdit.SplitEntry split(HangSet edit, Page page, WallSet set) {
        return new PageEdit.SplitEntry(
                page.id(), edit.entryIds().get(0), set.parts(), 1, edit.gap(), edit.bridged(), true);
    }

    private List<Page> each(HangSet edit, Page first, UUID style) {
        List<Page> pages = new ArrayList<>();
        for (UUID entry : edit.entryIds()) {
            Frame frame = Frame.empty(ids.get(), new Placement.InSlot(0), style)
                    .withFill(new Fill.OwnPhoto(entry, Crop.CENTRED))
                    .withWords(new FrameWords.Own(""));
            UUID id = pages.isEmpty() ? first.id() : ids.get();
            pages.add(new Page(id, first.ground(), SplitEdits.filled(), List.of(frame), List.of(), List.of()));
        }
        return pages;
    }

    private static Optional<Ground> around(FrameStyle style) {
        List<Band> bands = style.bands();
        Paint outermost = bands.get(bands.size() - 1).paint();
        return Optional.of(new Ground.Covered(outermost));
    }

    /** Whether nothing on a page was made by hand: it is blank, or a picture of a set. */
    private static boolean givesWay(Page page) {
        boolean alone = page.items().size() == 1 && page.arrangement().equals(SplitEdits.filled());
        return page.items().stream()
                .allMatch(item -> item instanceof Frame frame && (frame.fill().equals(Fill.EMPTY) || alone));
    }
}
