/**
 * A page resolved: what is drawn where, in page millimetres.
 *
 * <p>A scene holds no references back to the piece and nothing that depends on a screen; two equal scenes draw the same
 * picture. Start at {@link wovenset.core.scene.SceneResolver}; the crop's geometry is in
 * {@link wovenset.core.scene.CropGeometry}.
 */
@NullMarked
package wovenset.core.scene;

import org.jspecify.annotations.NullMarked;
