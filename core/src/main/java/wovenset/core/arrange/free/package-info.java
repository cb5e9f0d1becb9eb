/**
 * Frames that lie where they were put: lining up, even gaps, and another size of page.
 */
@NullMarked
package wovenset.core.arrange.free;

import org.jspecify.annotations.NullMarked;
