/**
 * The real application and a real, private MariaDB for tests, and a small client to talk to it as a browser would.
 * Start at {@link wovenset.server.testing.TestServer}.
 */
@NullMarked
package wovenset.server.testing;

import org.jspecify.annotations.NullMarked;
