package wovenset.core.photo.retouch;

import java.util.Optional;

/** What is done by hand to the pixels of one use of a photo. */
public record Retouching(Optional<CutOut> cutOut) {
    public static final Retouching NONE = new Retouching(Optional.empty());

    public boolean doesNothing() {
        return cutOut.isEmpty();
    }

    public Retouching withCutOut(Optional<CutOut> newCutOut) {
        return new Retouching(newCutOut);
    }

    /** Nothing if nothing is done. */
    public Optional<Retouching> unlessNone() {
        return doesNothing() ? Optional.empty() : Optional.of(this);
    }
}
