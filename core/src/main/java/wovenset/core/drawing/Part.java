package wovenset.core.drawing;

import java.awt.geom.Path2D;
import wovenset.core.ink.Rgb;

/**
 * What of a drawing has one colour.
 *
 * @param name what it is to a person
 * @param usual its colour as it is drawn
 * @param path in the drawing's box, the unit square
 */
public record Part(String name, Rgb usual, Path2D path) {}
