package wovenset.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.photo.Alike;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Trait;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.subject.TraitFinder;

/** Help to choose from many photos: which are alike, and which are blurred. */
@RestController
class TraitController {
    private static final Logger LOG = LoggerFactory.getLogger(TraitController.class);
    /** As many are looked at as one likes to wait for; whoever asks again gets more. */
    private static final int AT_ONCE = 60;

    private final PhotoStore store;
    private final PhotoGathering gathering;
    private final TraitRepository traits;

    TraitController(PhotoStore store, PhotoGathering gathering, TraitRepository traits) {
        this.store = store;
        this.gathering = gathering;
        this.traits = traits;
    }

    /**
     * @param alike groups of photos that look alike, each with the best first
     * @param blurred in which nothing is in focus
     * @param left how many have not been looked at yet
     */
    record ChoosingView(List<List<PhotoId>> alike, List<PhotoId> blurred, int left) {}

    private record Seen(PhotoId photo, Optional<Trait> trait) {}

    @GetMapping("/api/pieces/{piece}/photos/alike")
    ChoosingView alike(@PathVariable UUID piece) {
        List<PhotoId> photos = gathering.gathered(piece).stream().distinct().toList();
        Map<PhotoId, Trait> known = traits.find(photos);
        List<PhotoId> missing =
                photos.stream().filter(photo -> !known.containsKey(photo)).toList();
        List<Seen> looked =
                missing.stream().limit(AT_ONCE).parallel().map(this::look).toList();
        for (Seen seen : looked) {
            seen.trait().ifPresent(trait -> {
                traits.keep(seen.photo(), trait);
                known.put(seen.photo(), trait);
            });
        }
        Map<PhotoId, Trait> inOrder = new LinkedHashMap<>();
        photos.forEach(photo -> Stream.ofNullable(known.get(photo)).forEach(trait -> inOrder.put(photo, trait)));
        List<PhotoId> blurred = inOrder.entrySet().stream()
                .filter(one -> one.getValue().isBlurred())
                .map(Map.Entry::getKey)
                .toList();
        Map<PhotoId, Long> bytes = new HashMap<>();
        store.findAll(photos).forEach(photo -> bytes.put(photo.id(), photo.bytes()));
        return new ChoosingView(
                Alike.groups(inOrder, photo -> bytes.getOrDefault(photo, 0L)), blurred, missing.size() - looked.size());
    }

    /** Nothing of a photo that cannot be read: that is told where it is shown. */
    private Seen look(PhotoId photo) {
        try {
            return new Seen(
                    photo,
                    Optional.of(TraitFinder.of(
                            DerivedPixels.readOnWhite(Files.readAllBytes(store.derived(photo, Derivatives.LARGE))))));
        } catch (IOException | UncheckedIOException | RefusedPhotoException | PhotoRasters.MissingPhotoException e) {
            LOG.warn("A photo could not be looked at", e);
            return new Seen(photo, Optional.empty());
        }
    }
}
