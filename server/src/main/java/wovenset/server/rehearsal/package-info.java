/** What the application does once for itself after a start, so that the first person who opens a piece need not wait for it. */
@NullMarked
package wovenset.server.rehearsal;

import org.jspecify.annotations.NullMarked;
