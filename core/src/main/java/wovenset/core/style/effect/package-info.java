/**
 * What a frame style does to light and edge beyond its bands: shadow, glow, soft edge, reflection, what holds the print.
 *
 * <p>Each is a record of its measures. Where shadows fall is not theirs but the piece's one light
 * ({@link wovenset.core.style.Light}); how they are drawn is said in {@link wovenset.core.scene}. To add one: a record here and
 * in {@link Effect}, its drawing in the scene, its fields in the interface. Start reading at {@link Effect}.
 */
@NullMarked
package wovenset.core.style.effect;

import org.jspecify.annotations.NullMarked;
