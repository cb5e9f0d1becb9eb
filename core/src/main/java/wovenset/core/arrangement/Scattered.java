package wovenset.core.arrangement;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.geometry.Box;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * Prints strewn over the page. Where they fell is kept: what changes on one moves no other. The recipe says how they were
 * strewn, to strew them again.
 *
 * @param prints the slots; later ones were laid over earlier ones
 */
public record Scattered(Margins margins, Recipe recipe, List<Print> prints) implements Arrangement {
    /** As many as a grid has cells. */
    public static final int MOST = 1600;

    public Scattered {
        prints = List.copyOf(prints);
        Checks.that(prints.size() <= MOST, Reason.TOO_MANY_PRINTS, MOST);
    }

    /**
     * How prints are strewn. The same recipe and photos always give the same page.
     *
     * @param seed another one strews them otherwise
     * @param cover the area of all prints by that between the margins, 0.2 to 2
     * @param mostTurn degrees to either side, 0 to 45
     * @param mostHidden the share of a print that others may cover, 0 to 0.6
     */
    public record Recipe(long seed, double cover, double mostTurn, double mostHidden) {
        public Recipe {
            boolean within = cover >= 0.2
                    && cover <= 2
                    && mostTurn >= 0
                    && mostTurn <= 45
                    && mostHidden >= 0
                    && mostHidden <= 0.6;
            Checks.that(within, Reason.SCATTER_RECIPE);
        }
    }

    /**
     * Where a print lies: its picture and inner border.
     *
     * @param turnDegrees clockwise about the middle
     */
    public record Print(Box box, double turnDegrees) {}

    @Override
    public int slots() {
        return prints.size();
    }

    @Override
    public Scattered withMargins(Margins newMargins) {
        return new Scattered(newMargins, recipe, prints);
    }

    public Scattered withPrints(List<Print> newPrints) {
        return new Scattered(margins, recipe, newPrints);
    }

    public Scattered withPrint(int slot, Print print) {
        List<Print> changed = new ArrayList<>(prints);
        changed.set(slot, print);
        return withPrints(changed);
    }

    @Override
    public boolean mayBeVacant() {
        return true;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.scattered(this);
    }
}
