package wovenset.core.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.PhotoInspector;
import wovenset.core.picture.PictureLimits;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.scene.SceneResolver;

/** Photos in a folder, for making files from in tests. */
final class Folder implements PhotoFiles, PhotoFacts {
    private final Path folder;
    private final Map<PhotoId, Original> originals = new HashMap<>();

    Folder(Path folder) {
        this.folder = folder;
    }

    Folder with(PhotoId id, byte[] file) {
        try {
            Path path = Files.write(folder.resolve(id.sha256()), file);
            originals.put(
                    id,
                    new Original(
                            path,
                            PhotoInspector.inspect(path, PictureLimits.USUAL),
                            path.getFileName().toString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return this;
    }

    SceneResolver resolver() {
        return new SceneResolver(this);
    }

    @Override
    public Original original(PhotoId photo) {
        return Optional.ofNullable(originals.get(photo))
                .orElseThrow(() -> new PhotoRasters.MissingPhotoException(Said.of(Reason.PHOTO_GONE), null));
    }

    @Override
    public Optional<Path> reduced(PhotoId photo, int longEdge) {
        Path derived = folder.resolve("derived").resolve(photo.sha256());
        Original original = original(photo);
        return Derivatives.atLeast(longEdge).stream()
                .filter(size -> size
                        < Math.max(original.header().width(), original.header().height()))
                .mapToObj(size -> {
                    if (Derivatives.find(derived, size).isEmpty()) {
                        Derivatives.make(original.file(), original.header(), derived);
                    }
                    return Derivatives.find(derived, size);
                })
                .flatMap(Optional::stream)
                .findFirst();
    }

    @Override
    public Optional<PixelSize> size(PhotoId photo) {
        return Optional.ofNullable(originals.get(photo))
                .map(one -> new PixelSize(one.header().width(), one.header().height()));
    }
}
