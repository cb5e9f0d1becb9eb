package wovenset.core.scene;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import wovenset.core.arrangement.Margins;
import wovenset.core.display.Op;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Format;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Folio;
import wovenset.core.style.TextStyle;
import wovenset.core.words.FittedWords;
import wovenset.core.words.Setting;
import wovenset.core.words.Typefaces;
import wovenset.core.words.WordFitter;

/** A page's number and the words that run beside it, as one line. Cost: linear in the frames of the pages before, where chapters run. */
final class FolioOps {
    private static final double LEADING = 1.2;
    private static final String APART = "\u2003";

    private final Piece piece;
    private final Page page;
    private final Folio folio;
    private final int index;

    private FolioOps(Piece piece, Page page, Folio folio) {
        this.piece = piece;
        this.page = page;
        this.folio = folio;
        this.index = piece.indexOf(page.id());
    }

    /**
     * @param ground the colour that stands for what the page is covered with
     * @param photos where photos are seen: where one lies, there is no number
     */
    static Optional<Op.Glyphs> of(Piece piece, Page page, Rgb ground, List<BoxMm> photos) {
        return piece.styles()
                .folio()
                .filter(folio -> page.numbered())
                .map(folio -> new FolioOps(piece, page, folio))
                .filter(ops -> ops.index >= 0 && ops.number() >= 1)
                .map(ops -> ops.line(ground))
                .filter(line -> photos.stream().noneMatch(line.signs()::meets));
    }

    private int number() {
        return folio.first() + index;
    }

    /** The first page lies on the right. */
    private boolean isLeft() {
        return index % 2 == 1;
    }

    private Op.Glyphs line(Rgb ground) {
        Format format = piece.format();
        Margins margins = page.arrangement().margins();
        Setting setting = Setting.plain(folio.typeface());
        double outer = Math.max(
                folio.edge().mm(),
                isLeft() ? margins.left().mm() : margins.right().mm());
        double room = format.width().mm() - 2 * outer;
        FittedWords.Line line = WordFitter.fit(text(), setting, folio.sizePt(), Math.max(1, room), 1).lines().stream()
                .findFirst()
                .orElse(new FittedWords.Line(Integer.toString(number()), 0));
        double width = line.widthMm();
        double size = folio.sizePt() * TextStyle.MM_PER_PT;
        double baseline = Typefaces.baseline(setting.face(), LEADING) * size;
        double x = folio.place().isOuter()
                ? isLeft() ? outer : format.width().mm() - outer - width
                : (format.width().mm() - width) / 2;
        double y = folio.place().isAtFoot()
                ? format.height().mm() - folio.edge().mm() - (LEADING * size - baseline)
                : folio.edge().mm() + baseline;
        Rgb colour = folio.colour().legibleOn(ground);
        return new Op.Glyphs(line.text(), setting, folio.sizePt(), colour, x, y, width);
    }

    private String text() {
        String words = words();
        String number = Integer.toString(number());
        if (words.isBlank()) {
            return number;
        }
        return isLeft() || !folio.place().isOuter() ? number + APART + words : words + APART + number;
    }

    private String words() {
        return switch (folio.running()) {
            case NONE -> "";
            case PIECE -> piece.name();
            case CHAPTER -> chapter();
        };
    }

    /** The title of the last chapter that has begun by then. */
    private String chapter() {
        Map<UUID, String> titles = new HashMap<>();
        piece.album().ifPresent(album -> album.chapters().forEach(one -> titles.put(one.first(), one.title())));
        return piece.pages().subList(0, index + 1).stream()
                .flatMap(one -> one.frames().stream().flatMap(frame -> piece.entryOf(one, frame).stream()))
                .flatMap(entry -> Stream.ofNullable(titles.get(entry.id())))
                .reduce((earlier, later) -> later)
                .orElse("");
    }
}
