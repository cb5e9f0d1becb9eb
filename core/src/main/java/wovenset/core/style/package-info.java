/**
 * How things look: frame styles with their bands, outlines, the words' type, grounds.
 *
 * <p>A style is set once in the piece's {@link wovenset.core.style.StyleSheet}; what wears it links to it and may differ in
 * single properties, each of which can be put back. Nothing here knows what wears a style, or how it is drawn.
 */
@NullMarked
package wovenset.core.style;

import org.jspecify.annotations.NullMarked;
