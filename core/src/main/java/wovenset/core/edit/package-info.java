/**
 * Every change that a person can make, as a value: {@link wovenset.core.edit.Edit} and its groups. {@code edit.apply} is the way in
 * to what applies them; the rooms beside it hold that, each for one group or two.
 */
@NullMarked
package wovenset.core.edit;

import org.jspecify.annotations.NullMarked;
