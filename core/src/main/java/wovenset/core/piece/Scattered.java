package wovenset.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Prints strewn over the page: each at its photo's proportion, turned a little, some lying over others. The same numbers always
 * give the same page.
 *
 * @param prints how many, 0 and more; later ones lie over earlier ones
 * @param seed another seed strews them anew
 * @param cover the area of all prints by that between the margins, 0.2 to 2
 * @param mostTurn degrees to either side, 0 to 45
 * @param mostHidden the share of a print that others may cover, 0 to 0.6
 * @param vacancies places that are strewn, too, but hold no print: those of prints that were taken out, so that the others lie as before
 */
public record Scattered(
        Margins margins,
        int prints,
        long seed,
        double cover,
        double mostTurn,
        double mostHidden,
        List<Vacancy> vacancies)
        implements Arrangement {
    /** As many as a grid has cells. */
    private static final int MOST_VACANCIES = 1600;

    public Scattered(
            Margins margins,
            int prints,
            long seed,
            double cover,
            double mostTurn,
            double mostHidden,
            @Nullable List<Vacancy> vacancies) {
        this.margins = margins;
        this.prints = prints;
        this.seed = seed;
        this.cover = cover;
        this.mostTurn = mostTurn;
        this.mostHidden = mostHidden;
        this.vacancies = vacancies == null
                ? List.of()
                : vacancies.stream()
                        .sorted(Comparator.comparingInt(Vacancy::at))
                        .toList();
        if (prints < 0
                || !(cover >= 0.2 && cover <= 2)
                || !(mostTurn >= 0 && mostTurn <= 45)
                || !(mostHidden >= 0 && mostHidden <= 0.6)) {
            throw new IllegalArgumentException(
                    "Scattered prints cover 0.2 to 2 times the page, are turned by at most 45 degrees and hidden by at most 0.6");
        }
        boolean fit = this.vacancies.stream().allMatch(one -> one.at < prints + this.vacancies.size());
        if (this.vacancies.size() > MOST_VACANCIES
                || !fit
                || this.vacancies.stream().map(Vacancy::at).distinct().count() < this.vacancies.size()) {
            throw new IllegalArgumentException("Each vacancy has a place of its own among the prints");
        }
    }

    /**
     * A place without a print, and of the print that lay there what it is strewn by.
     *
     * @param at among all places, counted from 0
     * @param proportion of its picture, width by height
     * @param subject what of it was kept in sight
     * @param border its own; null for the dress's
     */
    public record Vacancy(int at, double proportion, Region subject, @Nullable Border border) {
        public Vacancy {
            if (at < 0 || !(proportion >= 0.01 && proportion <= 100)) {
                throw new IllegalArgumentException("A vacancy has a place and a proportion of 0.01 to 100");
            }
        }
    }

    public static Scattered of(
            Margins margins, int prints, long seed, double cover, double mostTurn, double mostHidden) {
        return new Scattered(margins, prints, seed, cover, mostTurn, mostHidden, List.of());
    }

    @Override
    public int places() {
        return prints;
    }

    @Override
    public Scattered withMargins(Margins newMargins) {
        return new Scattered(newMargins, prints, seed, cover, mostTurn, mostHidden, vacancies);
    }

    /** So many prints, strewn without vacancies. */
    public Scattered withPrints(int newPrints) {
        return new Scattered(margins, newPrints, seed, cover, mostTurn, mostHidden, List.of());
    }

    /** One print less; its place stays vacant. */
    public Scattered without(int print, double proportion, Region subject, @Nullable Border border) {
        List<Vacancy> more = new ArrayList<>(vacancies);
        more.add(new Vacancy(placeOf(print), Math.min(100, Math.max(0.01, proportion)), subject, border));
        return new Scattered(margins, prints - 1, seed, cover, mostTurn, mostHidden, more);
    }

    /** One print more: in the vacancy that is asked for. */
    public Scattered withPrintIn(Vacancy vacancy) {
        return new Scattered(
                margins,
                prints + 1,
                seed,
                cover,
                mostTurn,
                mostHidden,
                vacancies.stream().filter(one -> !one.equals(vacancy)).toList());
    }

    /** The place of a print among all places. */
    public int placeOf(int print) {
        int place = print;
        for (Vacancy vacancy : vacancies) {
            place += vacancy.at <= place ? 1 : 0;
        }
        return place;
    }
}
