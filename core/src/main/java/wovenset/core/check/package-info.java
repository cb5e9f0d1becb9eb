/**
 * What will go wrong in print, found before it does.
 */
@NullMarked
package wovenset.core.check;

import org.jspecify.annotations.NullMarked;
