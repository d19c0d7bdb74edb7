package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Chunks;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Chunks are drawn from the top to the other palm; after a halt, all that is left is thrown on them. */
final class Hindu extends Move {

    private static final Option THEM = new Option("them", "shown to them");

    private static final Option NOT_SHOWN = new Option("no", "kept tipped down");

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final ChunksSetting chunks =
            has(Setting.chunks("chunks", "Chunks drawn off, then the throw", "7 8 6 rest", sizeLess(pile, 0))
                    .roughly());
    private final OptionSetting face = has(Setting.option(
            "face", "Face of the packet at the halt", NOT_SHOWN, THEM, new Option("you", "glimpsed by you")));

    Hindu() {
        super(
                "hindu",
                Family.SHUFFLES,
                "Hindu shuffle",
                Profile.open(2),
                new Words(
                        "Hindu shuffle {pile}: draw off {chunks}; face {face}.",
                        "As an overhand shuffle. The bottom block travels last; its bottom card is the face seen at a halt.",
                        "Stop on their word, not on yours.",
                        List.of("Draw packets of one size.", "Keep the face down until you mean to show it.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int size = hands.size(place);
        if (values.of(face) == THEM) {
            hands.showing().showUnder(place, size);
        } else if (values.of(face) != NOT_SHOWN) {
            hands.showing().glimpseUnder(place, size);
        }
        Chunks.shuffle(hands, values, place, chunks, 0, size);
    }
}
