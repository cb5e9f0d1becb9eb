/**
 * Strews prints over a page so that little of what counts is hidden. What comes of it is stored with the page.
 */
@NullMarked
package wovenset.core.arrange.scatter;

import org.jspecify.annotations.NullMarked;
