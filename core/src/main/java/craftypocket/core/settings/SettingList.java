package craftypocket.core.settings;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** The settings that one move or claim declares, in order. */
public final class SettingList {

    private final List<Setting> settings = new ArrayList<>();
    private PlaceSetting pile;

    /** Adds a declaration, and gives it back as the handle by which its value is asked. */
    public <S extends Setting> S add(S declared) {
        declared.placed(settings.size());
        settings.add(declared);
        if (declared instanceof PlaceSetting place
                && (pile == null || place.name().equals("pile"))) {
            pile = place;
        }
        return declared;
    }

    public List<Setting> all() {
        return Collections.unmodifiableList(settings);
    }

    /** The pile that is acted on: the place of this name, or else the first; null when there is none. */
    PlaceSetting pile() {
        return pile;
    }

    public Optional<Setting> named(String name) {
        for (Setting setting : settings) {
            if (setting.name().equals(name)) {
                return Optional.of(setting);
            }
        }
        return Optional.empty();
    }
}
