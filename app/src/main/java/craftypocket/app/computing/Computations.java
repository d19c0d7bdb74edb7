package craftypocket.app.computing;

import craftypocket.app.http.Gate;
import craftypocket.app.http.Refusal;
import craftypocket.core.solve.Effort;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

/**
 * Heavy work: surveys, sweeps, bridges, diagnoses. It is done in a small pool of its own, so that nothing else waits for it.
 *
 * <p>Of the work that waits the newest goes first, for that is what somebody looks at now. Each piece has a budget of time:
 * towards its end, what is exact but long gives way to what is quick; at its end the work answers with what it has.
 * While it waits or runs, a blank is written to whoever asked twenty times a second (JSON may begin with blanks): when that
 * cannot be written any more, they have left, and the work ends.
 */
@Component
public class Computations {

    /** What a computation may be called. */
    public static final String NAME = "[A-Za-z0-9-]{1,60}";

    public static final String NAME_RULE = "1 to 60 letters, digits and hyphens";

    /** One piece of work a core; within, a survey shares the pool's threads. */
    private static final int CORES = Runtime.getRuntime().availableProcessors();

    /** After this part of its time, what is exact gives way to what is quick. */
    private static final double PATIENCE = 0.75;

    /** More people than this do not ask one machine at the same time. */
    private static final int MOST_WAITING = 400;

    private static final Duration BEAT = Duration.ofMillis(50);

    /** One that waits or is under way. */
    private final class Work implements Effort {

        private final String name;
        private final ResponseBodyEmitter answer = new ResponseBodyEmitter(0L);
        private final Runnable task;
        private volatile boolean stopped;
        /** Nobody waits for the answer any more. */
        private volatile boolean gone;

        private volatile boolean hurried;
        private volatile double share;
        /** When it began to run, in nanoseconds; 0 while it waits. */
        private volatile long since;
        /** A blank and the answer are not written at the same time; somebody who reads slowly holds up nobody else. */
        private final Lock writing = new ReentrantLock();

        /** Guarded by the lock. */
        private boolean answered;

        <T> Work(String name, Function<Effort, T> does) {
            this.name = name;
            task = () -> end(does);
            answer.onError(failure -> left());
        }

        @Override
        public boolean stopped() {
            return stopped;
        }

        @Override
        public boolean hurried() {
            return hurried;
        }

        @Override
        public void reached(double reached) {
            share = Math.max(share, reached);
        }

        private void left() {
            gone = true;
            stopped = true;
        }

        /**
         * Does it and answers. Once somebody has left, the server takes the request apart by itself, and nothing of it may be
         * touched any more.
         */
        private <T> void end(Function<Effort, T> does) {
            if (gone) {
                return;
            }
            try {
                T found = does.apply(this);
                write(() -> {
                    answer.send(found, MediaType.APPLICATION_JSON);
                    answer.complete();
                });
            } catch (RuntimeException | Error failed) {
                write(() -> answer.completeWithError(failed));
            }
        }

        /** Writes the end of the answer, unless they have left. */
        private void write(Writing end) {
            writing.lock();
            try {
                answered = true;
                if (!gone) {
                    end.write();
                }
            } catch (IOException broken) {
                left();
            } finally {
                writing.unlock();
            }
        }

        /** Looks whether there is still time, and still somebody who waits. */
        private void beat(long now) {
            if (since != 0) {
                long spent = now - since;
                hurried = spent > PATIENCE * budget.toNanos();
                stopped |= spent > budget.toNanos();
            }
            if (writing.tryLock()) {
                try {
                    if (!answered && !gone) {
                        answer.send(" ", MediaType.TEXT_PLAIN);
                    }
                } catch (IOException | RuntimeException broken) {
                    left();
                } finally {
                    writing.unlock();
                }
            }
        }
    }

    /** What writes to whoever asked. */
    @FunctionalInterface
    private interface Writing {
        void write() throws IOException;
    }

    private final ForkJoinPool pool = new ForkJoinPool(CORES);
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(Computations::daemon);
    private final Map<String, Work> named = new ConcurrentHashMap<>();
    /** What is under way. */
    private final Set<Work> running = ConcurrentHashMap.newKeySet();
    /** The newest first; guarded by itself. */
    private final Deque<Work> waiting = new ArrayDeque<>();
    /** Whether it is being looked at who has left: none of what waits begins meanwhile. Guarded by what waits. */
    private boolean looking;

