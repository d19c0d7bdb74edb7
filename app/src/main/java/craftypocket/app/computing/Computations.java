package craftypocket.app.computing;

import craftypocket.core.solve.Effort;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Long computations under way, by the name under which whoever asked can stop them. */
@Component
public class Computations {

    /** What a computation may be called. */
    public static final String NAME = "[A-Za-z0-9-]{1,60}";

    public static final String NAME_RULE = "1 to 60 letters, digits and hyphens";

    /** One that is under way. */
    private static final class Running implements Effort {

        private volatile boolean stopped;
        private volatile double share;

        @Override
        public boolean stopped() {
            return stopped;
        }

        @Override
        public void reached(double reached) {
            share = Math.max(share, reached);
        }
    }

    private final Map<String, Running> running = new ConcurrentHashMap<>();

    /**
     * Does a computation that can be stopped meanwhile.
     *
     * @param name given by whoever asks; one of the same name that is under way is stopped
     * @param work is handed the question whether it should stop, and tells it how far it is
     */
    public <T> T during(String name, Function<Effort, T> work) {
        Running mine = new Running();
        Running earlier = running.put(name, mine);
        if (earlier != null) {
            earlier.stopped = true;
        }
        try {
            return work.apply(mine);
        } finally {
            running.remove(name, mine);
        }
    }

    /** Stops a computation; one that is over already is none of its concern. */
    void stop(String name) {
        Running one = running.get(name);
        if (one != null) {
            one.stopped = true;
        }
    }

    /** How far a computation is, from 0 to 1; 1 when it is not, or no longer, under way. */
    double share(String name) {
        Running one = running.get(name);
        return one == null ? 1 : one.share;
    }

    int count() {
        return running.size();
    }
}
