/** Sums of lengths and grids for the interface's fields, computed by the core. */
@org.jspecify.annotations.NullMarked
package wovenset.server.measure;
