/** What was used last and is likely to be wanted again, kept in memory within a bound. Knows no other room. */
@NullMarked
package wovenset.server.recent;

import org.jspecify.annotations.NullMarked;
