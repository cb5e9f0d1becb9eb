/**
 * Which photo comes to which tile of a mosaic.
 */
@NullMarked
package wovenset.core.arrange.mosaic;

import org.jspecify.annotations.NullMarked;
