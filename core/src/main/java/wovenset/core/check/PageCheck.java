package wovenset.core.check;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.check.Finding.Gravity;
import wovenset.core.said.Notice;
import wovenset.core.said.Said;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.ResolvedFrame;
import wovenset.core.scene.SharpnessLimits;

/** Looks over a page: bare frames, soft photos, words that do not fit or cannot be set. Cost: linear in the frames. */
public final class PageCheck {
    private final PageScene page;
    private final SharpnessLimits limits;
    private final List<Finding> findings = new ArrayList<>();

    private PageCheck(PageScene page, SharpnessLimits limits) {
        this.page = page;
        this.limits = limits;
    }

    public static List<Finding> of(PageScene page, SharpnessLimits limits) {
        PageCheck check = new PageCheck(page, limits);
        for (int i = 0; i < page.frames().size(); i++) {
            if (!page.frames().get(i).hidden()) {
                check.frame(page.frames().get(i), i + 1);
            }
        }
        return check.findings;
    }

    private void frame(FrameScene frame, int number) {
        if (frame.look().photo().isEmpty()) {
            found(frame, number, Gravity.LIGHT, Notice.FRAME_EMPTY);
        }
        frame.resolved().photo().ifPresent(photo -> {
            int ppi = (int) Math.round(photo.ppi());
            switch (limits.of(photo.ppi())) {
                case LOOSE -> found(frame, number, Gravity.GRAVE, Notice.TOO_SOFT, ppi);
                case OPEN -> found(frame, number, Gravity.LIGHT, Notice.A_LITTLE_SOFT, ppi);
                case DENSE -> {}
            }
        });
        frame.resolved().words().ifPresent(words -> words(frame, number, words));
    }

    private void words(FrameScene frame, int number, ResolvedFrame.Words words) {
        if (!words.allShown()) {
            found(frame, number, Gravity.GRAVE, Notice.WORDS_CUT);
        }
        if (!words.missing().isEmpty()) {
            found(frame, number, Gravity.GRAVE, Notice.SIGNS_MISSING, words.missing());
        }
    }

    private void found(FrameScene frame, int number, Gravity gravity, Notice notice, Object... args) {
        findings.add(new Finding(gravity, page.pageId(), frame.frameId(), number, Said.of(notice, args)));
    }
}
