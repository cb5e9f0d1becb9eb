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
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;
import wovenset.core.words.CurveSetter;
import wovenset.core.words.FittedWords;
import wovenset.core.words.Hyphens;
import wovenset.core.words.Setting;
import wovenset.core.words.Typefaces;
import wovenset.core.words.WordFitter;

/** Sets the words of a frame: those that fill it, or those below its picture. Cost: linear in the lines. */
final class WordOps {
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
    private final FrameForms forms;
    private final BoxMm frame;
    private final List<Op> ops = new ArrayList<>();

    WordOps(FrameLook look, FrameForms forms) {
        this.look = look;
        this.forms = forms;
        this.frame = forms.frame();
    }

    /** What was set, drawn by {@link #ops}. */
    Optional<ResolvedFrame.Words> set() {
        return look.text().map(this::ownWords).or(this::caption);
    }

    List<Op> ops() {
        return ops;
    }

    private ResolvedFrame.Words ownWords(FrameLook.Text text) {
        return look.ornament()
                .map(ribbon -> CurvedWordOps.onRibbon(text, ribbon.drawing().picture(), frame, look.fall()))
                .or(() -> CurvedWordOps.along(text, frame, look.fall()))
                .map(this::curved)
                .orElseGet(() -> text(text));
    }

    private ResolvedFrame.Words curved(CurvedWordOps.Curved curved) {
        ops.addAll(curved.behind());
        curved.op().ifPresent(ops::add);
        CurveSetter.Line line = curved.line();
        List<String> lines = line.text().isEmpty() ? List.of() : List.of(line.text());
        Setting setting = Setting.of(look.text().orElseThrow().style());
        return new ResolvedFrame.Words(
                lines, line.sizePt(), line.allShown(), line.missing(), Typefaces.lenders(setting.face(), line.text()));
    }

    /** Words that fill the frame, in columns as high as each other; bands are of pictures, so there are none around them. */
    private ResolvedFrame.Words text(FrameLook.Text text) {
        TextStyle style = text.style();
        Setting setting = Setting.of(style);
        int columns = style.finish().columns().map(TextFinish.Columns::count).orElse(1);
        double gap = style.finish().columns().map(one -> one.gap().mm()).orElse(0.0);
        double width = Math.max(1, (frame.width() - (columns - 1) * gap) / columns);
        WordFitter.Room room = WordFitter.height(frame.height(), style.leading());
        FittedWords fitted = WordFitter.fit(
                text.words(),
                setting,
                style.sizePt(),
                width,
                size -> columns * room.lines(size),
                text.hyphens().map(Hyphens::of).orElse(Hyphens.NONE));
        double sizeMm = fitted.sizePt() * TextStyle.MM_PER_PT;
        double line = style.leading() * sizeMm;
        int rows = (fitted.lines().size() + columns - 1) / columns;
        double over = frame.height() - line * rows;
        double top =
                switch (style.stand()) {
                    case TOP -> 0;
                    case MIDDLE -> over / 2;
                    case BOTTOM -> over;
                };
        List<Op.Glyphs> lines = new ArrayList<>();
        for (int i = 0; i < fitted.lines().size(); i++) {
            FittedWords.Line one = fitted.lines().get(i);
            double y = top + Typefaces.baseline(setting.face(), style.leading()) * sizeMm + i % rows * line;
            double left = Math.floorDiv(i, rows) * (width + gap);
            double x = left
                    + switch (style.align()) {
                        case LEFT -> 0;
                        case CENTRE -> (width - one.widthMm()) / 2;
                        case RIGHT -> width - one.widthMm();
                    };
            if (!one.text().isBlank()) {
                lines.add(new Op.Glyphs(one.text(), setting, fitted.sizePt(), style.colour(), x, y, one.widthMm()));
            }
        }
        finished(lines, top, rows * line, style.finish());
        return said(fitted);
    }

    /** All that lies behind comes first: one line's shadow never falls on another line. */
    private void finished(List<Op.Glyphs> lines, double top, double height, TextFinish finish) {
        FinishOps behind = new FinishOps(finish, look.fall());
        lines.stream()
                .map(one -> new BoxMm(one.x(), top, one.widthMm(), height))
                .reduce(BoxMm::union)
                .ifPresent(all -> ops.addAll(behind.panel(all)));
        lines.forEach(one -> ops.addAll(behind.behind(one, Affine.IDENTITY)));
        ops.addAll(lines);
    }

