package craftypocket.core.settings;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A setting that takes the {@linkplain Beat beats} of a count, one after another. */
public final class BeatsSetting extends Setting {

    BeatsSetting(String name, String label, String usual) {
        super(Kind.BEATS, name, label, usual);
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new BeatsSetting(newName, newLabel, newUsual);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        List<Beat> beats = new ArrayList<>();
        for (String word : SettingReader.words(text)) {
            Optional<Beat> beat = Beat.read(word);
            if (beat.isEmpty()) {
                reader.problem(word, "it must be a beat", "Write " + Beat.FORMS);
            }
            beat.ifPresent(beats::add);
        }
        if (beats.size() > Beat.MOST_BEATS) {
            reader.problem(text, "there are more than " + Beat.MOST_BEATS + " beats", "Use fewer");
        }
        into.stateBeats(this, text, beats);
    }

    @Override
    String stated(Values values) {
        return Arrays.stream(values.text(this).split("[\\s,]+"))
                .flatMap(word -> Beat.read(word).stream())
                .map(Beat::words)
                .collect(Collectors.joining(", "));
    }
}
