/**
 * How a whole piece looks, to be kept under a name and taken by others: what its frames wear, its ground, the letters and colours of its
 * words. No measure of a page, a frame or of words is in it. Start at {@link wovenset.core.theme.Theme}.
 */
@NullMarked
package wovenset.core.theme;

import org.jspecify.annotations.NullMarked;
