/**
 * Pages without their photos, to be used for others.
 */
@NullMarked
package wovenset.core.pattern;

import org.jspecify.annotations.NullMarked;
