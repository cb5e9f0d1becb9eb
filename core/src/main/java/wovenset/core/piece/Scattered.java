package wovenset.core.piece;

/**
 * Prints strewn over the page: each at its photo's proportion, turned a little, some lying over others. The same numbers always
 * give the same page.
 *
 * @param prints how many, 0 and more; later ones lie over earlier ones
 * @param seed another seed strews them anew
 * @param cover the area of all prints by that between the margins, 0.2 to 2
 * @param mostTurn degrees to either side, 0 to 45
 * @param mostHidden the share of a print that others may cover, 0 to 0.6
 */
public record Scattered(Margins margins, int prints, long seed, double cover, double mostTurn, double mostHidden) implements Arrangement {
    public Scattered {
        if (prints < 0 || !(cover >= 0.2 && cover <= 2) || !(mostTurn >= 0 && mostTurn <= 45) || !(mostHidden >= 0 && mostHidden <= 0.6)) {
            throw new IllegalArgumentException(
                    "Scattered prints cover 0.2 to 2 times the page, are turned by at most 45 degrees and hidden by at most 0.6");
        }
    }

    @Override
    public int places() {
        return prints;
    }

    @Override
    public Scattered withMargins(Margins newMargins) {
        return new Scattered(newMargins, prints, seed, cover, mostTurn, mostHidden);
    }

    public Scattered withPrints(int newPrints) {
        return new Scattered(margins, newPrints, seed, cover, mostTurn, mostHidden);
    }
}
