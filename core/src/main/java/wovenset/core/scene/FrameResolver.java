package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.item.Crop;
import wovenset.core.scene.FrameLook.Reach;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.TextStyle;
import wovenset.core.words.FittedWords;
import wovenset.core.words.TextFace;
import wovenset.core.words.Typefaces;
import wovenset.core.words.WordFitter;

/**
 * Composes one frame: the photo in its window, the bands around it, the words below.
 *
 * <p>What touches the trim runs into the bleed: the outermost band there, or the photo itself, is drawn beyond the frame. The
 * crop inside the trim stays as it is; the bleed shows more of the photo, and where the photo ends, its mirrored edge. Cost:
 * linear in bands and lines.
 */
final class FrameResolver {
    private static final double MM_PER_PT = 25.4 / 72;
    /** Baseline below the line's top, in type sizes: the shipped faces' ascenders reach about 0.75. */
    private static final double ASCENT = 0.92;
    /** Millimetres; less than any printer can tell, more than sums of doubles are off. */
    private static final double NEAR = 1e-6;

    private final FrameLook look;
    private final BoxMm frame;
    private final List<Op> ops = new ArrayList<>();

    private FrameResolver(FrameLook look) {
        this.look = look;
        this.frame = new BoxMm(0, 0, look.widthMm(), look.heightMm());
    }

    static ResolvedFrame resolve(FrameLook look) {
        return new FrameResolver(look).resolved();
    }

    private ResolvedFrame resolved() {
        double inside = width(Band.Side.INSIDE);
        double outside = width(Band.Side.OUTSIDE);
        BoxMm window = frame.inset(inside);
        Optional<ResolvedFrame.Photo> photo = look.photo().map(one -> placed(one, window));
        look.photo().ifPresent(one -> {
            look.shade().ifPresent(shade -> ops.add(shadow(shade, shape(outside))));
            Affine to = photo.orElseThrow().to();
            boolean runsOut = inside == 0 && outside == 0;
            ShapeMm opening = runsOut ? extended(shape(0)) : shape(-inside);
            boolean runsOn = !opening.bounds().equals(window);
            switch (runsOn ? look.edges().kind() : EdgeRun.Kind.CONTINUED) {
                case CONTINUED -> shown(opening, images(one, to, window, opening.bounds()));
                case MIRRORED -> shown(opening, reflected(images(one, to, window, window), window, opening.bounds()));
                case COLOURED -> {
                    ops.add(new Op.Fill(opening, look.edges().colour()));
                    shown(shape(0), images(one, to, window, window));
                }
            }
            bands(Band.Side.INSIDE, outside == 0);
            bands(Band.Side.OUTSIDE, true);
        });
        Optional<ResolvedFrame.Words> words = look.text().map(this::text).or(() -> words(outside));
        return new ResolvedFrame(whole(), window, photo, words);
    }

    private void shown(ShapeMm clip, List<Op> images) {
        ops.add(new Op.Group(Affine.IDENTITY, 1, Optional.of(clip), images));
    }

    /** What the window shows, and its mirror images over each of its sides that the opening reaches beyond. */
    private static List<Op> reflected(List<Op> images, BoxMm window, BoxMm opening) {
        Optional<ShapeMm> inside = Optional.of(new ShapeMm.Rectangle(window));
        List<Op> all = new ArrayList<>();
        for (int across = -1; across <= 1; across++) {
            for (int down = -1; down <= 1; down++) {
                Affine over = new Affine(
                        across == 0 ? 1 : -1,
                        0,
                        0,
                        down == 0 ? 1 : -1,
                        across == 0 ? 0 : 2 * (across < 0 ? window.x() : window.right()),
                        down == 0 ? 0 : 2 * (down < 0 ? window.y() : window.bottom()));
                if (over.bounds(window).meets(opening)) {
                    all.add(new Op.Group(over, 1, inside, images));
                }
            }
        }
        return all;
    }

    private static Op shadow(FrameLook.Shade shade, ShapeMm print) {
        return new Op.Group(
                Affine.shift(shade.right(), shade.down()),
                1,
                Optional.empty(),
                List.of(new Op.Shade(print, shade.colour(), shade.strength(), shade.softness())));
    }

