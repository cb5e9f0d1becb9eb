/**
 * What all arrangements share: where a frame lies, what surrounds its picture, and the space that frames take.
 *
 * <p>A slot is the outer bounds of what lies in it. A {@link wovenset.core.arrange.space.Place} is the frame itself: its picture
 * and inner bands, as a person would measure it; outer bands and words lie around it. Millimetres as {@code double}.
 */
@NullMarked
package wovenset.core.arrange.space;

import org.jspecify.annotations.NullMarked;
