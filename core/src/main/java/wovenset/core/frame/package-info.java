/**
 * Composes one frame: where its photo lies in its window, its bands, what its style does to light and edge, its words.
 *
 * <p>All follows from the frame's look ({@link wovenset.core.frame.FrameLook}), in axes whose origin is its upper left corner;
 * where on the page it lies is not known here. Start reading at {@link wovenset.core.frame.FrameResolver}.
 */
@NullMarked
package wovenset.core.frame;

import org.jspecify.annotations.NullMarked;
