package wovenset.server.photo;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import wovenset.core.ink.Rgb;
import wovenset.core.photo.PhotoId;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.PhotoHeader;
import wovenset.server.said.Words;

/** Photos of a piece: bringing them in, what is known of them, and their small pictures. */
@RestController
class PhotoController {
    private final PhotoStore store;
    private final PhotoRepository repository;
    private final PhotoIntake intake;
    private final PhotoGathering gathering;
    private final PhotoArrival arrival;

    PhotoController(
            PhotoStore store,
            PhotoRepository repository,
            PhotoIntake intake,
            PhotoGathering gathering,
            PhotoArrival arrival) {
        this.store = store;
        this.repository = repository;
        this.intake = intake;
        this.gathering = gathering;
        this.arrival = arrival;
    }

    /**
     * @param width upright, in pixels
     * @param takenAt by the camera's clock; null if unknown
     * @param zoneMinutes by which that clock was ahead of universal time; null if unknown
     * @param place where it was taken; null if unknown
     */
    record GatheredPhoto(
            PhotoId id,
            String fileName,
            int width,
            int height,
            long bytes,
            String format,
            @Nullable String takenAt,
            @Nullable Integer zoneMinutes,
            PhotoHeader.@Nullable Position place,
            String caption) {}

    record IntakeAnswer(List<PhotoIntake.Result> results) {}

    /** @param batch the same for all uploads that were brought together, so that they are undone together */
    @PostMapping(path = "/api/pieces/{piece}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    IntakeAnswer bring(
            @PathVariable UUID piece,
            @RequestPart("file") List<MultipartFile> file,
            @RequestParam String batch,
            @RequestParam(required = false) @Nullable String window) {
        PhotoArrival.checkBatch(batch);
        gathering.gathered(piece);
        List<PhotoIntake.Result> results = new ArrayList<>();
        for (MultipartFile part : file) {
            results.addAll(take(part));
        }
        return new IntakeAnswer(arrival.into(piece, results, batch, window));
    }

    /** Browsers escape these signs in the names of files, and no others (HTML, multipart/form-data encoding). */
    private static String unescaped(String name) {
        return name.replace("%22", "\"").replace("%0D", "\r").replace("%0A", "\n");
    }

    private List<PhotoIntake.Result> take(MultipartFile part) {
        String name = part.getOriginalFilename() == null ? "unnamed" : unescaped(part.getOriginalFilename());
        Path upload = store.arriving();
        try {
            part.transferTo(upload);
            return intake.take(upload, name);
        } catch (IOException e) {
            return List.of(PhotoIntake.refused(
                    name, Words.of(DiskTrouble.said(Objects.requireNonNull(upload.getParent()), e))));
        } finally {
            store.discard(upload);
        }
    }

    @GetMapping("/api/pieces/{piece}/photos")
    List<GatheredPhoto> photos(@PathVariable UUID piece) {
        Map<PhotoId, String> names = repository.names(piece);
        return store.findAll(gathering.gathered(piece)).stream()
                .map(photo -> view(photo, names.getOrDefault(photo.id(), photo.fileName())))
                .toList();
    }

    private static GatheredPhoto view(StoredPhoto photo, String name) {
        var header = photo.header();
        return new GatheredPhoto(
                photo.id(),
                name,
                header.width(),
                header.height(),
                photo.bytes(),
                header.format().name(),
                header.takenAt() == null ? null : header.takenAt().toString(),
                header.zoneMinutes(),
                header.place(),
                header.caption());
    }

    /** The few colours that a photo is seen as, the most telling first. */
    @GetMapping("/api/photos/{sha256}/colours")
    ResponseEntity<List<Rgb>> colours(@PathVariable String sha256) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(store.looks().mains(new PhotoId(sha256)));
    }

    /** @param degrees clockwise; null if the photo's lines do not say */
    record TiltView(@Nullable Double degrees) {}

    /** How far a photo is tilted, by its own lines. */
    @GetMapping("/api/photos/{sha256}/tilt")
    TiltView tilt(@PathVariable String sha256) {
        OptionalDouble tilt = store.looks().tilt(new PhotoId(sha256));
        return new TiltView(tilt.isPresent() ? tilt.getAsDouble() : null);
    }

    /** A derived size: small for the light table, large for cropping on the bench. */
    @GetMapping(
            path = "/api/photos/{sha256}/{size}",
            produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    ResponseEntity<Resource> picture(@PathVariable String sha256, @PathVariable DerivedSize size) {
        Path file =
                store.derived(new PhotoId(sha256), size == DerivedSize.small ? Derivatives.SMALL : Derivatives.LARGE);
        boolean clear = file.toString().endsWith(".png");
        return ResponseEntity.ok()
                .contentType(clear ? MediaType.IMAGE_PNG : MediaType.IMAGE_JPEG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(new FileSystemResource(file));
    }

    /** Lower case, as it stands in the address. */
    enum DerivedSize {
        small,
        large
    }
}
