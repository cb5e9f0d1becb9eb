/**
 * What is done to decoded pixels for one use of a photo, from first to last: light and colour (room {@code adjust}), then what was done by
 * hand, the values of {@code photo.retouch}.
 *
 * <p>Start at {@link wovenset.core.retouch.Development}, which all who draw photos ask. Where pixels come from and where they go is not known
 * here. Formulas: docs/algorithms/cut-outs.md.
 */
@NullMarked
package wovenset.core.retouch;

import org.jspecify.annotations.NullMarked;
