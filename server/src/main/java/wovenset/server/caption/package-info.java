/** Captions of many photos at once: from a pattern, from a table of the person's own, and as a table to take along. */
@NullMarked
package wovenset.server.caption;

import org.jspecify.annotations.NullMarked;
