/** Patterns: those that ship, those that were kept, and the file in which they are exchanged. */
@org.jspecify.annotations.NullMarked
package wovenset.server.pattern;
