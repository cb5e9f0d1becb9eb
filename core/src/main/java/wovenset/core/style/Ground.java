package wovenset.core.style;

import wovenset.core.ink.Rgb;

/** What lies below all else on a page and in its bleed. */
public sealed interface Ground {
    /** That of all pages, as the style sheet has it. */
    record Common() implements Ground {}

    /** One colour. */
    record Plain(Rgb colour) implements Ground {}
}
