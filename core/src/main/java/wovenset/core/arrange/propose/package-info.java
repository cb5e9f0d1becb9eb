/**
 * Searches for arrangements that suit a page's photos. Start at {@link wovenset.core.arrange.propose.PageProposals}.
 */
@NullMarked
package wovenset.core.arrange.propose;

import org.jspecify.annotations.NullMarked;
