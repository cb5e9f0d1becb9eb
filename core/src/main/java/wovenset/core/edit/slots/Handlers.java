package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wovenset.core.edit.Edit;
import wovenset.core.edit.Outcome;
import wovenset.core.piece.Piece;

/** What applies each kind of edit, found by its type. */
public final class Handlers {
    /** Applies one kind of edit. */
    public interface Handler<E extends Edit> {
        Outcome apply(Piece piece, E edit);
    }

    private final Map<Class<? extends Edit>, Handler<Edit>> byType = new HashMap<>();

    public <E extends Edit> void on(Class<E> type, Handler<E> handler) {
        byType.put(type, (piece, edit) -> handler.apply(piece, type.cast(edit)));
    }

    /** Every kind of edit there is. */
    public static List<Class<?>> kinds() {
        return Stream.of(Edit.class.getPermittedSubclasses())
                .flatMap(group -> Stream.of(group.getPermittedSubclasses()))
                .toList();
    }

    /** @throws IllegalStateException naming the kinds of edit that nothing applies */
    public void checkWhole() {
        List<String> missing = new ArrayList<>();
        for (Class<?> type : kinds()) {
            if (!byType.containsKey(type)) {
                missing.add(type.getSimpleName());
            }
        }
        if (!missing.isEmpty()) {
            throw new IllegalStateException("Nothing applies " + missing);
        }
    }

    public Outcome apply(Piece piece, Edit edit) {
        Handler<Edit> handler = byType.get(edit.getClass());
        if (handler == null) {
            throw new IllegalStateException("Nothing applies " + edit.getClass());
        }
        return handler.apply(piece, edit);
    }
}
