/**
 * A page resolved into a display list: what is drawn where, in millimetres, whatever it is drawn on. Its frames are composed in
 * {@code frame}.
 *
 * <p>A {@link wovenset.core.scene.PageScene} has {@link wovenset.core.display.Unit}s from back to front, each a list of
 * {@link wovenset.core.display.Op}s in axes of its own, so that moving one changes neither its list nor its name. Page
 * composition is written here once; {@code paint} has the backends that draw it. What is only advice (pixels per inch, words
 * that do not fit) stands beside the list in {@link wovenset.core.scene.FrameScene}. Start at
 * {@link wovenset.core.scene.SceneResolver}.
 */
@NullMarked
package wovenset.core.scene;

import org.jspecify.annotations.NullMarked;
