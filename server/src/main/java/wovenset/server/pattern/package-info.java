/** Patterns: those that ship, those that were kept, and the file in which they are exchanged. */
@NullMarked
package wovenset.server.pattern;

import org.jspecify.annotations.NullMarked;
