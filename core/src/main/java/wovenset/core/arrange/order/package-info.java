/**
 * Which photo comes to which place.
 */
@NullMarked
package wovenset.core.arrange.order;

import org.jspecify.annotations.NullMarked;
