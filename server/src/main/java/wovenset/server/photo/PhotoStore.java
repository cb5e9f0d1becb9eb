package wovenset.server.photo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;
import wovenset.core.output.PhotoFiles;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.LabColour;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.photo.Tones;
import wovenset.core.photo.Trait;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.EdgeSources;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.PhotoInspector;
import wovenset.core.picture.PictureLimits;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.server.WovensetProperties;
import wovenset.server.recent.Recent;
import wovenset.server.web.NotFoundException;

/** The folder of originals under their SHA-256, and of derived sizes that can always be made again. */
@Component
public class PhotoStore implements PhotoFacts, PhotoFiles {
    private static final Logger LOG = LoggerFactory.getLogger(PhotoStore.class);
    private static final int LONGEST_FILE_NAME = 200;

    private final PhotoRepository repository;
    private final TraitRepository traits;
    private final TransactionTemplate transaction;
    private final Path originals;
    private final Path derived;
    private final Path incoming;
    private final Clock clock;
    private final PhotoLooks looks = new PhotoLooks(this::derived);
    private final Recent<PhotoId, StoredPhoto> known = Recent.entries(20_000);

    PhotoStore(
            PhotoRepository repository,
            TraitRepository traits,
            TransactionTemplate transaction,
            WovensetProperties properties,
            Clock clock)
            throws IOException {
        this.repository = repository;
        this.traits = traits;
        this.transaction = transaction;
        this.clock = clock;
        originals = Files.createDirectories(properties.data().resolve("photos"));
        derived = Files.createDirectories(properties.data().resolve("derived"));
        incoming = Files.createDirectories(properties.data().resolve("incoming"));
        new LeftOvers(clock).remove(repository.names(), originals, derived, incoming);
    }

