package wovenset.core.check;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.check.Finding.Gravity;
import wovenset.core.frame.FrameLook;
import wovenset.core.frame.ResolvedFrame;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.paint.RasterPainter;
import wovenset.core.said.Notice;
import wovenset.core.said.Said;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SharpnessLimits;
import wovenset.core.scene.WordLine;
import wovenset.core.style.Outline;

/**
 * Looks over a page: bare frames, soft photos, photos of which little is seen, edges just beside the trim, words that do not fit, cannot
 * be set, are too small, hard to read on what lies behind them, or may be cut. Cost: linear in the frames.
 */
public final class PageCheck {
    /** Points; what is smaller is hard to read at an arm's length. */
    private static final double SMALLEST_WORDS = 6;
    /** Millimetres by which a knife may miss, that words keep from the trim. */
    private static final double KNIFE = 3;
    /** An edge that ends so near the trim was meant to reach it. */
    private static final double NEARLY = 2;

    private static final double TOUCHES = 0.01;
    /** Share of a photo. */
    private static final double LITTLE = 0.5;

    private final PageScene page;
    private final SharpnessLimits limits;
    private final List<Finding> findings = new ArrayList<>();

    private PageCheck(PageScene page, SharpnessLimits limits) {
        this.page = page;
        this.limits = limits;
    }

    /** @param painter draws what lies behind words */
    public static List<Finding> of(PageScene page, SharpnessLimits limits, RasterPainter painter) {
        PageCheck check = new PageCheck(page, limits);
        for (int i = 0; i < page.frames().size(); i++) {
            if (!page.frames().get(i).hidden()) {
                check.frame(page.frames().get(i), i + 1);
            }
        }
        Legibility.of(page, painter).stream().filter(Legibility.Reading::isHard).forEach(check::hardToRead);
        return check.findings;
    }

    private void frame(FrameScene frame, int number) {
        if (isEmpty(frame.look())) {
            found(frame, number, Gravity.LIGHT, Notice.FRAME_EMPTY);
        }
        frame.resolved().photo().ifPresent(photo -> {
            int ppi = (int) Math.round(photo.ppi());
            switch (limits.of(photo.ppi())) {
                case LOOSE -> found(frame, number, Gravity.GRAVE, Notice.TOO_SOFT, ppi);
                case OPEN -> found(frame, number, Gravity.LIGHT, Notice.A_LITTLE_SOFT, ppi);
                case DENSE -> {}
            }
            shown(frame, number, photo);
        });
        if (frame.look().text().isEmpty() && frame.look().ornament().isEmpty() && !isDrawn(frame.look())) {
            edges(frame, number);
        }
        frame.resolved().words().ifPresent(words -> words(frame, number, words));
    }

    /** A ring without a photo is an ornament. */
    private static boolean isEmpty(FrameLook look) {
        boolean shows = look.photo().isPresent()
                || look.text().isPresent()
                || look.ornament().isPresent()
                || isDrawn(look);
        return !shows && !(look.outline() instanceof Outline.Ringed);
    }

    /** A box or a line may end where it likes. */
    private static boolean isDrawn(FrameLook look) {
        return look.painted().isPresent() || look.rule().isPresent();
    }

    /** An upright photo in a wide frame, or the other way round, of which most is cut away. */
    private void shown(FrameScene frame, int number, ResolvedFrame.Photo photo) {
        if (frame.look().photo().orElseThrow().through().isPresent()) {
            return;
        }
        Affine to = photo.to();
        BoxMm window = frame.window();
        boolean wide = Math.hypot(to.a(), to.b()) > Math.hypot(to.c(), to.d());
        double area = Math.abs(to.a() * to.d() - to.b() * to.c());
        double share = window.width() * window.height() / area;
        boolean onItsSide = photo.crop().onItsSide();
        if (share < LITTLE && wide != onItsSide != window.width() > window.height()) {
            found(frame, number, Gravity.LIGHT, Notice.CROPPED_MUCH, (int) Math.round(100 * share));
        }
    }

    /** How far inside the trim the nearest of its edges is; negative where it reaches beyond. */
    private double fromTrim(BoxMm box) {
        return Math.min(
                Math.min(box.x(), box.y()), Math.min(page.widthMm() - box.right(), page.heightMm() - box.bottom()));
    }

    /** Of a photo's words only the side that they stand on counts: they are as wide as the photo, which may run to the trim. */
    private double fromTrim(FrameLook look, BoxMm signs) {
        if (look.text().isPresent()) {
            return fromTrim(signs);
        }
        return switch (look.captions().place()) {
            case BELOW, ON_PICTURE -> page.heightMm() - signs.bottom();
            case ABOVE -> signs.y();
            case LEFT -> signs.x();
            case RIGHT -> page.widthMm() - signs.right();
        };
    }

    private void edges(FrameScene frame, int number) {
        double away = fromTrim(frame.window());
        if (page.bleedMm() > 0 && away > TOUCHES && away < NEARLY) {
            found(frame, number, Gravity.LIGHT, Notice.EDGE_MISSES, millimetres(away));
        }
    }

    private static String millimetres(double mm) {
        return Math.round(mm * 10) / 10.0 + "\u2009mm";
    }

    private void words(FrameScene frame, int number, ResolvedFrame.Words words) {
        if (words.lines().isEmpty()) {
            return;
        }
        if (words.sizePt() < SMALLEST_WORDS) {
            found(frame, number, Gravity.LIGHT, Notice.WORDS_SMALL, Math.round(words.sizePt() * 10) / 10.0);
        }
        double away = fromTrim(frame.look(), ink(frame));
        if (away < KNIFE) {
            found(frame, number, Gravity.GRAVE, Notice.WORDS_NEAR_TRIM, millimetres(Math.max(0, away)));
        }
        if (!words.allShown()) {
            found(frame, number, Gravity.GRAVE, Notice.WORDS_CUT);
        }
        if (!words.missing().isEmpty()) {
            found(frame, number, Gravity.GRAVE, Notice.SIGNS_MISSING, words.missing());
        }
    }

    /** The upright box around the signs of a frame's words. */
    private static BoxMm ink(FrameScene frame) {
        return WordLine.of(frame).stream()
                .map(WordLine::box)
                .reduce(BoxMm::union)
                .orElse(frame.bounds());
    }

    private void hardToRead(Legibility.Reading reading) {
        for (int i = 0; i < page.frames().size(); i++) {
            if (page.frames().get(i).frameId().equals(reading.frameId())) {
                found(page.frames().get(i), i + 1, Gravity.LIGHT, Notice.WORDS_HARD_TO_READ);
            }
        }
    }

    private void found(FrameScene frame, int number, Gravity gravity, Notice notice, Object... args) {
        findings.add(new Finding(gravity, page.pageId(), frame.frameId(), number, Said.of(notice, args)));
    }
}
