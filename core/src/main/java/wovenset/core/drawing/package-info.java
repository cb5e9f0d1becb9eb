/**
 * The ornaments that ship with the application: vector drawings made by code, each in its own box.
 *
 * <p>A drawing ({@link wovenset.core.drawing.Drawing}) is known by its name and consists of parts in one hue each, so that it can
 * be coloured part by part. A ring says where a photo shows in it, a ribbon along which curve its words stand. What uses
 * drawings is not known here. A new one is one more constant, made with the {@link wovenset.core.drawing.Pen}.
 */
@NullMarked
package wovenset.core.drawing;

import org.jspecify.annotations.NullMarked;
