package wovenset.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wovenset.server.make.MadeFiles;
import wovenset.server.photo.PhotoStore;
import wovenset.server.setting.SettingService;
import wovenset.server.shelf.DeletedPieceRepository;
import wovenset.server.web.NotFoundException;

/** What takes how much, and removing what is no longer wanted. */
@RestController
@RequestMapping("/api/storage")
class StorageController {
    private final StorageRepository repository;
    private final DeletedPieceRepository deleted;
    private final PhotoStore photos;
    private final MadeFiles made;
    private final SettingService settings;
    private final Clearing clearing;

    StorageController(
            StorageRepository repository,
            DeletedPieceRepository deleted,
            PhotoStore photos,
            MadeFiles made,
            SettingService settings,
            Clearing clearing) {
        this.repository = repository;
        this.deleted = deleted;
        this.photos = photos;
        this.made = made;
        this.settings = settings;
        this.clearing = clearing;
    }

    @GetMapping
    StorageView storage() throws IOException {
        PhotoStore.Stored stored = photos.stored();
        MadeFiles.Made files = made.made();
        int days = settings.keeping().days();
        List<StorageView.DeletedView> gone = deleted.all().stream()
                .map(piece -> new StorageView.DeletedView(
                        piece.id(), piece.name(), piece.at() + "Z", piece.at().plusDays(days) + "Z"))
                .toList();
        return new StorageView(
                new StorageView.Part(stored.photos(), stored.bytes()),
                below(photos.derivedFolder()),
                new StorageView.Part(files.files(), files.bytes()),
                repository.pieces(),
                Files.getFileStore(photos.derivedFolder()).getUsableSpace(),
                days,
                gone);
    }

    private static StorageView.Part below(Path folder) throws IOException {
        try (Stream<Path> walk = Files.walk(folder)) {
            List<Path> files = walk.filter(Files::isRegularFile).toList();
            return new StorageView.Part(
                    files.size(),
                    files.stream().mapToLong(file -> file.toFile().length()).sum());
        }
    }

    /** Deletes a piece for good that is off the shelf already. */
    @DeleteMapping("/pieces/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        if (!deleted.remove(id)) {
            throw new NotFoundException("This piece is not among those that were deleted.");
        }
    }

    /** Removes all files that were made; they can be made again. */
    @DeleteMapping("/made")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeMade() {
        made.removeAll();
    }

    /** Gives back now what would be given back in some hours. */
    @PostMapping("/clear")
    StorageView clear() throws IOException {
        clearing.clear();
        return storage();
    }
}
