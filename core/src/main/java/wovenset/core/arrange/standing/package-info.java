/** Things cut out of several photos, standing together on one ground. */
@NullMarked
package wovenset.core.arrange.standing;

import org.jspecify.annotations.NullMarked;
