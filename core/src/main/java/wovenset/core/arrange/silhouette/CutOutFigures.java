package wovenset.core.arrange.silhouette;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.arrangement.Figure;
import wovenset.core.geometry.MaskOutline;
import wovenset.core.geometry.PathData;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** The outlines of what is cut out in a piece, as figures to fill with photos. */
public final class CutOutFigures {
    private static final int MOST = 12;
    private static final double MOST_PROPORTION = 20;

    private CutOutFigures() {}

    /** In the order of the pages, each once, at most {@value #MOST}. */
    public static List<Figure> of(Piece piece, PhotoFacts facts) {
        List<Figure> figures = new ArrayList<>();
        for (Page page : piece.pages()) {
            for (Frame frame : page.frames()) {
                Optional<CutOut> cutOut = frame.retouching().cutOut();
                Optional<Entry> entry = piece.entryOf(page, frame);
                if (cutOut.isPresent() && entry.isPresent() && figures.size() < MOST) {
                    facts.size(entry.get().photo())
                            .flatMap(size -> figure(cutOut.get(), name(entry.get(), figures.size()), size))
                            .filter(figure -> figures.stream()
                                    .noneMatch(known -> known.data().equals(figure.data())))
                            .ifPresent(figures::add);
                }
            }
        }
        return figures;
    }

    private static String name(Entry entry, int before) {
        String caption = entry.caption().strip();
        return caption.isEmpty()
                ? "Cut-out " + (before + 1)
                : caption.substring(
                        0,
                        caption.offsetByCodePoints(
                                0, Math.min(caption.codePointCount(0, caption.length()), Figure.LONGEST_NAME / 2)));
    }

    private static Optional<Figure> figure(CutOut cutOut, String name, PixelSize photo) {
        String data = MaskOutline.of(
                cutOut.seen(), cutOut.labels().width(), cutOut.labels().height());
        if (data.isEmpty()) {
            return Optional.empty();
        }
        Shape path = PathData.parse(data).orElseThrow();
        Rectangle2D box = path.getBounds2D();
        double proportion = box.getWidth() * photo.width() / (box.getHeight() * photo.height());
        return proportion > MOST_PROPORTION || proportion < 1 / MOST_PROPORTION
                ? Optional.empty()
                : Optional.of(new Figure(name, PathData.ofUnit(path), proportion));
    }
}
