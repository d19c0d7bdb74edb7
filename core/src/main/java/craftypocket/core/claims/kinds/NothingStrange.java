package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Around;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.Values;

/** People see nothing up to now that goes against what they think, but for the surprises that are meant. */
public final class NothingStrange extends ClaimKind {

    public static final String ID = "nothing-strange";

    public NothingStrange() {
        super(ID, "Nothing strange to be seen", "Up to now people see nothing strange but the surprises");
    }

    @Override
    public Check check(Values values, Around around) {
        return hands -> true;
    }

    @Override
    public boolean bySight() {
        return true;
    }

    @Override
    public boolean onlyJudged() {
        return true;
    }
}
