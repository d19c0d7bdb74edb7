package craftypocket.core.invent;

import craftypocket.core.moves.Move;
import craftypocket.core.settings.Setting;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The settings with which a move is tried. */
final class Settings {

    private static final Set<Setting.Kind> ONCE = EnumSet.of(Setting.Kind.PLACE, Setting.Kind.ROLE);

    private record Tried(Setting setting, String text) {

        /**
         * Whether it is a place or a role that another one is too, and not as the move usually has them, such as what is stripped out
         * onto the deck.
         */
        boolean takes(Tried other) {
            boolean usual = text.equals(setting.usual()) && text.equals(other.setting.usual());
            return ONCE.contains(setting.kind())
                    && setting.kind() == other.setting.kind()
                    && text.equals(other.text)
                    && !usual;
        }
    }

    private Settings() {}

    /**
     * All of them together, but for those in which two places or two roles are the same.
     *
     * @param texts what is tried for a setting
     */
    static List<Map<String, String>> each(Move move, Function<Setting, List<String>> texts) {
        List<List<Tried>> all = List.of(List.of());
        for (Setting setting : move.settings().all()) {
            List<Tried> tried = texts.apply(setting).stream()
                    .map(text -> new Tried(setting, text))
                    .toList();
            all = all.stream()
                    .flatMap(before -> tried.stream()
                            .filter(next -> before.stream().noneMatch(next::takes))
                            .map(next -> Stream.concat(before.stream(), Stream.of(next))
                                    .toList()))
                    .toList();
        }
        return all.stream()
                .map(sets -> sets.stream().collect(Collectors.toMap(set -> set.setting.name(), Tried::text)))
                .toList();
    }
}
