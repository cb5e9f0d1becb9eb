package wovenset.core.piece;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.photo.PhotoId;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** The photos of a piece in the order of the light table, found by their names in constant time. */
public final class Entries implements Iterable<Entry> {
    public static final Entries NONE = new Entries(List.of());
    public static final int MOST = 5000;

    private final List<Entry> list;
    private final Map<UUID, Entry> byId = new LinkedHashMap<>();

    private Entries(List<Entry> list) {
        this.list = List.copyOf(list);
        this.list.forEach(entry -> byId.put(entry.id(), entry));
        Checks.that(list.size() <= MOST, Reason.TOO_MANY_PHOTOS, MOST);
        Checks.that(byId.size() == list.size(), Reason.ENTRY_TWICE);
    }

    public static Entries of(List<Entry> list) {
        return new Entries(list);
    }

    public List<Entry> list() {
        return list;
    }

    public Optional<Entry> find(UUID id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The first entry of a photo. */
    public Optional<Entry> of(PhotoId photo) {
        return list.stream().filter(entry -> entry.photo().equals(photo)).findFirst();
    }

    public int size() {
        return list.size();
    }

    public Entries map(UUID id, UnaryOperator<Entry> change) {
        return of(list.stream()
                .map(entry -> entry.id().equals(id) ? change.apply(entry) : entry)
                .toList());
    }

    @Override
    public Iterator<Entry> iterator() {
        return list.iterator();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Entries entries && list.equals(entries.list);
    }

    @Override
    public int hashCode() {
        return list.hashCode();
    }

    @Override
    public String toString() {
        return list.toString();
    }
}
