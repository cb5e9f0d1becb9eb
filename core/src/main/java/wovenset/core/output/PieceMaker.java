package wovenset.core.output;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import wovenset.core.paint.PaintMemory;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;

/** Makes the file that a person takes away: one PDF, one image, or a ZIP of images. */
public final class PieceMaker {
    private final SceneResolver resolver;
    private final PhotoFiles files;
    private final PaintMemory memory;
    private final Clock clock;

    /** @param memory that all makers share */
    public PieceMaker(SceneResolver resolver, PhotoFiles files, PaintMemory memory, Clock clock) {
        this.memory = memory;
        this.resolver = resolver;
        this.files = files;
        this.clock = clock;
    }

    /** What was made: the file, and the name it should have for the person. */
    public record Made(Path file, String name) {}

    /**
     * Makes the file in a folder, under a temporary name that the caller may change.
     *
     * @throws MakeRefusedException if it cannot be made as asked
     * @throws MakeProgress.MakeCancelledException if the person stopped it; nothing is left behind
     * @throws wovenset.core.paint.PhotoRasters.MissingPhotoException if a photo's file is gone
     */
    public Made make(Piece piece, MakeRequest request, Path folder, MakeProgress progress) throws IOException {
        for (int page : request.pages()) {
            if (page < 0 || page >= piece.pages().size()) {
                throw new MakeRefusedException(Reason.MAKE_PAGES, piece.pages().size());
            }
        }
        Path target = Files.createTempFile(folder, "make", ".part");
        try {
            String name = request.kind() == MakeRequest.Kind.PDF
                    ? pdf(piece, request, target, progress)
                    : images(piece, request, target, progress);
            return new Made(target, name);
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(target);
            throw e;
        }
    }

    private List<PageScene> scenes(Piece piece, MakeRequest request) {
        List<PageScene> pages = request.pages().stream()
                .map(index -> resolver.resolve(piece, piece.pages().get(index)))
                .toList();
        return request.fold().map(fold -> FoldedSheets.of(pages, fold)).orElse(pages);
    }

    private String pdf(Piece piece, MakeRequest request, Path target, MakeProgress progress) throws IOException {
        new PdfWriter(files, request)
                .write(
                        piece.name(),
                        piece.styles().language(),
                        scenes(piece, request),
                        clock.instant(),
                        target,
                        progress);
        return FileNames.pdf(piece.name(), request.pages(), piece.pages().size());
    }

    private String images(Piece piece, MakeRequest request, Path target, MakeProgress progress) throws IOException {
        List<PageScene> scenes = scenes(piece, request);
        PageImageWriter writer = new PageImageWriter(rasters(files, request), memory, request);
        if (scenes.size() == 1) {
            writer.write(scenes.get(0), target, progress, 0, 1);
            return imageName(piece, request, 0, writer.extent(scenes.get(0)));
        }
        scenes.forEach(writer::extent);
        Path image = Files.createTempFile(target.getParent(), "page", ".part");
        try (OutputStream out = Files.newOutputStream(target);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.setLevel(0);
            for (int i = 0; i < scenes.size(); i++) {
                writer.write(scenes.get(i), image, progress, (double) i / scenes.size(), (i + 1.0) / scenes.size());
                zip.putNextEntry(new ZipEntry(imageName(piece, request, i, writer.extent(scenes.get(i)))));
                Files.copy(image, zip);
                zip.closeEntry();
            }
        } finally {
            Files.deleteIfExists(image);
        }
        return FileNames.archive(piece.name(), request.kind().name());
    }

    static ExportRasters rasters(PhotoFiles files, MakeRequest request) {
        return new ExportRasters(
                files, request.sharpening(), request.resolution().pixelsPerMm());
    }

    /** How many of the photos of a PDF go into it in which way; those whose files are gone are not counted. */
    public Map<Passing, Integer> passing(Piece piece, MakeRequest request) {
        return PdfPhotos.passing(files, request, scenes(piece, request));
    }

    private static String imageName(Piece piece, MakeRequest request, int index, PageImageWriter.PixelExtent extent) {
        return FileNames.image(
                piece.name(),
                request.fold().isPresent() ? index : request.pages().get(index),
                piece.pages().size(),
                extent.width(),
                extent.height(),
                request.kind().extension());
    }
}
