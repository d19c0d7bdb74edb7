package craftypocket.core.claims;

import craftypocket.core.claims.kinds.AllLie;
import craftypocket.core.claims.kinds.BeliefsTrue;
import craftypocket.core.claims.kinds.BelievedSize;
import craftypocket.core.claims.kinds.BetweenTwo;
import craftypocket.core.claims.kinds.CardAt;
import craftypocket.core.claims.kinds.DirectlyAbove;
import craftypocket.core.claims.kinds.DirectlyBelow;
import craftypocket.core.claims.kinds.FaceUpCount;
import craftypocket.core.claims.kinds.FacesSeen;
import craftypocket.core.claims.kinds.Lies;
import craftypocket.core.claims.kinds.NameKnown;
import craftypocket.core.claims.kinds.NamedIsTheirs;
import craftypocket.core.claims.kinds.NeverSeen;
import craftypocket.core.claims.kinds.NextOfOrder;
import craftypocket.core.claims.kinds.NoFaceTwice;
import craftypocket.core.claims.kinds.NothingStrange;
import craftypocket.core.claims.kinds.NumberWas;
import craftypocket.core.claims.kinds.OnlyBacks;
import craftypocket.core.claims.kinds.OnlyFaceUp;
import craftypocket.core.claims.kinds.Opposite;
import craftypocket.core.claims.kinds.OwnCardUnseen;
import craftypocket.core.claims.kinds.PileOrder;
import craftypocket.core.claims.kinds.PileSize;
import craftypocket.core.claims.kinds.PlaceKnown;
import craftypocket.core.claims.kinds.Position;
import craftypocket.core.claims.kinds.PredictionMatches;
import craftypocket.core.claims.kinds.SameCard;
import craftypocket.core.claims.kinds.SameFaceUp;
import craftypocket.core.claims.kinds.SeenAtLeastOnce;
import craftypocket.core.claims.kinds.ThingLies;
import craftypocket.core.claims.kinds.Together;
import java.util.List;
import java.util.Optional;

/** All sorts of claims. A new one is a class in {@code kinds} and a line here. */
public final class ClaimKinds {

    public static final List<ClaimKind> ALL = List.of(
            new DirectlyBelow(),
            new DirectlyAbove(),
            new Position(),
            new BetweenTwo(),
            new Lies(),
            new OnlyFaceUp(),
            new PileSize(),
            new CardAt(),
            new FaceUpCount(),
            new SameFaceUp(),
            new NameKnown(),
            new NamedIsTheirs(),
            new PlaceKnown(),
            new SameCard(),
            new PileOrder(),
            new AllLie(),
            new Together(),
            new Opposite(),
            new NextOfOrder(),
            new PredictionMatches(),
            new ThingLies(),
            new NeverSeen(),
            new SeenAtLeastOnce(),
            new FacesSeen(),
            new OnlyBacks(),
            new OwnCardUnseen(),
            new NoFaceTwice(),
            new BelievedSize(),
            new BeliefsTrue(),
            new NothingStrange(),
            new NumberWas());

    private ClaimKinds() {}

    public static Optional<ClaimKind> find(String id) {
        return ALL.stream().filter(kind -> kind.id().equals(id)).findFirst();
    }
}
