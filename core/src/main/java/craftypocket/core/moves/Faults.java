package craftypocket.core.moves;

import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.BeatsSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.List;

/**
 * What mostly goes wrong in a move, in a few words each, as a run is marked with it afterwards. It follows from what the
 * move asks of hands: numbers, beats, a gap that is kept, something that must not be seen; and of somebody who does what
 * they are told while nobody looks.
 */
final class Faults {

    private Faults() {}

    static List<String> of(Move move) {
        List<Setting> settings = move.settings().all();
        List<String> faults = new ArrayList<>();
        if (move.profile().actor() == Profile.Actor.SPECTATOR) {
            if (settings.stream().anyMatch(Faults::takesNumber)) {
                faults.add("they took one too many");
                faults.add("they took one too few");
            }
            if (settings.stream()
                            .anyMatch(each -> each instanceof RoleSetting role && role.use() != RoleSetting.Use.NAMES)
                    || move.family() == Family.CUTS) {
                faults.add("they put the packet underneath");
            }
            faults.add("they did something else");
            faults.add("told them too little");
            return faults;
        }
        if (move.family() == Family.BESIDE) {
            return List.of("wrong words", "too fast", "looked at the hands", "froze");
        }
        if (move.has(Trait.JOGS)) {
            faults.add("jog lost");
        }
        if (move.has(Trait.HOLDS_BREAK) || settings.stream().anyMatch(Fingers::chosenBy)) {
            faults.add("break lost");
        }
        if (settings.stream().anyMatch(BeatsSetting.class::isInstance)) {
            faults.add("a beat took two");
            faults.add("uneven beats");
        }
        if (settings.stream().anyMatch(each -> takesNumber(each) && each.decider() == Setting.Decider.PERFORMER)) {
            faults.add("took two");
            faults.add("lost count");
        }
        if (settings.stream().anyMatch(each -> takesNumber(each) && each.decider() == Setting.Decider.SPECTATOR)) {
            faults.add("missed their stop");
        }
        if (move.profile().secret() || move.has(Trait.SHOWS_FACES)) {
            faults.add("flash");
        }
        faults.add("too fast");
        if (move.has(Trait.ANNOUNCES) || move.family() == Family.REVEALS) {
            faults.add("wrong words");
        }
        faults.add("froze");
        return faults;
    }

    private static boolean takesNumber(Setting setting) {
        return setting instanceof AmountSetting || setting instanceof ChunksSetting;
    }
}
