package wovenset.server.piece;

import wovenset.server.recent.Recent;

/** The latest of the numbered requests of each window; earlier ones are no longer wanted. */
final class LatestTurns {
    private static final int WINDOWS = 1000;

    private final Recent<String, Long> latest = Recent.entries(WINDOWS);

    /** A later request of the same window has come. */
    static final class SupersededException extends RuntimeException {
        SupersededException() {
            super("A later preview has taken this one's place.");
        }
    }

    synchronized void begin(String window, long turn) {
        Long known = latest.find(window);
        if (known != null && known > turn) {
            throw new SupersededException();
        }
        latest.put(window, turn);
    }

    /** @throws SupersededException if a later one has begun */
    void check(String window, long turn) {
        Long known = latest.find(window);
        if (known != null && known > turn) {
            throw new SupersededException();
        }
    }
}
