package wovenset.core.piece;

import java.util.UUID;
import wovenset.core.geometry.Box;

/**
 * A photo that lies on the page itself and is seen through frames. Moving a frame never moves it.
 *
 * @param box that the whole photo, cropped to the box's proportion about its middle, takes on the page
 */
public record SharedPicture(UUID id, UUID entry, Box box) {}
