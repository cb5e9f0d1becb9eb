/** Outlines for frames from files of a person's own, which are read as hostile. */
@NullMarked
package wovenset.server.outline;

import org.jspecify.annotations.NullMarked;
