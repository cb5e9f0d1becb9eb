/**
 * What holds: hostile files, large scans, posters and killing, each against an application in a process of its own. Start at {@link
 * wovenset.bench.hold.HoldBench}.
 */
@NullMarked
package wovenset.bench.hold;

import org.jspecify.annotations.NullMarked;
