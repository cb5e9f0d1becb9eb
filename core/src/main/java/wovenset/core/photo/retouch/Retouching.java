package wovenset.core.photo.retouch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * What is done by hand to the pixels of one use of a photo.
 *
 * @param mends in the order in which they were made
 * @param plane that is seen from straight before it; nothing if the photo is seen as it was taken
 * @param extended whether it goes on where it is shown whole and its frame has room beside it
 * @param sampled from where it goes on; nothing if it is mirrored over its edges
 */
public record Retouching(
        List<Mend> mends,
        Optional<CutOut> cutOut,
        Optional<FacedPlane> plane,
        boolean extended,
        Optional<EdgeSources> sampled) {
    public static final int MOST_MENDS = 100;
    public static final Retouching NONE =
            new Retouching(List.of(), Optional.empty(), Optional.empty(), false, Optional.empty());

    public Retouching {
        mends = List.copyOf(mends);
        Checks.that(mends.size() <= MOST_MENDS, Reason.MENDS, MOST_MENDS);
    }

    public boolean doesNothing() {
        return mends.isEmpty() && cutOut.isEmpty() && plane.isEmpty() && !extended;
    }

    public Retouching with(Mend mend) {
        List<Mend> more = new ArrayList<>(mends);
        more.add(mend);
        return new Retouching(more, cutOut, plane, extended, sampled);
    }

    /** @param index one of those that are there */
    public Retouching withoutMend(int index) {
        List<Mend> fewer = new ArrayList<>(mends);
        fewer.remove(index);
        return new Retouching(fewer, cutOut, plane, extended, sampled);
    }

    public Retouching withCutOut(Optional<CutOut> newCutOut) {
        return new Retouching(mends, newCutOut, plane, extended, sampled);
    }

    /** Its edges are others then: it is mirrored over them until they are looked at anew. */
    public Retouching withPlane(Optional<FacedPlane> newPlane) {
        return new Retouching(mends, cutOut, newPlane, extended, Optional.empty());
    }

    /** @param newSampled nothing to mirror it, or if it does not go on */
    public Retouching withExtended(boolean newExtended, Optional<EdgeSources> newSampled) {
        return new Retouching(mends, cutOut, plane, newExtended, newSampled);
    }

    /** What of it other pixels come of. */
    public Retouching ofPixels() {
        return withExtended(false, Optional.empty());
    }

    /** What of it holds for whatever photo is shown. */
    public Retouching onAnotherPhoto() {
        return NONE.withExtended(extended, Optional.empty());
    }

    /** Nothing if nothing is done. */
    public Optional<Retouching> unlessNone() {
        return doesNothing() ? Optional.empty() : Optional.of(this);
    }
}
