package craftypocket.app.moves;

import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.moves.AllMoves;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/catalogue")
class MovesController {

    private final CatalogueDocument catalogue = CatalogueDocument.of(AllMoves.CATALOGUE, ClaimKinds.ALL);

    /** All moves and sorts of claims. */
    @GetMapping
    CatalogueDocument catalogue() {
        return catalogue;
    }
}
