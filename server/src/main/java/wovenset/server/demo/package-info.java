/** Loads the made-up demo pieces into an empty installation. */
@NullMarked
package wovenset.server.demo;

import org.jspecify.annotations.NullMarked;
