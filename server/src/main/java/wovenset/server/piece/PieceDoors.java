package wovenset.server.piece;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import wovenset.core.photo.PhotoId;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.server.photo.PhotoGathering;
import wovenset.server.scene.PageLookup;

/** What pieces offer to the rooms that may not know them. */
@Configuration
class PieceDoors {
    @Bean
    PageLookup pageLookup(PieceService pieces) {
        return (piece, page) -> {
            StoredPiece stored = pieces.get(piece);
            return stored.piece()
                    .page(page)
                    .map(content -> new PageLookup.FoundPage(stored.piece(), content, stored.lookOf(content)));
        };
    }

    @Bean
    PhotoGathering photoGathering(PieceService pieces) {
        return new PhotoGathering() {
            @Override
            public Set<PhotoId> add(UUID piece, List<PhotoId> photos, String batch, @Nullable String window) {
                Set<PhotoId> there = new HashSet<>(photos(
                        pieces.addPhotos(piece, photos, batch, window).before().piece()));
                there.retainAll(photos);
                return there;
            }

            @Override
            public List<PhotoId> gathered(UUID piece) {
                return photos(pieces.get(piece).piece());
            }
        };
    }

    private static List<PhotoId> photos(Piece piece) {
        return piece.entries().list().stream().map(Entry::photo).distinct().toList();
    }
}
