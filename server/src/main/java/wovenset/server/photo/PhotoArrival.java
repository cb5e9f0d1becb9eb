package wovenset.server.photo;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wovenset.core.photo.PhotoId;
import wovenset.server.web.UnfitRequestException;

/** Gives photos that were taken in to the piece that they were brought to, under their own names. */
@Component
class PhotoArrival {
    private static final int LONGEST_BATCH = 64;

    private final PhotoRepository repository;
    private final PhotoGathering gathering;

    PhotoArrival(PhotoRepository repository, PhotoGathering gathering) {
        this.repository = repository;
        this.gathering = gathering;
    }

    static void checkBatch(String batch) {
        if (batch.isBlank() || batch.length() > LONGEST_BATCH) {
            throw new UnfitRequestException("A batch is named by 1 to " + LONGEST_BATCH + " characters");
        }
    }

    /**
     * @param batch names what was brought together
     * @return the results, each with what it is to this piece
     */
    List<PhotoIntake.Result> into(UUID piece, List<PhotoIntake.Result> results, String batch, @Nullable String window) {
        for (PhotoIntake.Result result : results) {
            if (result.photo() != null && result.file() != null) {
                repository.name(piece, result.photo(), result.file());
            }
        }
        List<PhotoId> taken = results.stream()
                .map(PhotoIntake.Result::photo)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        Set<PhotoId> there =
                taken.isEmpty() ? new HashSet<>() : new HashSet<>(gathering.add(piece, taken, batch, window));
        return results.stream().map(result -> result.in(there)).toList();
    }
}
