package wovenset.server.upgrade;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Subject;
import wovenset.core.picture.Orientation;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;

/** What the database knows of photos, before the application is up. */
final class StoredPhotoFacts implements PhotoFacts {
    private record Known(PixelSize size, Subject subject, String caption) {}

    private final Map<PhotoId, Known> known = new HashMap<>();

    StoredPhotoFacts(Connection database, Documents documents) throws SQLException {
        try (PreparedStatement query = database.prepareStatement(
                        "SELECT sha256, stored_width, stored_height, orientation, subject, caption FROM photo");
                ResultSet row = query.executeQuery()) {
            while (row.next()) {
                boolean swapped = Orientation.ofTag(row.getInt(4)).swapsSides();
                PixelSize size = new PixelSize(row.getInt(swapped ? 3 : 2), row.getInt(swapped ? 2 : 3));
                String subject = row.getString(5);
                known.put(
                        new PhotoId(row.getString(1)),
                        new Known(
                                size,
                                subject == null
                                        ? Subject.UNKNOWN
                                        : documents.read(DocumentType.SUBJECT, subject, Subject.class),
                                row.getString(6)));
            }
        }
    }

    private Optional<Known> find(PhotoId photo) {
        return Optional.ofNullable(known.get(photo));
    }

    @Override
    public Optional<PixelSize> size(PhotoId photo) {
        return find(photo).map(Known::size);
    }

    @Override
    public Subject subject(PhotoId photo) {
        return find(photo).map(Known::subject).orElse(Subject.UNKNOWN);
    }

    @Override
    public String embeddedCaption(PhotoId photo) {
        return find(photo).map(Known::caption).orElse("");
    }
}
