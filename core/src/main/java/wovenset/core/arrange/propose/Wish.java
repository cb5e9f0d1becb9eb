package wovenset.core.arrange.propose;

/**
 * What the person wants of one photo in an arrangement.
 *
 * @param proportion of the upright photo, width by height
 * @param larger to be shown about twice as large as the others
 * @param keepWhole not to be cropped
 * @param first to come first on the page
 * @param last to come last
 * @param together photos with the same number above 0 want to be neighbours
 * @param subjectAcross the share of its width that its subject takes; 0 if that is not known
 * @param subjectDown the share of its height
 */
public record Wish(
        double proportion,
        boolean larger,
        boolean keepWhole,
        boolean first,
        boolean last,
        int together,
        double subjectAcross,
        double subjectDown) {
    public Wish {
        if (!(proportion > 0 && Double.isFinite(proportion))) {
            throw new IllegalArgumentException("A photo's proportion is above 0");
        }
    }

    public static Wish plain(double proportion) {
        return new Wish(proportion, false, false, false, false, 0, 0, 0);
    }

    /** How much larger than others: twice the area, and a little for the gaps. */
    double weight() {
        return larger ? 2.2 : 1;
    }
}
