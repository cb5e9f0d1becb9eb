package wovenset.server.photo;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.output.PhotoFiles;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.retouch.PrintCut;
import wovenset.server.photo.PhotoController.IntakeAnswer;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.RequiredFields;
import wovenset.server.web.UnfitRequestException;

/** One scan of several paper prints becomes so many photos; the scan stays as it is. */
@RestController
class ScanController {
    private static final int MOST_PRINTS = 40;
    /** More of a scan than any print needs, and all that memory holds. */
    private static final double MOST_PIXELS = 40e6;

    private final PhotoStore store;
    private final PhotoIntake intake;
    private final PhotoGathering gathering;
    private final PhotoArrival arrival;
    /** A whole scan is in memory while it is cut: several at once would be more than the heap. */
    private final Lock oneByOne = new ReentrantLock();

    ScanController(PhotoStore store, PhotoIntake intake, PhotoGathering gathering, PhotoArrival arrival) {
        this.store = store;
        this.intake = intake;
        this.gathering = gathering;
        this.arrival = arrival;
    }

    /** Where prints lie on a scan, row by row. */
    @GetMapping("/api/photos/{sha256}/prints")
    List<FacedPlane> found(@PathVariable String sha256) {
        return store.looks().prints(new PhotoId(sha256));
    }

    /**
     * @param prints 1 to {@value #MOST_PRINTS}
     * @param batch names what comes of it, which is one step of the history
     */
    record PartRequest(List<FacedPlane> prints, String batch, @Nullable String window) {}

    /** Cuts prints out, each straight, as photos of the piece. */
    @PostMapping("/api/pieces/{piece}/scans/{sha256}/prints")
    IntakeAnswer part(@PathVariable UUID piece, @PathVariable String sha256, @RequestBody PartRequest request) {
        RequiredFields.check(request);
        PhotoArrival.checkBatch(request.batch());
        if (request.prints().isEmpty() || request.prints().size() > MOST_PRINTS) {
            throw new UnfitRequestException("A scan is parted into 1 to " + MOST_PRINTS + " prints");
        }
        PhotoId scan = new PhotoId(sha256);
        if (!gathering.gathered(piece).contains(scan)) {
            throw new NotFoundException("This piece has no such photo.");
        }
        List<PhotoIntake.Result> cut = cutAlone(scan, request.prints());
        return new IntakeAnswer(arrival.into(piece, cut, request.batch(), request.window()));
    }

    private List<PhotoIntake.Result> cutAlone(PhotoId scan, List<FacedPlane> prints) {
        oneByOne.lock();
        try {
            return cut(scan, prints);
        } finally {
            oneByOne.unlock();
        }
    }

    private List<PhotoIntake.Result> cut(PhotoId scan, List<FacedPlane> prints) {
        PhotoFiles.Original original = store.original(scan);
        PhotoHeader header = original.header();
        int longEdge = Math.max(header.width(), header.height());
        double share = Math.min(1, Math.sqrt(MOST_PIXELS / ((double) header.width() * header.height())));
        BufferedImage picture = PhotoDecoder.decode(original.file(), header, (int) Math.ceil(longEdge * share));
        List<PhotoIntake.Result> results = new ArrayList<>();
        for (FacedPlane print : prints) {
            results.addAll(cut(picture, print, name(original.name(), results.size() + 1)));
        }
        return results;
    }

    private List<PhotoIntake.Result> cut(BufferedImage picture, FacedPlane print, String name) {
        Path file = store.arriving();
        try {
            Files.write(file, PrintCut.jpeg(picture, print));
            return intake.take(file, name);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            store.discard(file);
        }
    }

    private static String name(String scan, int number) {
        int dot = scan.lastIndexOf('.');
        return (dot > 0 ? scan.substring(0, dot) : scan) + ", print " + number + ".jpg";
    }
}
