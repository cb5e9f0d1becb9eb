package wovenset.core.style;

import java.util.UUID;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** How words look that share it. Each may differ in single properties: what differs from it stays when it is changed. */
public record SharedText(UUID id, String name, TextStyle style) {
    public SharedText {
        Checks.name(name, FrameStyle.LONGEST_NAME, Reason.TEXT_STYLE_NAME);
    }

    public SharedText withStyle(TextStyle newStyle) {
        return new SharedText(id, name, newStyle);
    }
}
