/** Making files as jobs in the database: queued, shown with progress, cancelled, taken away. */
@NullMarked
package wovenset.server.make;

import org.jspecify.annotations.NullMarked;