    /** All of it turned about the frame's middle, and as solid as it is to be. */
    private List<Op> whole() {
        Affine turn = Affine.turn(look.turnDegrees(), frame.centreX(), frame.centreY());
        boolean plain = turn.equals(Affine.IDENTITY) && look.opacity() == 1;
        return plain || ops.isEmpty() ? ops : List.of(new Op.Group(turn, look.opacity(), Optional.empty(), ops));
    }

    private double width(Band.Side side) {
        return look.bands().stream()
                .filter(band -> band.side() == side)
                .mapToDouble(band -> band.width().mm())
                .sum();
    }

    /** The frame's form so far beyond its edge; corners are concentric, and square ones stay square. */
    private ShapeMm shape(double beyond) {
        double radius = look.radiusMm() == 0 ? 0 : Math.max(0, cornerRadius() + beyond);
        return look.outline().shape(beyond < 0 ? frame.inset(-beyond) : frame.outset(beyond), radius);
    }

    private double cornerRadius() {
        return Math.min(look.radiusMm(), Math.min(frame.width(), frame.height()) / 2);
    }

    /** A straight form with the sides that touch the trim run out into the bleed; a curved one as it is. */
    private ShapeMm extended(ShapeMm shape) {
        Reach reach = look.reach();
        if (reach.isNone() || !(shape instanceof ShapeMm.Rectangle rectangle)) {
            return shape;
        }
        BoxMm box = rectangle.box();
        return new ShapeMm.Rectangle(new BoxMm(
                box.x() - reach.left(),
                box.y() - reach.top(),
                box.width() + reach.left() + reach.right(),
                box.height() + reach.top() + reach.bottom()));
    }

    /** @param outermost whether the last of them is the outermost of all */
    private void bands(Band.Side side, boolean outermost) {
        List<Band> bands = look.bands().stream()
                .filter(band -> band.side() == side && band.width().isPositive())
                .toList();
        double at = 0;
        for (int i = 0; i < bands.size(); i++) {
            Band band = bands.get(i);
            double next = at
                    + (side == Band.Side.INSIDE
                            ? -band.width().mm()
                            : band.width().mm());
            ShapeMm outer = shape(Math.max(at, next));
            boolean atEdge = outermost && (side == Band.Side.INSIDE ? i == 0 : i == bands.size() - 1);
            ops.add(new Op.Fill(
                    new ShapeMm.Ring(atEdge ? extended(outer) : outer, shape(Math.min(at, next))), band.colour()));
            at = next;
        }
    }

    private static ResolvedFrame.Photo placed(FrameLook.Photo photo, BoxMm window) {
        int width = photo.size().width();
        int height = photo.size().height();
        if (photo.through().isPresent()) {
            Affine to = photo.through().get();
            double mmPerPixel = Math.hypot(to.a(), to.b()) / width;
            return new ResolvedFrame.Photo(to, photo.crop(), 25.4 / mmPerPixel);
        }
        Crop aimed = SubjectAim.aimed(width, height, window, photo.crop(), photo.subject());
        CropGeometry.Placed placed = CropGeometry.place(width, height, window, aimed);
        return new ResolvedFrame.Photo(Affine.of(placed.toPage()), placed.crop(), placed.pixelsPerInch());
    }

    /** The photo, and below it its mirror images wherever the opening reaches beyond the photo's edges. */
    private static List<Op> images(FrameLook.Photo photo, Affine to, BoxMm window, BoxMm opening) {
        List<Op> images = new ArrayList<>();
        if (!opening.equals(window)) {
            boolean whole = photo.crop().fit() == Crop.Fit.WHOLE;
            for (int across = -1; across <= 1; across++) {
                for (int down = -1; down <= 1; down++) {
                    Op.Image mirrored = image(photo, to.after(mirror(across, down)));
                    boolean itself = across == 0 && down == 0;
                    if (!itself && mirrored.ink().meets(opening) && (!whole || reaches(to, across, down, window))) {
                        images.add(mirrored);
                    }
                }
            }
        }
        images.add(image(photo, to));
        return images;
    }

