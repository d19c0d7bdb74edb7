package craftypocket.core.seem;

import craftypocket.core.claims.ClaimSpec;
import java.util.Optional;

/**
 * Something that lies otherwise in the end than they think.
 *
 * @param sentence what, in words
 * @param clean what would be so if it were put right; empty where no claim says it
 */
public record Unclean(String sentence, Optional<ClaimSpec> clean) {}
