package craftypocket.app.computing;

import craftypocket.app.http.Gate;
import craftypocket.app.http.Refusal;
import craftypocket.core.solve.Effort;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
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
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.context.request.async.DeferredResult;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

/**
 * Heavy work: surveys, sweeps, bridges, diagnoses, evenings, sheets, tables and backups. It is done in a small pool of its own,
 * so that nothing else waits for it, in fair turns ({@link Turns}).
 *
 * <p>Each piece has a budget of time: towards its end, what is exact but long gives way to what is quick; at its end the work
 * answers with what it has. While JSON is awaited, a blank is written to whoever asked twenty times a second (JSON may begin with
 * blanks): when that cannot be written any more, they have left, and the work ends. A file is answered as a whole.
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

    /** What is not answered after this time is glanced at; and again after each time that is so many times as long. */
    private static final Duration GLANCE_AFTER = Duration.ofMillis(50);

    private static final int WIDER = 4;

    /** How many ways a glance has, as whoever waits wants to see something, and not to wait for that too. */
    private static final int FIRST_GLANCE = 200;

    private static final int WIDEST_GLANCE = 13_000;

    /** The header by which a page says which one it is. */
    public static final String PAGE = "Page-Id";

    private static final int LONGEST_PAGE = 60;

    /** Shows something of a computation while it waits or is under way: so many ways, drawn. */
    @FunctionalInterface
    public interface Glance {
        Object of(int ways, Effort effort);
    }

    /**
     * What there is to tell of a computation before its answer.
     *
     * @param glanced what was seen at the last glance; null before the first
     * @param spent how long it has been under way; nothing while it waits
     */
    public record SoFar(Object glanced, Duration spent) {}

    /** How somebody is answered. */
    private interface Reply {

        /** Shows that somebody still waits. */
        void beat() throws IOException;

        void found(Object found) throws IOException;

        void failed(Throwable why);
    }

    /** An answer that has begun: blanks, then JSON. What fails now is broken off. */
    private static final class Begun implements Reply {

        private final ResponseBodyEmitter answer = new ResponseBodyEmitter(0L);

        @Override
        public void beat() throws IOException {
            answer.send(" ", MediaType.TEXT_PLAIN);
        }

        @Override
        public void found(Object found) throws IOException {
            answer.send(found, MediaType.APPLICATION_JSON);
            answer.complete();
        }

        @Override
        public void failed(Throwable why) {
            answer.completeWithError(why);
        }
    }

    /** An answer that begins when it is there. */
    private static final class Whole implements Reply {

        private final DeferredResult<Object> answer = new DeferredResult<>(0L);

        @Override
        public void beat() {
            // Nothing may stand before a file.
        }

        @Override
        public void found(Object found) {
            answer.setResult(found);
        }

        @Override
        public void failed(Throwable why) {
            answer.setErrorResult(why);
        }
    }

    /** One that waits or is under way. */
    private final class Work implements Effort {

        private final String name;
        private final String page;
        private final Duration budget;
        private final Reply reply;
        private final Runnable task;
        private volatile boolean stopped;
        /** Nobody waits for the answer any more. */
        private volatile boolean gone;

        private volatile boolean hurried;
        private volatile double share;
        /** When it began to run, in nanoseconds; 0 while it waits. */
        private volatile long since;
        /** Shows something of it before; null for what cannot be glanced at. */
        private final Glance glance;

        private volatile Object glanced;
        private final long asked = System.nanoTime();
        /** When it is glanced at next, in nanoseconds since it was asked, and how many ways that glance has. */
        private long glanceAfter = GLANCE_AFTER.toNanos();

        private int glanceWays = FIRST_GLANCE;
        /** A blank and the answer are not written at the same time; somebody who reads slowly holds up nobody else. */
        private final Lock writing = new ReentrantLock();

        /** Guarded by the lock. */
        private boolean answered;

        <T> Work(String name, Duration budget, Reply reply, Glance glance, Function<Effort, T> does) {
            this.name = name;
            this.glance = glance;
            this.budget = budget;
            this.reply = reply;
            page = page();
            task = () -> end(does);
            if (reply instanceof Begun begun) {
                begun.answer.onError(failure -> left());
            }
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
                write(() -> reply.found(found));
            } catch (RuntimeException | Error failed) {
                write(() -> reply.failed(failed));
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

        /** Glances at it if it is time to. Called by the clock alone. */
        private void glance(long now) {
            if (glance != null && now - asked > glanceAfter && glanceWays <= WIDEST_GLANCE) {
                int ways = glanceWays;
                glanceAfter *= WIDER;
                glanceWays *= WIDER;
                glances.execute(() -> {
                    if (!stopped && named.get(name) == this) {
                        glanced = glance.of(ways, this);
                    }
                });
            }
        }

        /** Looks whether there is still time, and still somebody who waits. */
        private void beat(long now) {
            glance(now);
            if (since != 0) {
                long spent = now - since;
                hurried = spent > PATIENCE * budget.toNanos();
                stopped |= spent > budget.toNanos();
            }
            if (writing.tryLock()) {
                try {
                    if (!answered && !gone) {
                        reply.beat();
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
    /** One thread for all: whoever works is hardly slowed by it. */
    private final ExecutorService glances = Executors.newSingleThreadExecutor(Computations::daemon);

    private final Map<String, Work> named = new ConcurrentHashMap<>();
    /** What is under way. */
    private final Set<Work> running = ConcurrentHashMap.newKeySet();
    /** Guarded by itself. */
    private final Turns<Work> waiting = new Turns<>(work -> work.page);
    /** Whether it is being looked at who has left: none of what waits begins meanwhile. Guarded by what waits. */
    private boolean looking;

    /** Whether the program ends; guarded by what waits. */
    private boolean closed;

    private final Duration budget;
    private final Duration longBudget;

    /**
     * @param budget how long one piece of work may run: a performer does not wait longer, and nobody is kept waiting longer by it
     * @param longBudget the same of what is of no use in parts
     */
    Computations(@Value("${crafty.budget}") Duration budget, @Value("${crafty.long-budget}") Duration longBudget) {
        this.budget = budget;
        this.longBudget = longBudget;
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
        return answer(asked, null, does);
    }

    /**
     * The same of what can be glanced at before it is done.
     *
     * @param glance shows something of it; only what was given a name is glanced at, for nobody could ask for it otherwise
     */
    public <T> ResponseEntity<ResponseBodyEmitter> answer(String asked, Glance glance, Function<Effort, T> does) {
        Begun reply = new Begun();
        begin(asked, budget, reply, asked == null ? null : glance, does);
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(reply.answer);
    }

    /**
     * Answers a request by a file, or by a computation that says what to answer. Nothing is answered before: what is refused while
     * it is computed is refused like anything else.
     *
     * @param does gives the whole answer; stopped, it refuses, for a part of a file is of no use
     */
    public <T> DeferredResult<Object> whole(Function<Effort, ResponseEntity<T>> does) {
        Whole reply = new Whole();
        begin(null, longBudget, reply, null, does);
        return reply.answer;
    }

    /** Refuses to go on with what is of no use in parts, when its time is over. */
    public static void requireTime(Effort effort) {
        if (effort.stopped()) {
            throw new Refusal(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "It takes too long",
                    "There was not enough time for it: too much else is being worked out. Ask again in a while.");
        }
    }

    private <T> void begin(String asked, Duration time, Reply reply, Glance glance, Function<Effort, T> does) {
        Work work = new Work(asked == null ? UUID.randomUUID().toString() : asked, time, reply, glance, does);
        synchronized (waiting) {
            if (closed || waiting.size() >= MOST_WAITING) {
                throw new Refusal(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "Busy",
                        "Too much is being worked out at the moment. Wait a little and ask again.");
            }
        }
        Gate.afterwards(() -> take(work));
    }

    private static Refusal ends() {
        return new Refusal(
                HttpStatus.SERVICE_UNAVAILABLE,
                "It ends",
                "Crafty Pocket was ended before it came to this. Start it again.");
    }

    /** Which page asks: each window of the browser is one, and all scripts together are one. */
    private static String page() {
        if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked) {
            String page = asked.getRequest().getHeader(PAGE);
            return page == null ? "" : page.substring(0, Math.min(LONGEST_PAGE, page.length()));
        }
        return "";
    }

    /** Puts it into the queue, in the place of an earlier one of its name. */
    private void take(Work work) {
        Work earlier = named.put(work.name, work);
        if (earlier != null) {
            end(earlier);
        }
        synchronized (waiting) {
            if (closed) {
                work.write(() -> work.reply.failed(ends()));
            } else {
                waiting.add(work);
            }
        }
        next();
    }

    /** Starts what waits while there is a core for it. */
    private void next() {
        synchronized (waiting) {
            while (!closed && !looking && running.size() < CORES && waiting.size() > 0) {
                Work work = waiting.next();
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
        List<Work> all;
        synchronized (waiting) {
            all = waiting.all();
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

    /** What there is to tell of one that waits or is under way; nothing of one that is not. */
    public Optional<SoFar> soFar(String name) {
        return Optional.ofNullable(named.get(name))
                .map(work -> new SoFar(
                        work.glanced,
                        work.since == 0 ? Duration.ZERO : Duration.ofNanos(System.nanoTime() - work.since)));
    }

    /** How many wait or are under way. */
    int count() {
        synchronized (waiting) {
            return waiting.size() + running.size();
        }
    }

    /** Whatever runs ends at once, so that the program can; what waits is broken off, and passes for no answer. */
    @EventListener(ContextClosedEvent.class)
    void closing() {
        clock.shutdownNow();
        glances.shutdownNow();
        List<Work> left;
        synchronized (waiting) {
            closed = true;
            left = waiting.all();
            left.forEach(waiting::remove);
        }
        running.forEach(work -> work.stopped = true);
        left.forEach(work -> work.write(() -> work.reply.failed(ends())));
    }
}
