package wovenset.bench;

import wovenset.core.output.MakeProgress;

/** Progress that nobody watches. */
final class Unwatched implements MakeProgress {
    @Override
    public void done(double share, String doing) {
        // Nobody watches.
    }

    @Override
    public boolean cancelled() {
        return false;
    }
}
