/**
 * What is measured, each figure next to a baseline of the same run: run {@code ./wovenset bench}, or name one of
 * {@code import}, {@code edit}, {@code sprites}, {@code pdf}, {@code arrange}. One JSON line a figure. Start at
 * {@link wovenset.bench.Bench}.
 */
@NullMarked
package wovenset.bench;

import org.jspecify.annotations.NullMarked;
