package craftypocket.core.edit;

import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.Line;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.World;
import java.util.List;

/** Follows a card more. */
public final class AddingRoles {

    private AddingRoles() {}

    /**
     * The routine with a role more, which no step is about yet: with the next free letter, for a selection somebody who has no card
     * yet, for a slug the top cards. Which card a key or a force card is may be found out on the way.
     *
     * @throws craftypocket.core.settings.ProblemsFound when there are too many roles then
     */
    public static Edited of(Routine routine, RoleKind kind, Catalogue catalogue) {
        Routine start = Line.main(routine).routine().withSteps(List.of());
        Routine made = kind == RoleKind.KEY || kind == RoleKind.FORCE
                ? Casting.made(routine, kind, "", "")
                : new Casting(routine, start, World.USUAL, catalogue).made(kind);
        String letter = made.roles().get(made.roles().size() - 1).letter();
        return new Edited(made, "", "Card " + letter + " is followed now.");
    }
}