    private static Op.Image image(FrameLook.Photo photo, Affine to) {
        return new Op.Image(photo.pixels(), photo.size().width(), photo.size().height(), to);
    }

    /** Mirrors the unit square over its left (-1) or right (1) side, and over its upper or lower one. */
    private static Affine mirror(int across, int down) {
        return new Affine(across == 0 ? 1 : -1, 0, 0, down == 0 ? 1 : -1, across == 1 ? 2 : 0, down == 1 ? 2 : 0);
    }

    /** Whether a photo that is shown whole comes to its window's edge on this side, so that nothing lies between. */
    private static boolean reaches(Affine to, int across, int down, BoxMm window) {
        BoxMm photo = to.bounds(new BoxMm(0, 0, 1, 1));
        BoxMm beyond = to.after(mirror(across, down)).bounds(new BoxMm(0, 0, 1, 1));
        boolean left = beyond.x() < photo.x() - NEAR;
        boolean right = beyond.x() > photo.x() + NEAR;
        boolean up = beyond.y() < photo.y() - NEAR;
        boolean below = beyond.y() > photo.y() + NEAR;
        return (!left || photo.x() <= window.x() + NEAR)
                && (!right || photo.right() >= window.right() - NEAR)
                && (!up || photo.y() <= window.y() + NEAR)
                && (!below || photo.bottom() >= window.bottom() - NEAR);
    }

    /** Words that fill the frame; bands are of pictures, so there are none around them. */
    private ResolvedFrame.Words text(FrameLook.Text text) {
        TextStyle style = text.style();
        String face = TextFace.of(style);
        FittedWords fitted = WordFitter.fit(
                text.words(), face, style.sizePt(), frame.width(), WordFitter.height(frame.height(), style.leading()));
        double sizeMm = fitted.sizePt() * MM_PER_PT;
        double line = style.leading() * sizeMm;
        double over = frame.height() - line * fitted.lines().size();
        double y = Typefaces.baseline(face, style.leading()) * sizeMm
                + switch (style.stand()) {
                    case TOP -> 0;
                    case MIDDLE -> over / 2;
                    case BOTTOM -> over;
                };
        for (FittedWords.Line one : fitted.lines()) {
            if (!one.text().isBlank()) {
                double x =
                        switch (style.align()) {
                            case LEFT -> 0;
                            case CENTRE -> (frame.width() - one.widthMm()) / 2;
                            case RIGHT -> frame.width() - one.widthMm();
                        };
                ops.add(new Op.Glyphs(one.text(), face, fitted.sizePt(), style.colour(), x, y, one.widthMm()));
            }
            y += line;
        }
        return said(fitted);
    }

    private static ResolvedFrame.Words said(FittedWords fitted) {
        return new ResolvedFrame.Words(
                fitted.lines().stream().map(FittedWords.Line::text).toList(),
                fitted.sizePt(),
                fitted.allShown(),
                fitted.missing());
    }

    private Optional<ResolvedFrame.Words> words(double outside) {
        CaptionStyle style = look.captions();
        if (look.words().isBlank() || style.show() == CaptionStyle.Show.NONE) {
            return Optional.empty();
        }
        double width = frame.width() + 2 * outside;
        FittedWords fitted = WordFitter.fit(look.words(), style.typeface(), style.sizePt(), width, style.lines());
        double sizeMm = fitted.sizePt() * MM_PER_PT;
        double top = frame.height() + outside + 0.5 * CaptionStyle.LEADING * style.sizePt() * MM_PER_PT;
        for (int i = 0; i < fitted.lines().size(); i++) {
            FittedWords.Line line = fitted.lines().get(i);
            ops.add(new Op.Glyphs(
                    line.text(),
                    style.typeface(),
                    fitted.sizePt(),
                    style.colour(),
                    frame.centreX() - line.widthMm() / 2,
                    top + (ASCENT + i * CaptionStyle.LEADING) * sizeMm,
                    line.widthMm()));
        }
        return Optional.of(said(fitted));
    }
}
