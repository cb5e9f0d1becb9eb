package wovenset.core.arrangement;

import wovenset.core.geometry.PathData;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A silhouette that photos fill together.
 *
 * @param name what it is to a person
 * @param data its outline in the unit square; see {@link PathData}
 * @param proportion width by height
 */
public record Figure(String name, String data, double proportion) {
    public static final int LONGEST_NAME = 60;
    private static final double MOST = 20;

    public Figure {
        Checks.that(PathData.parse(data).isPresent(), Reason.OUTLINE_DATA);
        Checks.that(!name.isBlank() && name.length() <= LONGEST_NAME, Reason.STYLE_NAME, LONGEST_NAME);
        Checks.that(proportion >= 1 / MOST && proportion <= MOST, Reason.FIGURE_PROPORTION, MOST);
    }
}
