/** Making files as jobs in the database: queued, shown with progress, cancelled, taken away. */
@org.jspecify.annotations.NullMarked
package wovenset.server.make;
