/**
 * What is measured, each figure next to a baseline of the same run: run {@code ./wovenset bench}, or name one of
 * those that {@link wovenset.bench.Bench} lists. One JSON line a figure. Start at
 * {@link wovenset.bench.Bench}.
 */
@NullMarked
package wovenset.bench;

import org.jspecify.annotations.NullMarked;
