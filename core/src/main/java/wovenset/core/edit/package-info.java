/**
 * Every change that a person can make, as a value. What applies them is in {@code edit.apply}.
 */
@NullMarked
package wovenset.core.edit;

import org.jspecify.annotations.NullMarked;