    private static ResolvedFrame.Words said(FittedWords fitted) {
        return new ResolvedFrame.Words(
                fitted.lines().stream().map(FittedWords.Line::text).toList(),
                fitted.sizePt(),
                fitted.allShown(),
                fitted.missing(),
                fitted.lenders());
    }

    private Optional<ResolvedFrame.Words> caption() {
        CaptionStyle style = look.captions();
        if (look.words().isBlank() || style.show() == CaptionStyle.Show.NONE) {
            return Optional.empty();
        }
        if (look.footMm() > 0) {
            return Optional.of(onFoot(style));
        }
        return Optional.of(
                switch (style.place()) {
                    case BELOW -> below(style);
                    case ABOVE -> above(style);
                    case ON_PICTURE -> onPicture(style);
                });
    }

    /** The last line as near to the picture as the first one is below it. */
    private ResolvedFrame.Words above(CaptionStyle style) {
        double width = frame.width() + 2 * forms.outside();
        FittedWords fitted =
                WordFitter.fit(look.words(), Setting.plain(style.typeface()), style.sizePt(), width, style.lines());
        double air = 0.5 * CaptionStyle.LEADING * style.sizePt() * TextStyle.MM_PER_PT;
        lines(style, fitted, -forms.outside() - air - height(fitted));
        return said(fitted);
    }

    /**
     * At the foot of what shows of the picture, on a ground across it: light below dark words, dark below light ones. In a form without
     * straight sides it stands higher, where there is room.
     */
    private ResolvedFrame.Words onPicture(CaptionStyle style) {
        BoxMm window = forms.window();
        boolean straight = look.outline() instanceof Outline.Rect;
        double pad = PAD * style.sizePt() * TextStyle.MM_PER_PT;
        double width = Math.max(1, (straight ? 1 : ROUND_WIDTH) * window.width() - 2 * pad);
        FittedWords fitted =
                WordFitter.fit(look.words(), Setting.plain(style.typeface()), style.sizePt(), width, style.lines());
        double height = height(fitted) + pad;
        double foot = window.bottom() - (straight ? 0 : ROUND_FOOT * window.height());
        Rgb ground = style.colour().isDark() ? LIGHT : DARK;
        BoxMm band = new BoxMm(window.x(), foot - height, window.width(), height);
        ops.add(new Op.Group(
                Affine.IDENTITY,
                GROUND_OPACITY,
                Optional.of(forms.opening()),
                List.of(new Op.Fill(new ShapeMm.Rectangle(band), ground))));
        lines(style, fitted, foot - height + pad / 2);
        return said(fitted);
    }

    private static double height(FittedWords fitted) {
        return CaptionStyle.LEADING
                * fitted.sizePt()
                * TextStyle.MM_PER_PT
                * fitted.lines().size();
    }

    private ResolvedFrame.Words below(CaptionStyle style) {
        double width = frame.width() + 2 * forms.outside();
        FittedWords fitted =
                WordFitter.fit(look.words(), Setting.plain(style.typeface()), style.sizePt(), width, style.lines());
        double top =
                frame.height() + forms.outside() + 0.5 * CaptionStyle.LEADING * style.sizePt() * TextStyle.MM_PER_PT;
        lines(style, fitted, top);
        return said(fitted);
    }

    /** In the middle of the room between the frame and the print's lower edge. */
    private ResolvedFrame.Words onFoot(CaptionStyle style) {
        double room = forms.outside() + look.footMm();
        FittedWords fitted = WordFitter.fit(
                look.words(),
                Setting.plain(style.typeface()),
                style.sizePt(),
                frame.width(),
                WordFitter.height(room, CaptionStyle.LEADING));
        lines(style, fitted, frame.height() + (room - height(fitted)) / 2);
        return said(fitted);
    }

    private void lines(CaptionStyle style, FittedWords fitted, double top) {
        double sizeMm = fitted.sizePt() * TextStyle.MM_PER_PT;
        for (int i = 0; i < fitted.lines().size(); i++) {
            FittedWords.Line line = fitted.lines().get(i);
            ops.add(new Op.Glyphs(
                    line.text(),
                    Setting.plain(style.typeface()),
                    fitted.sizePt(),
                    style.colour(),
                    frame.centreX() - line.widthMm() / 2,
                    top + (ASCENT + i * CaptionStyle.LEADING) * sizeMm,
                    line.widthMm()));
        }
    }
}
