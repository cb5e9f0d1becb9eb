package wovenset.core.style;

import java.util.List;
import java.util.UUID;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Shadow;

/**
 * Papers with depth that lie under a group of pictures.
 *
 * @param sheets from the one that the pictures lie on, down; 1 to {@value #MOST_SHEETS}
 * @param shadow that each throws on what lies below it
 * @param prints the shadow within the pictures' edges, as if they lay under a cut in the paper
 */
public record Mount(UUID id, String name, List<Sheet> sheets, Shadow shadow, InnerShadow prints) {
    public static final int MOST_SHEETS = 6;

    public Mount {
        sheets = List.copyOf(sheets);
        Checks.that(!sheets.isEmpty() && sheets.size() <= MOST_SHEETS, Reason.SHEET_COUNT, MOST_SHEETS);
        Checks.name(name, FrameStyle.LONGEST_NAME, Reason.MOUNT_NAME);
    }
}
