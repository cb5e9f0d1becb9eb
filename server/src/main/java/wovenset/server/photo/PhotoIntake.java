package wovenset.server.photo;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import wovenset.core.photo.PhotoId;
import wovenset.core.picture.PhotoInspector;
import wovenset.core.picture.PictureLimits;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;
import wovenset.server.said.Words;

/**
 * Takes in uploaded files one by one, ZIPs entry by entry, and says of each what became of it. Names from outside are
 * only ever shown. Files stay on the disk; at most one for each core is decoded at a time.
 */
@Service
public class PhotoIntake {
    private static final Logger LOG = LoggerFactory.getLogger(PhotoIntake.class);
    private static final int MOST_ENTRIES = 5000;
    private static final long MOST_UNPACKED = 6_000_000_000L;

    private final PhotoStore store;
    private final Semaphore permits =
            new Semaphore(Math.max(1, Math.min(2, Runtime.getRuntime().availableProcessors())));

    PhotoIntake(PhotoStore store) {
        this.store = store;
    }

    /** What became of a file; known is one whose photo the piece had already. */
    public enum Status {
        ADDED,
        KNOWN,
        REFUSED
    }

    /**
     * @param name the file's, with the ZIP's before it if it came in one
     * @param reason why it was refused; null if it was taken
     * @param file the photo's own name; null if it was refused
     */
    public record Result(
            String name,
            Status status,
            @Nullable String reason,
            @Nullable PhotoId photo,
            @JsonIgnore @Nullable String file) {
        /** This result for a piece with these photos, to which its own is added. */
        Result in(Set<PhotoId> piece) {
            return photo == null || piece.add(photo) ? this : new Result(name, Status.KNOWN, null, photo, file);
        }
    }

    /** Takes in an uploaded file, or all that is in it if it is a ZIP; it is gone afterwards. */
    public List<Result> take(Path upload, String name) {
        try {
            return isZip(upload) ? unpack(upload, name) : List.of(one(name, name, () -> upload));
        } catch (IOException e) {
            return List.of(refused(name, "The file could not be read."));
        }
    }

    private static boolean isZip(Path upload) throws IOException {
        try (InputStream in = Files.newInputStream(upload)) {
            byte[] start = in.readNBytes(4);
            return start.length == 4 && start[0] == 'P' && start[1] == 'K' && (start[2] == 3 || start[2] == 5);
        }
    }

    private List<Result> unpack(Path upload, String name) {
        List<Result> results = new ArrayList<>();
        try (ZipFile zip = new ZipFile(upload.toFile())) {
            if (zip.size() > MOST_ENTRIES) {
                return List.of(refused(name, "The ZIP holds more than " + MOST_ENTRIES + " files."));
            }
            long unpacked = 0;
            for (Enumeration<? extends ZipEntry> entries = zip.entries(); entries.hasMoreElements(); ) {
                ZipEntry entry = entries.nextElement();
                if (entry.isDirectory() || isSystemFile(entry.getName())) {
                    continue;
                }
                String shown = name + " › " + entry.getName();
                unpacked += Math.max(0, entry.getSize());
                if (unpacked > MOST_UNPACKED) {
                    results.add(refused(
                            shown,
                            "The ZIP unpacks to more than " + MOST_UNPACKED / 1_000_000_000
                                    + " GB; bring the rest in parts."));
                    break;
                }
                results.add(one(shown, fileName(entry.getName()), () -> read(zip, entry)));
            }
        } catch (IOException | IllegalArgumentException e) {
            results.add(refused(name, "The ZIP is damaged or cut short."));
        }
        return results.isEmpty() ? List.of(refused(name, "There are no photos in the ZIP.")) : results;
    }

    /** What file managers put into ZIPs unasked; all else is told of, whatever its name. */
    private static boolean isSystemFile(String path) {
        String last = fileName(path);
        return path.startsWith("__MACOSX/")
                || last.equals(".DS_Store")
                || last.equals("Thumbs.db")
                || last.equals("desktop.ini");
    }

    /** Behind the folders that stand before it, by either system's sign. */
    private static String fileName(String path) {
        return path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
    }

    /** Unpacks as much as the entry says it holds, and takes neither more nor less for an answer. */
    private Path read(ZipFile zip, ZipEntry entry) throws IOException {
        if (entry.getSize() > PictureLimits.USUAL.bytes()) {
            throw tooLarge();
        }
        Path arriving = store.arriving();
        try (InputStream in = zip.getInputStream(entry);
                OutputStream out = Files.newOutputStream(arriving, StandardOpenOption.CREATE_NEW)) {
            byte[] start = in.readNBytes(16);
            out.write(start);
            long size = start.length;
            byte[] block = new byte[1 << 16];
            boolean picture = PhotoInspector.looksLikePicture(start);
            for (int n = picture ? in.read(block) : -1; n > 0 && size <= entry.getSize(); n = in.read(block)) {
                out.write(block, 0, n);
                size += n;
            }
            if (picture && size != entry.getSize()) {
                throw new IOException("The entry is not as large as it says");
            }
            return arriving;
        } catch (IOException | RuntimeException e) {
            store.discard(arriving);
            throw e;
        }
    }

    private static RefusedPhotoException tooLarge() {
        return new RefusedPhotoException(Reason.FILE_TOO_LARGE, PictureLimits.USUAL.bytes() / 1_000_000);
    }

    private interface Source {
        Path read() throws IOException;
    }

    private Result one(String shown, String name, Source source) {
        permits.acquireUninterruptibly();
        try {
            StoredPhoto taken = store.take(source.read(), name);
            return new Result(shown, Status.ADDED, null, taken.id(), PhotoStore.cut(name));
        } catch (RefusedPhotoException e) {
            return refused(shown, Words.of(e.said()));
        } catch (IOException e) {
            return refused(shown, "The file is damaged and could not be read to its end.");
        } catch (OutOfMemoryError e) {
            LOG.warn("A photo needed more memory than there is: {}", shown);
            return refused(shown, "There is not enough memory for a picture of this size.");
        } finally {
            permits.release();
        }
    }

    static Result refused(String name, String reason) {
        return new Result(name, Status.REFUSED, reason, null, null);
    }
}
