package wovenset.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import wovenset.core.output.PhotoFiles;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.PhotoInspector;
import wovenset.core.picture.PictureLimits;
import wovenset.core.testing.Pieces;

/** Photos of files, each under its number. */
record StoredPhotos(Map<PhotoId, Original> originals) implements PhotoFiles, PhotoFacts {
    static StoredPhotos of(Map<Integer, Path> files) throws IOException {
        Map<PhotoId, Original> originals = new HashMap<>();
        for (var file : files.entrySet()) {
            originals.put(
                    Pieces.photo(file.getKey()),
                    new Original(
                            file.getValue(),
                            PhotoInspector.inspect(file.getValue(), PictureLimits.USUAL),
                            file.getValue().getFileName().toString()));
        }
        return new StoredPhotos(originals);
    }

    @Override
    public Original original(PhotoId photo) {
        return Objects.requireNonNull(originals.get(photo));
    }

    @Override
    public Optional<Path> reduced(PhotoId photo, int longEdge) {
        return Derivatives.atLeast(longEdge).stream()
                .mapToObj(size -> Derivatives.find(derived(photo), size))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Makes the smaller sizes, as they are once photos are brought in. */
    void reduce() {
        originals.forEach((photo, original) -> Derivatives.make(original.file(), original.header(), derived(photo)));
    }

    private Path derived(PhotoId photo) {
        return original(photo).file().resolveSibling("derived").resolve(photo.sha256());
    }

    @Override
    public Optional<PixelSize> size(PhotoId photo) {
        return Optional.ofNullable(originals.get(photo))
                .map(one -> new PixelSize(one.header().width(), one.header().height()));
    }
}
