package wovenset.server.setting;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How long deleted pieces can be brought back.
 *
 * @param days 1 to {@value #MOST_DAYS}
 */
public record Keeping(int days) {
    static final int MOST_DAYS = 3650;

    public static final Keeping USUAL = new Keeping(30);

    public Keeping {
        Checks.that(days >= 1 && days <= MOST_DAYS, Reason.KEEPING_DAYS, MOST_DAYS);
    }
}
