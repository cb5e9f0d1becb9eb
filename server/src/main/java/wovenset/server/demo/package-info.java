/** Loads the made-up demo pieces into an empty installation. */
@org.jspecify.annotations.NullMarked
package wovenset.server.demo;
