package wovenset.core.style;

import wovenset.core.ink.Paint;

/** What lies below all else on a page and in its bleed. */
public sealed interface Ground {
    /** That of all pages, as the style sheet has it. */
    record Common() implements Ground {}

    /** A paint of the page's own. */
    record Covered(Paint paint) implements Ground {}
}