    /**
     * Stores a photo so that it survives a power cut once this returns. One that is stored already heals an original that is missing
     * or damaged.
     *
     * @param arriving a file on the store's own disk, which is moved or removed
     * @throws RefusedPhotoException if it is not taken in; nothing of it is left
     */
    public StoredPhoto take(Path arriving, String fileName) {
        try {
            PhotoHeader header = PhotoInspector.inspect(arriving, PictureLimits.USUAL);
            PhotoId id = new PhotoId(sha256(arriving));
            Optional<StoredPhoto> same = find(id);
            if (same.isPresent() && repository.touch(id, now())) {
                heal(arriving, id);
                return same.get();
            }
            long bytes = Files.size(arriving);
            // The disk is waited for while the processor is busy: first with its pixels, then with what they show.
            DiskWork flushed = DiskWork.begin(() -> flush(arriving));
            Derivatives.make(arriving, header, folder(derived, id));
            flushed.finish();
            DiskWork placed = DiskWork.begin(() -> place(arriving, id));
            Subject subject = looks.subject(id);
            placed.finish();
            StoredPhoto photo = new StoredPhoto(id, header, bytes, cut(fileName), subject);
            repository.insert(photo, now());
            known.put(id, photo);
            return photo;
        } catch (IOException | UncheckedIOException e) {
            throw new RefusedPhotoException(DiskTrouble.said(incoming, e), e);
        } finally {
            discard(arriving);
        }
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** What came in lasts from now on, wherever it lies. */
    private static void flush(Path arriving) throws IOException {
        try (FileChannel channel = FileChannel.open(arriving, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** Puts a file that lasts into its place, so that it is there after a power cut. */
    private void place(Path arriving, PhotoId id) throws IOException {
        Path original = originalPath(id);
        Files.createDirectories(original.getParent());
        Files.move(arriving, original, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        sync(Objects.requireNonNull(original.getParent()));
    }

    private void heal(Path arriving, PhotoId id) throws IOException {
        Path original = originalPath(id);
        if (!isWhole(original, id)) {
            LOG.warn("The original {} was missing or damaged and is restored", id.sha256());
            flush(arriving);
            place(arriving, id);
        }
    }

    private static boolean isWhole(Path original, PhotoId id) throws IOException {
        return Files.isReadable(original) && sha256(original).equals(id.sha256());
    }

    /** A name to show; it never becomes a path. */
    static String cut(String fileName) {
        String name = fileName.codePoints()
                .filter(c -> !Character.isISOControl(c))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        return name.codePointCount(0, name.length()) <= LONGEST_FILE_NAME
                ? name
                : name.substring(0, name.offsetByCodePoints(0, LONGEST_FILE_NAME - 1)) + "…";
    }

    /** A place for a file that is coming in, on the store's own disk; nothing is there yet. */
    public Path arriving() {
        return incoming.resolve(UUID.randomUUID().toString());
    }

    /** Removes what came in. One that cannot be removed goes with the next start. */
    void discard(Path arriving) {
        try {
            Files.deleteIfExists(arriving);
        } catch (IOException e) {
            LOG.warn("A file that came in could not be removed", e);
        }
    }

    /** A rename lasts only once its folder is on the disk, too. */
    private static void sync(Path folder) throws IOException {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }

    private static String sha256(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            byte[] block = new byte[1 << 16];
            for (int n = in.read(block); n > 0; n = in.read(block)) {
                digest.update(block, 0, n);
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Path folder(Path root, PhotoId id) {
        return root.resolve(id.sha256().substring(0, 2)).resolve(id.sha256());
    }

    private Path originalPath(PhotoId id) {
        return folder(originals, id);
    }

    /** Lets a copy of a piece know its photos by the names that the piece does. */
    public void copyNames(UUID piece, UUID copy) {
        repository.names(piece).forEach((photo, name) -> repository.name(copy, photo, name));
    }

    Optional<StoredPhoto> find(PhotoId id) {
        StoredPhoto cached = known.find(id);
        if (cached != null) {
            return Optional.of(cached);
        }
        Optional<StoredPhoto> found = repository.find(id);
        found.ifPresent(photo -> known.put(id, photo));
        return found;
    }

    public List<StoredPhoto> findAll(List<PhotoId> ids) {
        var byId = new HashMap<PhotoId, StoredPhoto>();
        repository.findAll(ids).forEach(photo -> byId.put(photo.id(), photo));
        return ids.stream().filter(byId::containsKey).map(byId::get).toList();
    }

    /** @throws NotFoundException if no such photo is stored */
    public PhotoHeader header(PhotoId id) {
        return find(id).map(StoredPhoto::header).orElseThrow(() -> new NotFoundException("No such photo is stored."));
    }

    /**
     * The file of a derived size, made again if it is missing.
     *
     * @throws PhotoRasters.MissingPhotoException naming the original that is missing or damaged
     */
    public Path derived(PhotoId id, int longEdge) {
        Path folder = folder(derived, id);
        return Derivatives.find(folder, longEdge).orElseGet(() -> {
            Original original = original(id);
            try {
                if (!isWhole(original.file(), id)) {
                    throw PhotoRasters.MissingPhotoException.damaged(original.name(), null);
                }
                Derivatives.make(original.file(), original.header(), folder);
                return Derivatives.find(folder, longEdge)
                        .orElseThrow(() -> new RefusedPhotoException(Reason.FILE_NOT_REDUCED));
            } catch (RefusedPhotoException | IOException e) {
                throw PhotoRasters.MissingPhotoException.damaged(original.name(), e);
            }
        });
    }

    @Override
    public Optional<Path> reduced(PhotoId id, int longEdge) {
        PhotoHeader header = original(id).header();
        return Derivatives.atLeast(longEdge).stream()
                .filter(size -> size < Math.max(header.width(), header.height()))
                .mapToObj(size -> derived(id, size))
                .findFirst();
    }

    @Override
    public String embeddedCaption(PhotoId id) {
        return find(id).map(photo -> photo.header().caption()).orElse("");
    }

    @Override
    public Optional<PixelSize> size(PhotoId id) {
        return find(id).map(photo ->
                new PixelSize(photo.header().width(), photo.header().height()));
    }

    @Override
    public Subject subject(PhotoId id) {
        StoredPhoto photo = find(id).orElse(null);
        if (photo == null) {
            return Subject.UNKNOWN;
        }
        if (photo.subject() != null) {
            return photo.subject();
        }
        Subject subject = looks.subject(id);
        repository.setSubject(id, subject);
        known.put(id, photo.withSubject(subject));
        return subject;
    }

    @Override
    public Map<PhotoId, Trait> traits(List<PhotoId> photos) {
        return traits.find(photos);
    }

    @Override
    public Map<PhotoId, PhotoNotes> notes(UUID piece, List<PhotoId> photos) {
        Map<PhotoId, String> names = repository.names(piece);
        Map<PhotoId, PhotoNotes> notes = new HashMap<>();
        findAll(photos)
                .forEach(photo -> notes.put(
                        photo.id(),
                        new PhotoNotes(
                                names.getOrDefault(photo.id(), photo.fileName()),
                                Optional.ofNullable(photo.header().takenAt()),
                                photo.header().caption(),
                                Optional.ofNullable(photo.header().place())
                                        .map(at -> new PhotoNotes.Place(at.latitude(), at.longitude())))));
        return notes;
    }

    /** What is seen of photos on their small pictures. */
    PhotoLooks looks() {
        return looks;
    }

    @Override
    public Optional<LabColour> colour(PhotoId id) {
        return find(id).flatMap(photo -> looks.mean(id));
    }

    @Override
    public Optional<Tones> tones(PhotoId id) {
        return find(id).flatMap(photo -> looks.tones(id));
    }

    @Override
    public Optional<PixelPlane> people(PhotoId photo) {
        return looks.people(photo);
    }

    @Override
    public Optional<BrushStroke.Point> like(PhotoId photo, BrushStroke stroke) {
        return looks.like(photo, stroke);
    }

    @Override
    public Optional<EdgeSources> edges(PhotoPixels pixels) {
        return looks.edges(pixels);
    }

    @Override
    public Optional<PixelPlane> parted(PhotoId photo, PixelPlane labels, boolean fresh) {
        return looks.parted(photo, labels, fresh);
    }

    @Override
    public Optional<ColourGrid> colours(PhotoId id, Region part, int columns, int rows) {
        return find(id).flatMap(photo -> looks.colours(id, part, columns, rows));
    }

    @Override
    public Original original(PhotoId id) {
        StoredPhoto photo =
                find(id).orElseThrow(() -> new PhotoRasters.MissingPhotoException(Said.of(Reason.PHOTO_GONE), null));
        if (!Files.isReadable(originalPath(id))) {
            throw new PhotoRasters.MissingPhotoException(Said.of(Reason.PHOTO_FILE_GONE, photo.fileName()), null);
        }
        // Decoders fill what is cut off with grey and say nothing.
        if (originalPath(id).toFile().length() != photo.bytes()) {
            throw PhotoRasters.MissingPhotoException.damaged(photo.fileName(), null);
        }
        return new Original(originalPath(id), photo.header(), photo.fileName());
    }

    /**
     * What is stored.
     *
     * @param bytes of the originals
     */
    public record Stored(int photos, long bytes) {}

    public Stored stored() {
        return repository.stored();
    }

    /** The folder of derived sizes, which can be made again at any time. */
    public Path derivedFolder() {
        return derived;
    }

    /**
     * Removes photos that came in before a time and that no piece shows, or could again by undo.
     *
     * @return the bytes of their originals
     */
    public long clearUnneeded(LocalDateTime before) {
        long bytes = 0;
        for (PhotoId id : repository.nameless(before)) {
            if (!repository.told(id)) {
                bytes += Objects.requireNonNull(transaction.execute(status -> forget(id, before)));
            }
        }
        return bytes;
    }

    /** Files go before the row is let go of: until then nobody can bring the photo in again. */
    private long forget(PhotoId id, LocalDateTime before) {
        if (!repository.delete(id, before)) {
            return 0;
        }
        known.forget(id);
        long bytes = originalPath(id).toFile().length();
        try {
            FileSystemUtils.deleteRecursively(folder(derived, id));
            Files.deleteIfExists(originalPath(id));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes;
    }
}
