package wovenset.core.photo;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How a photo's light and colour are changed for one use of it. The original stays as it is.
 *
 * @param amounts those that are not 0
 * @param treatment of the whole; nothing for none
 */
public record Adjustments(Map<Adjustment, Double> amounts, Optional<Treatment> treatment) {
    public static final Adjustments NONE = new Adjustments(Map.of());

    public Adjustments {
        amounts.forEach((which, amount) -> Checks.that(
                amount >= which.least() && amount <= which.most(), Reason.ADJUSTMENT, which.least(), which.most()));
        Map<Adjustment, Double> some = new EnumMap<>(Adjustment.class);
        amounts.forEach((which, amount) -> {
            if (amount != 0) {
                some.put(which, amount);
            }
        });
        amounts = Map.copyOf(some);
    }

    /** Without a treatment. */
    public Adjustments(Map<Adjustment, Double> amounts) {
        this(amounts, Optional.empty());
    }

    public boolean areNone() {
        return amounts.isEmpty() && treatment.isEmpty();
    }

    public double of(Adjustment which) {
        return amounts.getOrDefault(which, 0.0);
    }

    public Adjustments with(Adjustment which, double amount) {
        Map<Adjustment, Double> changed = new EnumMap<>(Adjustment.class);
        changed.putAll(amounts);
        changed.put(which, amount);
        return new Adjustments(changed, treatment);
    }

    public Adjustments withTreatment(Optional<Treatment> newTreatment) {
        return new Adjustments(amounts, newTreatment);
    }

    /** Nothing if none is made. */
    public Optional<Adjustments> unlessNone() {
        return areNone() ? Optional.empty() : Optional.of(this);
    }
}
