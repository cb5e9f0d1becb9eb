package wovenset.core.edit.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.arrange.mosaic.MosaicChoice;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.edit.AdjustEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Mosaic;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits that make a photo up of others. */
public final class MosaicEdits {
    private static final Region WHOLE = new Region(0, 0, 1, 1);

    private final PhotoFacts facts;

    public MosaicEdits(PhotoFacts facts) {
        this.facts = facts;
    }

    public void register(Handlers handlers) {
        handlers.on(AdjustEdit.MakeMosaic.class, this::make);
        handlers.on(AdjustEdit.EndMosaic.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            Frame frame = Named.frame(page, edit.frameId());
            if (!(frame.fill() instanceof Fill.OwnPhoto own) || own.mosaic().isEmpty()) {
                throw EditRefusedException.of("frameId", Reason.NO_MOSAIC);
            }
            return Outcome.of(
                    piece,
                    page.mapFrame(frame.id(), one -> one.refilled(own.withMosaic(Optional.empty()))),
                    Doing.END_MOSAIC);
        });
    }

    private Outcome make(Piece piece, AdjustEdit.MakeMosaic edit) {
        PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
        Page page = use.page();
        Frame frame = use.frame();
        Fill.OwnPhoto own = use.own();
        Entry entry = Named.entry(piece, own.entry());
        PixelSize size = use.size(facts);
        List<UUID> wanted = wanted(piece, entry, edit);
        Optional<Mosaic> same = own.mosaic()
                .filter(now -> now.weave().equals(edit.weave())
                        && now.rows() == Mosaic.rows(size, edit.weave().across())
                        && now.photos().equals(wanted));
        Mosaic mosaic = same.map(now -> now.withShares(edit.tint(), edit.veil()))
                .orElseGet(() -> chosen(piece, page, entry, size, wanted, edit));
        return Outcome.of(
                piece,
                page.mapFrame(frame.id(), one -> one.refilled(own.withMosaic(Optional.of(mosaic)))),
                same.isPresent() ? Doing.SHADE_MOSAIC : Doing.MAKE_MOSAIC,
                mosaic.tiles().size());
    }

    private static List<UUID> wanted(Piece piece, Entry entry, AdjustEdit.MakeMosaic edit) {
        if (!edit.entryIds().isEmpty()) {
            edit.entryIds().forEach(id -> Named.entry(piece, id));
            return edit.entryIds();
        }
        return piece.entries().list().stream()
                .filter(one -> !one.aside() && !one.photo().equals(entry.photo()))
                .limit(Mosaic.MOST_PHOTOS)
                .map(Entry::id)
                .toList();
    }

    private Mosaic chosen(
            Piece piece, Page page, Entry entry, PixelSize size, List<UUID> wanted, AdjustEdit.MakeMosaic edit) {
        int across = edit.weave().across();
        int rows = Mosaic.rows(size, across);
        if (across * rows > Mosaic.MOST_TILES) {
            throw EditRefusedException.of("across", Reason.MOSAIC_TILES, Mosaic.MOST_TILES);
        }
        double proportion = size.proportion() * rows / across;
        PagePhotos photos = new PagePhotos(piece, page, facts);
        List<ColourGrid> colours = new ArrayList<>();
        for (UUID id : wanted) {
            Entry tile = Named.entry(piece, id);
            facts.size(tile.photo())
                    .flatMap(its -> facts.colours(
                            tile.photo(), photos.tilePart(tile, its, proportion), MosaicChoice.GRID, MosaicChoice.GRID))
                    .ifPresent(colours::add);
        }
        Optional<ColourGrid> base =
                facts.colours(entry.photo(), WHOLE, across * MosaicChoice.GRID, rows * MosaicChoice.GRID);
        if (colours.isEmpty() || colours.size() < wanted.size() || base.isEmpty()) {
            throw EditRefusedException.of("entryIds", Reason.MOSAIC_PHOTOS);
        }
        String chosen = MosaicChoice.of(edit.weave(), rows, base.get(), colours);
        return new Mosaic(edit.weave(), rows, wanted, chosen, edit.tint(), edit.veil());
    }
}
