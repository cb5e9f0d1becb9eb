/** Proposals of arrangements for a page: asks the core, and names what each would look like. */
@NullMarked
package wovenset.server.arrange;

import org.jspecify.annotations.NullMarked;
