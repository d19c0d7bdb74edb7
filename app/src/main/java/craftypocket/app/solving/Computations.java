package craftypocket.app.solving;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Long computations under way, by the name under which whoever asked can stop them. */
@Component
class Computations {

    private final Map<String, AtomicBoolean> running = new ConcurrentHashMap<>();

    /**
     * Does a computation that can be stopped meanwhile.
     *
     * @param name given by whoever asks; one of the same name that is under way is stopped
     * @param work is handed the question whether it should stop
     */
    <T> T during(String name, Function<BooleanSupplier, T> work) {
        AtomicBoolean stop = new AtomicBoolean();
        AtomicBoolean earlier = running.put(name, stop);
        if (earlier != null) {
            earlier.set(true);
        }
        try {
            return work.apply(stop::get);
        } finally {
            running.remove(name, stop);
        }
    }

    void stop(String name) {
        AtomicBoolean stop = running.get(name);
        if (stop != null) {
            stop.set(true);
        }
    }

    int count() {
        return running.size();
    }
}
