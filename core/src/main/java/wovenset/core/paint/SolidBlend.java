package wovenset.core.paint;

import wovenset.core.ink.Blend;

/**
 * What comes of a solid colour that is laid on another, as a table for each two of 256 levels: {@code o blend(behind, own) + (1 − o) behind} with
 * the opacity o. Laying the same colours on more than once is a single table, too. It stands by what is laid on, which most often is the evener of
 * both: so the part of the table that is in use is small.
 */
final class SolidBlend {
    static final int LEVELS = 256;

    private final byte[] table = new byte[LEVELS * LEVELS];

    private SolidBlend() {}

    static SolidBlend of(Blend blend, double opacity) {
        SolidBlend solid = new SolidBlend();
        for (int own = 0; own < LEVELS; own++) {
            for (int behind = 0; behind < LEVELS; behind++) {
                long blended = Math.round(255 * blend.of(behind / 255.0, own / 255.0));
                solid.table[own * LEVELS + behind] = (byte) Math.round(opacity * blended + (1 - opacity) * behind);
            }
        }
        return solid;
    }

    /** The same colours laid on with this blend first, then with the next, to the bit. */
    SolidBlend then(SolidBlend next) {
        SolidBlend both = new SolidBlend();
        for (int at = 0; at < table.length; at++) {
            both.table[at] = (byte) next.of(table[at] & 255, at / LEVELS);
        }
        return both;
    }

    /** @param behind 0 to 255, as are the own level and what comes of both */
    int of(int behind, int own) {
        return table[own * LEVELS + behind] & 255;
    }

    /** Lays bytes on others. */
    void lay(byte[] own, int from, byte[] into, int start, int count) {
        for (int i = 0; i < count; i++) {
            into[start + i] = table[(own[from + i] & 255) * LEVELS + (into[start + i] & 255)];
        }
    }
}
