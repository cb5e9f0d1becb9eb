package wovenset.server.piece;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import wovenset.core.piece.PhotoId;
import wovenset.server.photo.PhotoGathering;
import wovenset.server.scene.PageLookup;

/** What pieces offer to the rooms that may not know them. */
@Configuration
class PieceDoors {
    @Bean
    PageLookup pageLookup(PieceRepository repository) {
        return (piece, page) -> repository.find(piece).map(StoredPiece::piece).flatMap(found -> found.page(page)
                .map(content -> new PageLookup.FoundPage(found, content)));
    }

    @Bean
    PhotoGathering photoGathering(PieceService pieces) {
        return new PhotoGathering() {
            @Override
            public Set<PhotoId> add(UUID piece, List<PhotoId> photos, String batch, @Nullable String window) {
                Set<PhotoId> there = new HashSet<>(
                        pieces.addPhotos(piece, photos, batch, window).before().photos());
                there.retainAll(photos);
                return there;
            }

            @Override
            public List<PhotoId> gathered(UUID piece) {
                return pieces.get(piece).piece().photos();
            }
        };
    }
}
