/** What a benchmark is, and its figures beside their baselines. */
@NullMarked
package wovenset.bench.figure;

import org.jspecify.annotations.NullMarked;
