package craftypocket.core.settings;

import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;

/** Which of all shuffles somebody does: it is never stated, and differs from world to world. */
public final class ChanceSetting extends NumberSetting {

    ChanceSetting() {
        super(Kind.CHANCE, "shuffle", "Which shuffle", "", "the shuffle is no. #");
        decidedBy(Decider.SPECTATOR);
    }

    @Override
    public int least(Hands hands, Values values) {
        return 1;
    }

    @Override
    public int most(Hands hands, Values values) {
        return Chance.MOST_SHUFFLES;
    }

    @Override
    public boolean possible(Hands hands, Values values) {
        return true;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return this;
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        if (!text.isEmpty()) {
            reader.problem(text, "a shuffle is left to chance", "Leave it empty; a way is chosen when you look");
        }
    }

    @Override
    String stated(Values values) {
        return "";
    }
}
