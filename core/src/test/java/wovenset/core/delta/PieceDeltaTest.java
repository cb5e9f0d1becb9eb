package wovenset.core.delta;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import wovenset.core.piece.Piece;
import wovenset.core.testing.RandomPieces;

/** Over pieces of every kind of thing; pages and items keep their order, which is part of what is compared. */
class PieceDeltaTest {
    @Property(tries = 300)
    void aStepTakenBackAndMadeAgainLeavesThePiecesAsTheyWere(@ForAll long one, @ForAll long other) {
        Piece before = RandomPieces.of(one);
        Piece after = RandomPieces.changed(before, other);
        PieceDelta step = PieceDelta.of(before, after);
        assertThat(step.applied(before)).isEqualTo(after);
        assertThat(step.inverse().applied(after)).isEqualTo(before);
        assertThat(step.isEmpty()).isEqualTo(before.equals(after));
    }

    @Property(tries = 100)
    void stepsInARowAreTakenBackInTurn(@ForAll long one, @ForAll long other) {
        Piece first = RandomPieces.of(one);
        Piece second = RandomPieces.changed(first, other);
        Piece third = RandomPieces.changed(second, ~other);
        Piece now = PieceDelta.of(second, third).inverse().applied(third);
        assertThat(PieceDelta.of(first, second).inverse().applied(now)).isEqualTo(first);
    }

    @Property(tries = 100)
    void whatIsNotTouchedIsTheSameObject(@ForAll long one, @ForAll long other) {
        Piece before = RandomPieces.of(one);
        UUID touched = before.pages().get(0).id();
        Piece after = before.mapPage(
                touched,
                page -> page.withGuides(RandomPieces.of(other).pages().get(0).guides()));
        Piece applied = PieceDelta.of(before, after).applied(before);
        for (int i = 1; i < before.pages().size(); i++) {
            assertThat(applied.pages().get(i)).isSameAs(before.pages().get(i));
        }
    }
}
