package wovenset.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.album.Chapters;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Piece;
import wovenset.core.style.Folio;
import wovenset.server.piece.PieceService;

/** Makes the demo's album as a person would: flows its photos, lays one across the fold, adds pages of words and numbers, and a cover. */
final class DemoAlbums {
    private static final double FOLIO_EDGE_MM = 6;
    private static final Length PAPER = Length.ofMm(0.2);
    private static final Length BOARDS = Length.ofMm(4);

    private final PieceService pieces;
    private final PhotoFacts facts;

    DemoAlbums(PieceService pieces, PhotoFacts facts) {
        this.pieces = pieces;
        this.facts = facts;
    }

    void make(DemoLoader.Editor editor, DemoPiece demo, DemoPiece.DemoAlbum wished, Map<String, PhotoId> photos) {
        flow(editor, demo, wished);
        Piece flowed = editor.piece.piece();
        flowed.entries().list().stream()
                .filter(entry -> entry.photo().equals(photos.get(wished.across())))
                .findFirst()
                .ifPresent(entry -> flowed.pages().stream()
                        .filter(page -> flowed.slottedEntries(page).contains(entry.id()))
                        .findFirst()
                        .ifPresent(page -> editor.edit(new AlbumEdit.LayAcross(page.id(), entry.id()))));
        editor.edit(new AlbumEdit.FlowAlbum(editor.piece.piece().album().orElseThrow()));
        editor.edit(new PageEdit.AddWordsPage(PageEdit.AddWordsPage.What.TEXT, Optional.empty(), wished.foreword()));
        editor.edit(new PageEdit.AddWordsPage(PageEdit.AddWordsPage.What.TITLE, Optional.empty(), wished.heading()));
        for (String afterword : wished.afterwords()) {
            editor.edit(new PageEdit.AddWordsPage(
                    PageEdit.AddWordsPage.What.TEXT, Optional.of(editor.last().id()), afterword));
        }
        editor.edit(new PageEdit.AddWordsPage(
                PageEdit.AddWordsPage.What.IMPRINT, Optional.of(editor.last().id()), wished.imprint()));
        editor.edit(new AlbumEdit.FlowAlbum(editor.piece.piece().album().orElseThrow()));
        editor.edit(new PieceEdit.SetFolio(Optional.of(new Folio(
                Folio.Place.FOOT_OUTER,
                Folio.Running.CHAPTER,
                demo.dress().typeface(),
                9,
                editor.piece.piece().styles().captions().colour(),
                Length.ofMm(FOLIO_EDGE_MM),
                1))));
        pieces.cover(editor.piece.piece().id(), PAPER, BOARDS);
    }

    private void flow(DemoLoader.Editor editor, DemoPiece demo, DemoPiece.DemoAlbum wished) {
        List<Chapter> chapters = new ArrayList<>();
        for (Chapter chapter : Chapters.proposed(editor.piece.piece(), facts, UUID::randomUUID)) {
            String title =
                    chapters.size() < wished.titles().size() ? wished.titles().get(chapters.size()) : "";
            chapters.add(title.isEmpty() ? chapter : chapter.withTitle(title));
        }
        editor.edit(new AlbumEdit.FlowAlbum(new Album(
                wished.least(),
                wished.most(),
                wished.singles(),
                wished.openings(),
                wished.onRight(),
                Margins.all(DemoLoader.length(demo.margin())),
                DemoLoader.length(wished.gap()),
                chapters)));
    }
}
