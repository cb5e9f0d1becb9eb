package wovenset.core.adjust;

import java.util.List;
import wovenset.core.ink.Rgb;
import wovenset.core.photo.Treatment;

/** Lays the look of a treatment over the photo's own, as strongly as is wished. */
final class Treating implements ByteRows.Row {
    private final ByteRows.Row look;
    private final float strength;

    private Treating(ByteRows.Row look, double strength) {
        this.look = look;
        this.strength = (float) strength;
    }

    static ByteRows.Row of(Treatment treatment, Surroundings around) {
        return new Treating(look(treatment, around), treatment.strength() / 100);
    }

    private static ByteRows.Row look(Treatment treatment, Surroundings around) {
        List<Rgb> colours = treatment.colours();
        return switch (treatment.kind()) {
            case GREY -> Tinting.grey(Tone.RED, Tone.GREEN, Tone.BLUE);
            case GREY_RED -> Tinting.grey(0.85, 0.15, 0);
            case GREY_GREEN -> Tinting.grey(0.15, 0.8, 0.05);
            case GREY_BLUE -> Tinting.grey(0.05, 0.25, 0.7);
            case SEPIA -> Tinting.between(Tinting.SEPIA_DARK, Tinting.SEPIA_LIGHT);
            case TWO_COLOURS -> Tinting.between(colours.get(0), colours.get(1));
            case ONE_HUE -> Tinting.through(colours.get(0));
            case FADED -> Tinting.faded();
            case COOL -> Tinting.toned(0.93, 1, 1.09);
            case WARM -> Tinting.toned(1.07, 1, 0.88);
            case BRUSH -> Drawn.brush(around);
            case PENCIL -> Drawn.pencil(around);
            case INK -> Drawn.ink(around, colours.get(0), colours.get(1));
            case PIXELS -> Drawn.pixels(around);
            case POSTER -> Drawn.poster(around);
            case GLOW -> Drawn.glow(around);
        };
    }

    @Override
    public void change(int row, float[] colours) {
        float[] before = strength < 1 ? colours.clone() : colours;
        look.change(row, colours);
        if (strength < 1) {
            for (int i = 0; i < colours.length; i++) {
                colours[i] = before[i] + strength * (colours[i] - before[i]);
            }
        }
    }
}
