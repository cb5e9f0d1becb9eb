package wovenset.core.edit.pages;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.sheet.SheetPacking;
import wovenset.core.arrange.sheet.SheetPacking.Laid;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.geometry.Box;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Band;

/** Lays photos as prints of exact sizes on sheets, to be cut out. */
public final class PrintEdits {
    private static final double QUARTER = 90;
    /** They would lie in the gap, and be cut off. */
    private static final FrameWords NO_WORDS = new FrameWords.Own("");

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public PrintEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(PageEdit.LayPrints.class, this::lay);
    }

    /** A print that is to be laid; it is wide or upright as its photo is. */
    private record Print(Entry entry, Length width, Length height) {}

    private Outcome lay(Piece piece, PageEdit.LayPrints edit) {
        Page here = Named.page(piece, edit.pageId());
        if (edit.gap().isNegative()) {
            throw EditRefusedException.of("gap", Reason.GAP_NEGATIVE);
        }
        List<Print> prints = prints(piece, edit);
        Length outside = piece.styles().usual().width(Band.Side.OUTSIDE);
        List<Page> sheets = piece.pages().stream()
                .skip(piece.indexOf(here.id()))
                .filter(PrintEdits::isSheet)
                .toList();
        Margins margins = here.arrangement().margins();
        Box area = area(piece.format(), margins);
        List<Laid> laid = SheetPacking.lay(
                        prints.stream()
                                .map(print -> new SheetPacking.Size(
                                        print.width().plus(outside.times(2)),
                                        print.height().plus(outside.times(2))))
                                .toList(),
                        area,
                        sheets.stream().map(sheet -> taken(piece, sheet)).toList(),
                        edit.gap())
                .orElseThrow(() -> EditRefusedException.of(
                        "width",
                        Reason.PRINT_TOO_LARGE,
                        piece.format().say(area.width()),
                        piece.format().say(area.height())));
        Map<Integer, List<Item>> added = new HashMap<>();
        for (int i = 0; i < prints.size(); i++) {
            added.computeIfAbsent(laid.get(i).sheet(), sheet -> new ArrayList<>())
                    .add(frame(piece, prints.get(i), laid.get(i)));
        }
        return Outcome.of(piece.withPages(pages(piece, here, sheets, added)), Doing.LAY_PRINTS, prints.size());
    }

    private List<Print> prints(Piece piece, PageEdit.LayPrints edit) {
        List<Print> prints = new ArrayList<>();
        for (PageEdit.PrintWish wish : edit.prints()) {
            Entry entry = piece.entries()
                    .find(wish.entryId())
                    .orElseThrow(() -> EditRefusedException.of("entryId", Reason.ENTRY_GONE));
            checkSide("width", wish.width());
            checkSide("height", wish.height());
            if (wish.copies() < 1 || wish.copies() > AlbumEdit.MOST_COPIES) {
                throw EditRefusedException.of("copies", Reason.COPIES, AlbumEdit.MOST_COPIES);
            }
            boolean photoWide = facts.size(entry.photo())
                    .map(size -> size.width() >= size.height())
                    .orElse(true);
            boolean wishWide = wish.width().compareTo(wish.height()) >= 0;
            Print print = photoWide == wishWide
                    ? new Print(entry, wish.width(), wish.height())
                    : new Print(entry, wish.height(), wish.width());
            for (int copy = 0; copy < wish.copies(); copy++) {
                prints.add(print);
            }
        }
        if (prints.isEmpty()) {
            throw EditRefusedException.of("photos", Reason.NOTHING_WAITS);
        }
        if (prints.size() > PageEdit.MOST_PRINTS) {
            throw EditRefusedException.of("copies", Reason.TOO_MANY_TO_LAY, PageEdit.MOST_PRINTS, prints.size());
        }
        return prints;
    }

    private static void checkSide(String field, Length side) {
        if (side.compareTo(Placement.Free.SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0) {
            throw EditRefusedException.of(field, Reason.FRAME_SIZE);
        }
    }

    /** A page takes prints if nothing is arranged on it, or only frames without anything in them, which then go. */
    private static boolean isSheet(Page page) {
        return page.arrangement() instanceof ByHand
                || page.frames().stream().allMatch(frame -> frame.isEmpty() && !frame.hasOwnPlace());
    }

    /** What lies freely on a sheet, and the words across it. */
    private static List<Box> taken(Piece piece, Page sheet) {
        List<Box> taken = new ArrayList<>();
        for (Frame frame : sheet.frames()) {
            if (frame.placement() instanceof Placement.Free free) {
                taken.add(Box.of(free.box().mm().turned(free.turnDegrees())));
            }
        }
        Margins own = sheet.arrangement().margins();
        Margins left = Heads.of(piece, sheet, own).margins();
        Length width = piece.format().width();
        Length foot = left.bottom();
        if (left.top().compareTo(own.top()) > 0) {
            taken.add(new Box(Length.ZERO, Length.ZERO, width, left.top()));
        }
        if (foot.compareTo(own.bottom()) > 0) {
            taken.add(new Box(Length.ZERO, piece.format().height().minus(foot), width, foot));
        }
        return taken;
    }

    private static Box area(Format format, Margins margins) {
        return new Box(
                margins.left(),
                margins.top(),
                format.width().minus(margins.left()).minus(margins.right()),
                format.height().minus(margins.top()).minus(margins.bottom()));
    }

    private Frame frame(Piece piece, Print print, Laid laid) {
        Box box = laid.box().sized(print.width(), print.height());
        Placement.Free free = new Placement.Free(box, laid.turned() ? QUARTER : 0);
        return Frame.empty(ids.get(), free, piece.styles().usual().id())
                .withFill(new Fill.OwnPhoto(print.entry().id(), Crop.CENTRED))
                .withWords(NO_WORDS);
    }

    private List<Page> pages(Piece piece, Page here, List<Page> sheets, Map<Integer, List<Item>> added) {
        Margins margins = here.arrangement().margins();
        Map<UUID, Page> changed = new HashMap<>();
        List<Page> more = new ArrayList<>();
        added.forEach((sheet, items) -> {
            if (sheet < sheets.size()) {
                changed.put(sheets.get(sheet).id(), with(sheets.get(sheet), items));
            } else {
                more.add(new Page(ids.get(), here.ground(), new ByHand(margins), items, List.of(), List.of()));
            }
        });
        UUID last = sheets.isEmpty() ? here.id() : sheets.get(sheets.size() - 1).id();
        List<Page> pages = new ArrayList<>();
        for (Page page : piece.pages()) {
            pages.add(changed.getOrDefault(page.id(), page));
            if (page.id().equals(last)) {
                pages.addAll(more);
            }
        }
        if (pages.size() > Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES_TO_FLOW, Piece.MOST_PAGES);
        }
        return pages;
    }

    private static Page with(Page sheet, List<Item> prints) {
        List<Item> items = new ArrayList<>();
        if (sheet.arrangement() instanceof ByHand) {
            items.addAll(sheet.items());
        }
        items.addAll(prints);
        Named.checkCount(items.size());
        return sheet.with(new ByHand(sheet.arrangement().margins()), items);
    }
}
