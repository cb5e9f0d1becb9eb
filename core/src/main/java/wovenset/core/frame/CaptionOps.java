package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Rgb;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Outline;
import wovenset.core.words.FittedWords;
import wovenset.core.words.Setting;
import wovenset.core.words.WordFitter;

/** Sets the words with a picture: below it, above, beside, on its foot, or on itself. Cost: linear in the lines. */
final class CaptionOps {
    /** Baseline below the line's top, in type sizes: the shipped faces' ascenders reach about 0.75. */
    private static final double ASCENT = 0.92;

    /** Beside and above words on a picture, in type sizes. */
    private static final double PAD = 0.6;
    /** Of an oval or another form: as wide as it is at the words' height, and how far they stand above its lowest place. */
    private static final double ROUND_WIDTH = 0.7;

    private static final double ROUND_FOOT = 0.14;
    /** Seen through enough to belong to the picture, and solid enough to read on any. */
    private static final double GROUND_OPACITY = 0.82;

    private static final Rgb LIGHT = new Rgb("#fffdf8");
    private static final Rgb DARK = Rgb.INK;

    private final FrameLook look;
    private final CaptionStyle style;
    private final FrameForms forms;
    private final BoxMm frame;
    private final List<Op> ops = new ArrayList<>();

    CaptionOps(FrameLook look, FrameForms forms) {
        this.look = look;
        this.style = look.captions();
        this.forms = forms;
        this.frame = forms.frame();
    }

    /** What was set, drawn by {@link #ops}. */
    Optional<ResolvedFrame.Words> set() {
        if (look.words().isBlank() || style.show() == CaptionStyle.Show.NONE) {
            return Optional.empty();
        }
        if (look.footMm() > 0) {
            return Optional.of(onFoot());
        }
        return Optional.of(
                switch (style.place()) {
                    case BELOW -> below();
                    case ABOVE -> above();
                    case LEFT -> beside(-1);
                    case RIGHT -> beside(1);
                    case ON_PICTURE -> onPicture();
                });
    }

    List<Op> ops() {
        return ops;
    }

    private ResolvedFrame.Words below() {
        FittedWords fitted = fit(frame.width() + 2 * forms.outside(), size -> style.lines());
        return centred(fitted, frame.height() + forms.outside() + air());
    }

    /** The last line as near to the picture as the first one is below it. */
    private ResolvedFrame.Words above() {
        FittedWords fitted = fit(frame.width() + 2 * forms.outside(), size -> style.lines());
        return centred(fitted, -forms.outside() - air() - height(fitted));
    }

    /**
     * As many lines as the picture's height has room for, the last one at its foot; they begin or end at the picture.
     *
     * @param side -1 for the left one, 1 for the right one
     */
    private ResolvedFrame.Words beside(int side) {
        double width = Math.max(1, style.beside().mm() - air());
        FittedWords fitted = fit(width, WordFitter.height(frame.height() + 2 * forms.outside(), CaptionStyle.LEADING));
        double edge = side < 0 ? -forms.outside() - air() : frame.width() + forms.outside() + air();
        double top = frame.height() + forms.outside() - height(fitted);
        return set(fitted, top, edge, side < 0 ? 1 : 0);
    }

    /**
     * At the foot of what shows of the picture, on a ground across it: light below dark words, dark below light ones. In a form without
     * straight sides it stands higher, where there is room.
     */
    private ResolvedFrame.Words onPicture() {
        BoxMm window = forms.window();
        boolean straight = look.outline() instanceof Outline.Rect;
        double pad = PAD * style.sizeMm();
        double width = Math.max(1, (straight ? 1 : ROUND_WIDTH) * window.width() - 2 * pad);
        FittedWords fitted = fit(width, size -> style.lines());
        double height = height(fitted) + pad;
        double foot = window.bottom() - (straight ? 0 : ROUND_FOOT * window.height());
        Rgb ground = style.colour().isDark() ? LIGHT : DARK;
        BoxMm band = new BoxMm(window.x(), foot - height, window.width(), height);
        ops.add(new Op.Group(
                Affine.IDENTITY,
                GROUND_OPACITY,
                Optional.of(forms.opening()),
                List.of(new Op.Fill(new ShapeMm.Rectangle(band), ground))));
        return centred(fitted, foot - height + pad / 2);
    }

    /** In the middle of the room between the frame and the print's lower edge. */
    private ResolvedFrame.Words onFoot() {
        double room = forms.outside() + look.footMm();
        FittedWords fitted = fit(frame.width(), WordFitter.height(room, CaptionStyle.LEADING));
        return centred(fitted, frame.height() + (room - height(fitted)) / 2);
    }

    private FittedWords fit(double width, WordFitter.Room room) {
        return WordFitter.fit(look.words(), setting(), style.sizePt(), width, room);
    }

    private Setting setting() {
        return new Setting(style.typeface(), style.tracking());
    }

    /** Half a line, between the picture and its words. */
    private double air() {
        return 0.5 * CaptionStyle.LEADING * style.sizeMm();
    }

    private static double height(FittedWords fitted) {
        return CaptionStyle.LEADING * fitted.sizeMm() * fitted.lines().size();
    }

    private ResolvedFrame.Words centred(FittedWords fitted, double top) {
        return set(fitted, top, frame.centreX(), 0.5);
    }

    /** @param share of each line that lies left of x */
    private ResolvedFrame.Words set(FittedWords fitted, double top, double x, double share) {
        List<Op.Glyphs> lines = new ArrayList<>();
        for (int i = 0; i < fitted.lines().size(); i++) {
            FittedWords.Line line = fitted.lines().get(i);
            lines.add(new Op.Glyphs(
                    line.text(),
                    setting(),
                    fitted.sizePt(),
                    style.colour(),
                    x - share * line.widthMm(),
                    top + (ASCENT + i * CaptionStyle.LEADING) * fitted.sizeMm(),
                    line.widthMm()));
        }
        ops.addAll(new FinishOps(style.finish(), look.fall()).with(lines, top, height(fitted)));
        return WordOps.said(fitted);
    }
}
