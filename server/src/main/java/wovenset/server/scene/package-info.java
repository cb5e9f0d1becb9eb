/** Resolved pages and their pictures for the browser, and the caches that make them fast. */
@NullMarked
package wovenset.server.scene;

import org.jspecify.annotations.NullMarked;
