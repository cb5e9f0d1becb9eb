package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrange.FrameTrim;
import wovenset.core.arrange.Place;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.PlacesOutcome;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.Border;
import wovenset.core.piece.CaptionStyle;
import wovenset.core.piece.Crop;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Subject;
import wovenset.core.words.CaptionFitter;
import wovenset.core.words.FittedWords;

/** Resolves pages into scenes. The same piece and photos always give an equal scene. Cost: linear in the frames. */
public final class SceneResolver {
    private static final double MM_PER_PT = 25.4 / 72;
    /** Baseline below the line's top, in type sizes: the shipped faces' ascenders reach about 0.75. */
    private static final double ASCENT = 0.92;

    private final PhotoSizes sizes;
    private final SharpnessLimits limits;

    public SceneResolver(PhotoSizes sizes, SharpnessLimits limits) {
        this.sizes = sizes;
        this.limits = limits;
    }

    /** How one frame of a page is resolved; a caller may remember what it has resolved before. */
    public interface FrameResolver {
        PageScene.FrameScene frame(Dress dress, Frame frame, Place place, Subject subject);
    }

    /**
     * @throws IllegalStateException if the page's frames do not fit its format, which no edit lets happen
     */
    public PageScene resolve(Piece piece, Page page) {
        return resolve(piece, page, this::frame);
    }

    /** As {@link #resolve(Piece, Page)}, each frame by the given resolver. */
    public PageScene resolve(Piece piece, Page page, FrameResolver each) {
        PlacesOutcome outcome = Places.of(piece, page, sizes);
        if (!(outcome instanceof PlacesOutcome.Fits fits)) {
            throw new IllegalStateException(((PlacesOutcome.DoesNotFit) outcome).reason());
        }
        List<PageScene.FrameScene> frames = new ArrayList<>();
        for (int i = 0; i < page.frames().size(); i++) {
            frames.add(each.frame(
                    piece.dress(),
                    page.frames().get(i),
                    fits.places().get(i),
                    subject(piece, page.frames().get(i))));
        }
        return new PageScene(
                page.id(),
                piece.format().width().mm(),
                piece.format().height().mm(),
                piece.format().bleed().mm(),
                piece.dress().pageColour(),
                frames);
    }

    private Subject subject(Piece piece, Frame frame) {
        return frame.photo() == null ? Subject.UNKNOWN : sizes.subject(piece, frame.photo());
    }

    /**
     * Resolves one frame in its place.
     *
     * @param subject of the photo that it shows
     */
    public PageScene.FrameScene frame(Dress dress, Frame frame, Place place, Subject subject) {
        BoxMm cell = place.cell();
        BoxMm outer = place.outer(FrameTrim.of(dress));
        Border border = frame.borderIn(dress);
        double radius = Math.min(border.radius().mm(), Math.min(outer.width(), outer.height()) / 2);
        BoxMm window = outer.inset(border.width().mm());
        return new PageScene.FrameScene(
                frame.id(),
                cell,
                outer,
                window,
                place.turnDegrees(),
                radius,
                border.width().mm(),
                border.colour(),
                photo(frame, window, subject),
                words(frame, dress.captions(), cell, outer));
    }

    private PageScene.@Nullable PhotoScene photo(Frame frame, BoxMm window, Subject subject) {
        if (frame.photo() == null) {
            return null;
        }
        PhotoSizes.PixelSize size = sizes.size(frame.photo()).orElse(null);
        if (size == null) {
            return null;
        }
        Crop aimed = SubjectAim.aimed(size.width(), size.height(), window, frame.crop(), subject);
        CropGeometry.Placed placed = CropGeometry.place(size.width(), size.height(), window, aimed);
        double ppi = placed.pixelsPerInch();
        return new PageScene.PhotoScene(
                frame.photo(),
                size.width(),
                size.height(),
                placed.toPage(),
                placed.crop(),
                ppi,
                limits.of(ppi),
                subject);
    }

    private static PageScene.@Nullable WordsScene words(Frame frame, CaptionStyle style, BoxMm cell, BoxMm outer) {
        if (frame.caption().isBlank() || style.show() == CaptionStyle.Show.NONE) {
            return null;
        }
        FittedWords fitted =
                CaptionFitter.fit(frame.caption(), style.typeface(), style.sizePt(), cell.width(), style.lines());
        List<PageScene.LineScene> lines = new ArrayList<>();
        double sizeMm = fitted.sizePt() * MM_PER_PT;
        double top = outer.y() + outer.height() + 0.5 * CaptionStyle.LEADING * style.sizePt() * MM_PER_PT;
        for (int i = 0; i < fitted.lines().size(); i++) {
            FittedWords.Line line = fitted.lines().get(i);
            lines.add(new PageScene.LineScene(
                    line.text(),
                    cell.centreX() - line.widthMm() / 2,
                    top + (ASCENT + i * CaptionStyle.LEADING) * sizeMm));
        }
        return new PageScene.WordsScene(
                lines, style.typeface(), fitted.sizePt(), style.colour(), fitted.allShown(), fitted.missing());
    }
}