    /** Whether the program ends; guarded by what waits. */
    private boolean closed;

    private final Duration budget;

    /** @param budget how long one piece of work may run: a performer does not wait longer, and nobody is kept waiting longer by it */
    Computations(@Value("${crafty.budget}") Duration budget) {
        this.budget = budget;
        clock.scheduleAtFixedRate(this::beat, BEAT.toMillis(), BEAT.toMillis(), TimeUnit.MILLISECONDS);
    }

    private static Thread daemon(Runnable task) {
        Thread thread = new Thread(task, "beat");
        thread.setDaemon(true);
        return thread;
    }

    /**
     * Answers a request by a computation that can be stopped meanwhile. Whatever can be refused is to be refused before.
     *
     * @param asked the name that whoever asks gave it; one of the same name that waits or is under way is stopped; may be null
     * @param does is handed the question whether it should stop, and tells it how far it is
     */
    public <T> ResponseEntity<ResponseBodyEmitter> answer(String asked, Function<Effort, T> does) {
        String name = asked == null ? UUID.randomUUID().toString() : asked;
        Work work = new Work(name, does);
        synchronized (waiting) {
            if (closed || waiting.size() >= MOST_WAITING) {
                throw new Refusal(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "Busy",
                        "Too much is being worked out at the moment. Wait a little and ask again.");
            }
        }
        Gate.afterwards(() -> take(work));
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(work.answer);
    }

    /** Puts it first in the queue, in the place of an earlier one of its name. */
    private void take(Work work) {
        Work earlier = named.put(work.name, work);
        if (earlier != null) {
            end(earlier);
        }
        synchronized (waiting) {
            if (closed) {
                work.answer.complete();
            } else {
                waiting.addFirst(work);
            }
        }
        next();
    }

    /** Starts what waits while there is a core for it. */
    private void next() {
        synchronized (waiting) {
            while (!closed && !looking && running.size() < CORES && !waiting.isEmpty()) {
                Work work = waiting.removeFirst();
                running.add(work);
                work.since = System.nanoTime();
                pool.execute(() -> run(work));
            }
        }
    }

    private void run(Work work) {
        try {
            work.task.run();
        } finally {
            running.remove(work);
            named.remove(work.name, work);
            next();
        }
    }

    private void beat() {
        long now = System.nanoTime();
        Work[] all;
        synchronized (waiting) {
            all = waiting.toArray(Work[]::new);
            looking = true;
        }
        try {
            running.forEach(work -> work.beat(now));
            for (Work work : all) {
                work.beat(now);
                if (work.gone) {
                    end(work);
                }
            }
        } finally {
            synchronized (waiting) {
                looking = false;
            }
            next();
        }
    }

    /** Ends a piece of work: what runs answers with what it has; what has not begun is done in no time, being stopped. */
    private void end(Work work) {
        work.stopped = true;
        boolean waited;
        synchronized (waiting) {
            waited = waiting.remove(work);
        }
        if (waited) {
            named.remove(work.name, work);
            pool.execute(work.task);
        }
    }

    /** Stops a computation; one that is over already is none of its concern. */
    void stop(String name) {
        Work work = named.get(name);
        if (work != null) {
            end(work);
        }
    }

    /** How far a computation is, from 0 to 1; 1 when it is not, or no longer, under way. */
    double share(String name) {
        Work work = named.get(name);
        return work == null ? 1 : work.share;
    }

    /** How many wait or are under way. */
    int count() {
        synchronized (waiting) {
            return waiting.size() + running.size();
        }
    }

    /** Whatever runs ends at once, so that the program can. */
    @EventListener(ContextClosedEvent.class)
    void closing() {
        synchronized (waiting) {
            closed = true;
            for (Iterator<Work> each = waiting.iterator(); each.hasNext(); each.remove()) {
                each.next().answer.complete();
            }
        }
        running.forEach(work -> work.stopped = true);
        clock.shutdownNow();
    }
}
