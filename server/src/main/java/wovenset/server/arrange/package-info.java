/** Proposals of arrangements for a page: asks the core, and names what each would look like. */
@org.jspecify.annotations.NullMarked
package wovenset.server.arrange;
