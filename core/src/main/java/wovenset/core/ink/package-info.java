/**
 * What covers a surface: colours and paints.
 *
 * <p>Values only; how they are laid on is the painter's business ({@link wovenset.core.paint}). Colours are sRGB.
 */
@NullMarked
package wovenset.core.ink;

import org.jspecify.annotations.NullMarked;
