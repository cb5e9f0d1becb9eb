/** What a benchmark is, and its figures beside their baselines. */
@org.jspecify.annotations.NullMarked
package wovenset.bench.figure;
