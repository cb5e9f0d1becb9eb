package wovenset.server.shelf;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** All pieces on the shelf. */
@RestController
class ShelfController {
    private final ShelfRepository shelf;

    ShelfController(ShelfRepository shelf) {
        this.shelf = shelf;
    }

    @GetMapping("/api/pieces")
    List<ShelfItem> shelf() {
        return shelf.all();
    }
}
