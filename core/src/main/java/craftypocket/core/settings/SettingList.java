package craftypocket.core.settings;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** The settings that one move or claim declares, in order. */
public final class SettingList {

    private final List<Setting> settings = new ArrayList<>();

    /** Adds a declaration; what it gives back is the handle by which the values are asked. */
    public Setting add(Setting declared) {
        Setting placed = declared.at(settings.size());
        settings.add(placed);
        return placed;
    }

    public List<Setting> all() {
        return Collections.unmodifiableList(settings);
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
