/**
 * Colours by their profiles (ICC.1), brought to sRGB by Little CMS. Bytes and native pictures in, the same out.
 */
@NullMarked
package wovenset.core.colour;

import org.jspecify.annotations.NullMarked;
