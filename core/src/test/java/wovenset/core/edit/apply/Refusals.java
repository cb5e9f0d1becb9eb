package wovenset.core.edit.apply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.testing.Pieces.applied;

import java.util.List;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

/** Checks that an edit is refused, and that the refusal names the field and says why. */
public final class Refusals {
    private Refusals() {}

    public static void checkRefused(Piece piece, Edit edit, String field, Reason reason, Object... args) {
        assertThatThrownBy(() -> applied(piece, edit))
                .as(edit.toString())
                .isInstanceOfSatisfying(EditRefusedException.class, refused -> {
                    assertThat(refused.field()).isEqualTo(field);
                    assertThat(refused.said().code()).isEqualTo(reason.code());
                    assertThat(refused.said().args()).containsAll(List.of(args));
                });
    }
}
