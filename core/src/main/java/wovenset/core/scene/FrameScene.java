package wovenset.core.scene;

import java.util.Optional;
import java.util.UUID;
import wovenset.core.frame.FrameLook;
import wovenset.core.frame.ResolvedFrame;
import wovenset.core.geometry.BoxMm;

/**
 * A frame on its page, and what is known of how it will print; none of this names its picture.
 *
 * @param box the frame with its inner bands, unturned, on the page
 * @param piece of a figure that it is: its outline in the box's unit square; see {@link wovenset.core.geometry.PathData}
 * @param bounds the upright box around all that it paints, and around the frame itself
 */
public record FrameScene(
        UUID frameId,
        BoxMm box,
        Optional<String> piece,
        BoxMm bounds,
        boolean hidden,
        FrameLook look,
        ResolvedFrame resolved) {
    /** Where the photo shows, on the page, unturned. */
    public BoxMm window() {
        return resolved.window().movedBy(box.x(), box.y());
    }
}
