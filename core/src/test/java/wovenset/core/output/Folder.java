package wovenset.core.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.picture.PhotoInspector;
import wovenset.core.picture.PictureLimits;
import wovenset.core.piece.PhotoId;
import wovenset.core.scene.PhotoSizes;
import wovenset.core.scene.SceneResolver;
import wovenset.core.scene.SharpnessLimits;

/** Photos in a folder, for making files from in tests. */
final class Folder implements PhotoFiles, PhotoSizes {
    private final Path folder;
    private final Map<PhotoId, Original> originals = new HashMap<>();

    Folder(Path folder) {
        this.folder = folder;
    }

    Folder with(PhotoId id, byte[] file) {
        try {
            originals.put(
                    id,
                    new Original(
                            Files.write(folder.resolve(id.sha256()), file),
                            PhotoInspector.inspect(file, PictureLimits.USUAL)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return this;
    }

    SceneResolver resolver() {
        return new SceneResolver(this, SharpnessLimits.USUAL);
    }

    @Override
    public Original original(PhotoId photo) {
        return Optional.ofNullable(originals.get(photo))
                .orElseThrow(() -> new PhotoRasters.MissingPhotoException("gone", null));
    }

    @Override
    public Optional<PixelSize> size(PhotoId photo) {
        return Optional.ofNullable(originals.get(photo))
                .map(one -> new PixelSize(one.header().width(), one.header().height()));
    }
}
