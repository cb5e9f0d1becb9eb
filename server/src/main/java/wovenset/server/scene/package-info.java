/** Resolved pages and their pictures for the browser, and the caches that make them fast. */
@org.jspecify.annotations.NullMarked
package wovenset.server.scene;
