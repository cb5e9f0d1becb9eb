/**
 * What arranges a page, as it is stored: grids, cuts, scattered prints, or nothing.
 *
 * <p>An arrangement has slots, numbered from 0 in its own order; frames name the slot that they lie in. Where slots lie on a
 * page is computed in {@code arrange}. A new kind is added to {@link wovenset.core.arrangement.Arrangement} and its visitor,
 * and the build then says where it has to be thought of.
 */
@NullMarked
package wovenset.core.arrangement;

import org.jspecify.annotations.NullMarked;
