package craftypocket.app.routines;

import com.fasterxml.jackson.annotation.JsonInclude;
import craftypocket.app.http.Constants;
import craftypocket.app.http.Visible;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.edit.Edited;
import craftypocket.core.layout.Props;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Audience;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A routine as it is written to a file, stored and sent: the open format of {@code docs/formats/routine.schema.json}.
 *
 * @param format always {@link #FORMAT}
 * @param version always {@link #VERSION}; other versions are refused by {@link RoutineFiles}
 */
public record RoutineDocument(
        @NotNull @Pattern(regexp = "\\Q" + FORMAT + "\\E", message = "must be " + FORMAT)
        String format,

        @Min(VERSION) @Max(VERSION) int version,

        @Visible(message = "a routine needs a title of one line that can be seen")
        @Size(max = 120, message = "at most 120 letters")
        String title,

        @NotNull @Size(max = 1000, message = "at most 1000 letters")
        String summary,

        @NotNull @Size(max = 12, message = "at most 12 tags")
        List<
                        @Visible(message = "a tag is one line that can be seen")
                        @Size(max = 30, message = "at most 30 letters") String>
                tags,

        @NotNull @Valid SetUpDocument setUp,

        @NotNull @Size(max = Routine.MOST_ROLES, message = "at most " + Routine.MOST_ROLES + " roles")
        List<@NotNull @Valid RoleDocument> roles,

        @NotNull @Size(max = Routine.MOST_STEPS, message = "at most " + Routine.MOST_STEPS + " steps")
        List<@NotNull @Valid StepDocument> steps,

        @NotNull @Size(max = Routine.MOST_CLAIMS, message = "at most " + Routine.MOST_CLAIMS + " claims")
        List<@NotNull @Valid ClaimDocument> claims,

        @NotNull @Size(max = OwnMove.MOST_OWN_MOVES, message = "at most " + OwnMove.MOST_OWN_MOVES + " own moves")
        List<@NotNull @Valid OwnMoveDocument> ownMoves,

        @NotNull @Size(max = Out.MOST_OUTS, message = "at most " + Out.MOST_OUTS + " outs")
        List<@NotNull @Valid OutDocument> outs) {

    public static final String FORMAT = "crafty-pocket/routine";
    public static final int VERSION = 1;

    /** The longest code of a card: two sides with other backs. */
    private static final int MOST_CODE = 40;

    /** Of the set-up. */
    private static final int LONGEST_NOTE = 1000;

    private static final String LOOK = "as-taught|people|away|hands";
    private static final String LOOK_RULE = "must be as-taught, people, away or hands";

    private static final String ID = "[A-Za-z0-9-]{1,40}";
    private static final String ID_RULE = "1 to 40 letters, digits and hyphens";

    public record SetUpDocument(
            @NotBlank @Size(max = 10, message = "at most 10 letters")
            String pack,

            @NotNull @Size(max = 1000, message = "at most 1000 letters")
            String extra,

            @NotNull @Size(max = 2000, message = "at most 2000 letters")
            String order,

            @NotNull @Size(max = 24, message = "at most 24 piles")
            List<@NotNull @Valid LaidPileDocument> piles,

            @NotNull @Size(max = 104, message = "at most 104 cards")
            List<@NotNull @Valid PlacementDocument> placements,

            @NotNull @Size(max = 104, message = "at most 104 marks")
            List<@NotNull @Valid MarkingDocument> markings,

            boolean bend,

            @NotNull @Pattern(regexp = "|poker|bridge", message = "must be poker, bridge or empty")
            String cardSize,

            @NotNull @Size(max = Props.MOST_THINGS, message = "at most " + Props.MOST_THINGS + " things")
            List<@NotNull @Valid ThingDocument> things,

            boolean newDeckOrder,

            @NotNull @Size(max = LONGEST_NOTE, message = "at most " + LONGEST_NOTE + " letters")
            String note) {

        public SetUpDocument {
            extra = Objects.requireNonNullElse(extra, "");
            order = Objects.requireNonNullElse(order, "");
            piles = Objects.requireNonNullElse(piles, List.of());
            placements = Objects.requireNonNullElse(placements, List.of());
            markings = Objects.requireNonNullElse(markings, List.of());
            cardSize = Objects.requireNonNullElse(cardSize, "");
            things = Objects.requireNonNullElse(things, List.of());
            note = Objects.requireNonNullElse(note, "");
        }

        SetUpDocument noted(String newNote) {
            return new SetUpDocument(
                    pack, extra, order, piles, placements, markings, bend, cardSize, things, newDeckOrder, newNote);
        }

        /** A set-up that was worked out. */
        public static SetUpDocument of(SetUp setUp) {
            return new SetUpDocument(
                    setUp.pack(),
                    setUp.extra(),
                    setUp.order(),
                    setUp.piles().stream()
                            .map(pile -> new LaidPileDocument(pile.place(), pile.cards()))
                            .toList(),
                    setUp.placements().stream().map(PlacementDocument::of).toList(),
                    setUp.markings().stream()
                            .map(each -> new MarkingDocument(each.card(), each.mark()))
                            .toList(),
                    setUp.bend(),
                    setUp.cardSize(),
                    setUp.things().stream().map(ThingDocument::of).toList(),
                    setUp.newDeckOrder(),
                    "");
        }
    }

    public record LaidPileDocument(
            @NotBlank @Size(max = 60, message = "at most 60 letters")
            String place,

            @NotNull @Size(max = 2000, message = "at most 2000 letters")
            String cards) {}

    /**
     * A thing beside the cards. {@code wide} and {@code high} are its inside in millimetres, 0 while nobody measured it;
     * {@code guarded} says that nobody may look at it; {@code written} is the card whose name is written on it.
     */
    public record ThingDocument(
            @NotNull @Size(max = 60, message = "at most 60 letters")
            String name,

            @NotNull @Size(max = 70, message = "at most 70 letters")
            String place,

            @Min(value = 0, message = "at least 0") @Max(value = 104, message = "at most 104")
            int above,

            @NotNull @Size(max = 300, message = "at most 300 letters")
            String slots,

            @Min(value = 0, message = "at least 0")
            @Max(value = SetUp.MOST_MILLIMETRES, message = "at most " + SetUp.MOST_MILLIMETRES)
            double wide,

            @Min(value = 0, message = "at least 0")
            @Max(value = SetUp.MOST_MILLIMETRES, message = "at most " + SetUp.MOST_MILLIMETRES)
            double high,

            @NotNull @Pattern(regexp = "none|open|flap|closed", message = "must be none, open, flap or closed")
            String mouth,

            boolean guarded,

            @NotNull @Size(max = MOST_CODE, message = "at most " + MOST_CODE + " letters")
            String written) {

        public ThingDocument {
            slots = Objects.requireNonNullElse(slots, "");
            written = Objects.requireNonNullElse(written, "");
        }

        static ThingDocument of(SetUp.LaidThing thing) {
            return new ThingDocument(
                    thing.name(),
                    thing.place(),
                    thing.above(),
                    thing.slots(),
                    thing.wide(),
                    thing.high(),
                    thing.mouth(),
                    !thing.handOut(),
                    thing.written());
        }

        SetUp.LaidThing toCore() {
            return new SetUp.LaidThing(name, place, above, slots, wide, high, mouth, !guarded, written);
        }
    }

    public record MarkingDocument(
            @NotBlank @Size(max = MOST_CODE, message = "at most " + MOST_CODE + " letters")
            String card,

            @NotBlank @Size(max = 20, message = "at most 20 letters")
            String mark) {}

    /** A move that the performer composed; {@code =name} in the settings of a part refers to one of its own settings. */
    public record OwnMoveDocument(
            @NotNull
            @Pattern(regexp = "own-[a-z0-9-]{1,40}", message = "own- and 1 to 40 small letters, digits and hyphens")
            String id,

            @Visible @Size(max = 60, message = "at most 60 letters")
            String name,

            @NotNull @Size(max = 1000, message = "at most 1000 letters")
            String says,

            @Min(value = 1, message = "at least 1") @Max(value = 5, message = "at most 5")
            int difficulty,

            @NotNull @Size(max = OwnMove.MOST_SETTINGS, message = "at most " + OwnMove.MOST_SETTINGS + " settings")
            List<@NotNull @Valid OwnSettingDocument> settings,

            @NotNull @Size(min = 1, max = OwnMove.MOST_PARTS, message = "1 to " + OwnMove.MOST_PARTS + " parts")
            List<@NotNull @Valid PartDocument> parts) {

        public OwnMoveDocument {
            says = Objects.requireNonNullElse(says, "");
            settings = Objects.requireNonNullElse(settings, List.of());
        }

        static OwnMoveDocument of(OwnMove own) {
            return new OwnMoveDocument(
                    own.id(),
                    own.name(),
                    own.says(),
                    own.difficulty(),
                    own.settings().stream()
                            .map(s -> new OwnSettingDocument(s.name(), s.label(), s.usual()))
                            .toList(),
                    own.parts().stream()
                            .map(p -> new PartDocument(p.move(), p.settings()))
                            .toList());
        }

        public OwnMove toCore() {
            return new OwnMove(
                    id,
                    name,
                    says,
                    difficulty,
                    settings.stream()
                            .map(s -> new OwnMove.OwnSetting(s.name(), s.label(), s.usual()))
                            .toList(),
                    parts.stream()
                            .map(p -> new OwnMove.Part(p.move(), p.settings()))
                            .toList());
        }
    }

    public record OwnSettingDocument(
            @NotNull @Pattern(regexp = "[a-z][a-z0-9-]{0,29}", message = "up to 30 small letters, digits and hyphens")
            String name,

            @Visible @Size(max = 60, message = "at most 60 letters")
            String label,

            @NotNull @Size(max = 1000, message = "at most 1000 letters")
            String usual) {}

    public record PartDocument(
            @NotBlank @Size(max = 60, message = "at most 60 letters")
            String move,

            @NotNull @Size(max = 30, message = "at most 30 settings")
            Map<
                            @NotBlank @Size(max = 60, message = "at most 60 letters") String,
                            @NotNull @Size(max = 1000, message = "at most 1000 letters") String>
                    settings) {

        public PartDocument {
            settings = Objects.requireNonNullElse(settings, Map.of());
        }
    }

    public record PlacementDocument(
            @NotBlank @Size(max = MOST_CODE, message = "at most " + MOST_CODE + " letters")
            String card,

            @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104")
            int nth,

            @NotNull @Pattern(regexp = "top|bottom", message = "must be top or bottom")
            String from) {

        public static PlacementDocument of(Placement placement) {
            return new PlacementDocument(placement.card(), placement.nth(), placement.fromBottom() ? "bottom" : "top");
        }
    }

    public record RoleDocument(
            @NotNull @Pattern(regexp = "[A-Z]", message = "one letter from A to Z")
            String letter,

            @NotNull
            @Pattern(
                    regexp = "selection|key|force|slug|helper",
                    message = "must be selection, key, force, slug or helper")
            String kind,

            @NotNull @Size(max = 30, message = "at most 30 letters")
            String owner,

            @NotNull @Size(max = 200, message = "at most 200 letters")
            String card) {

        public RoleDocument {
            owner = Objects.requireNonNullElse(owner, "");
            card = Objects.requireNonNullElse(card, "");
        }
    }

    public record StepDocument(
            @NotNull @Pattern(regexp = ID, message = ID_RULE)
            String id,

            @NotBlank @Size(max = 60, message = "at most 60 letters")
            String move,

            @NotNull @Size(max = 30, message = "at most 30 settings")
            Map<
                            @NotBlank @Size(max = 60, message = "at most 60 letters") String,
                            @NotNull @Size(max = 1000, message = "at most 1000 letters") String>
                    settings,

            @Valid SpecDocument onlyIf,

            @NotNull @Pattern(regexp = LOOK, message = LOOK_RULE)
            String look,

            /** Where the performer looks in a second phase; as-taught for none. */
            @NotNull @Pattern(regexp = LOOK, message = LOOK_RULE)
            String then,

            /** The id of the step whose action covers this one; empty for none. */
            @NotNull @Size(max = 40, message = "at most 40 letters")
            String cover,

            @NotNull @Size(max = LONGEST_NOTE, message = "at most " + LONGEST_NOTE + " letters")
            String note,

            /** How long it should take, in seconds; 0 while nobody said. */
            @Min(value = 0, message = "at least 0") @Max(value = MOST_SECONDS, message = "at most an hour")
            int seconds,

            /** Where the performer looks just before it: as for look. */
            @NotNull @Pattern(regexp = LOOK, message = LOOK_RULE)
            String before,

            /** What it is to those who watch; missing when it is what its move says. */
            @JsonInclude(JsonInclude.Include.NON_NULL) @Valid
            StepAudienceDocument audience) {

        private static final int LONGEST_NOTE = 2000;
        private static final int MOST_SECONDS = 3600;

        public StepDocument {
            settings = Objects.requireNonNullElse(settings, Map.of());
            look = Objects.requireNonNullElse(look, Constants.word(Look.AS_TAUGHT));
            then = Objects.requireNonNullElse(then, Constants.word(Look.AS_TAUGHT));
            cover = Objects.requireNonNullElse(cover, "");
            note = Objects.requireNonNullElse(note, "");
            before = Objects.requireNonNullElse(before, Constants.word(Look.AS_TAUGHT));
        }

        public static StepDocument of(Step step) {
            return new StepDocument(
                    step.id(),
                    step.move(),
                    step.settings(),
                    step.onlyIf().map(SpecDocument::of).orElse(null),
                    Constants.word(step.attention().first()),
                    Constants.word(step.attention().then()),
                    step.attention().cover(),
                    "",
                    0,
                    Constants.word(step.attention().before()),
                    StepAudienceDocument.of(step.audience()));
        }

        /** With the notes of other steps and something more, and the time of all of them. */
        StepDocument worded(List<StepDocument> others, String more) {
            String notes = others.stream()
                    .map(StepDocument::note)
                    .filter(words -> !words.isEmpty())
                    .collect(Collectors.joining(" "));
            int time = others.stream().mapToInt(StepDocument::seconds).sum();
            return new StepDocument(
                    id,
                    move,
                    settings,
                    onlyIf,
                    look,
                    then,
                    cover,
                    noted(notes, more, LONGEST_NOTE),
                    Math.min(time, MOST_SECONDS),
                    before,
                    audience);
        }

        public Step toCore() {
            return new Step(
                    id,
                    move,
                    settings,
                    Optional.ofNullable(onlyIf).map(SpecDocument::toCore),
                    new Attention(
                            Constants.read(Look.class, before),
                            Constants.read(Look.class, look),
                            Constants.read(Look.class, then),
                            cover),
                    audience == null ? Audience.AS_TAUGHT : audience.toCore());
        }
    }

    /**
     * What a step is to those who watch. {@code effect} says whether what surprises in it is meant to; {@code thinks} what they take it
     * for: nothing, itself, mixed, a sentence, or empty for what its move says.
     */
    public record StepAudienceDocument(
            @NotNull @Pattern(regexp = "as-taught|yes|no", message = "must be as-taught, yes or no")
            String effect,

            @NotNull
            @Size(max = Audience.LONGEST_SENTENCE, message = "at most " + Audience.LONGEST_SENTENCE + " letters")
            String thinks) {

        public StepAudienceDocument {
            effect = Objects.requireNonNullElse(effect, Constants.word(Audience.Effect.AS_TAUGHT));
            thinks = Objects.requireNonNullElse(thinks, "");
        }

        static StepAudienceDocument of(Audience audience) {
            return audience.equals(Audience.AS_TAUGHT)
                    ? null
                    : new StepAudienceDocument(Constants.word(audience.effect()), audience.thinks());
        }

        Audience toCore() {
            return new Audience(Constants.read(Audience.Effect.class, effect), thinks);
        }
    }

    /** What is done instead when something comes up; {@code says} is what they say, or what the performer answers. */
    public record OutDocument(
            @NotNull @Pattern(regexp = ID, message = ID_RULE)
            String id,

            @NotNull
            @Pattern(
                    regexp = "cutting|shuffling|holding|picking-again|other",
                    message = "must be cutting, shuffling, holding, picking-again or other")
            String occasion,

            @NotNull @Size(max = LONGEST_SAYS, message = "at most " + LONGEST_SAYS + " letters")
            String says,

            @NotNull @Size(max = 40, message = "at most 40 letters")
            String after,

            @NotNull @Size(max = Routine.MOST_STEPS, message = "at most " + Routine.MOST_STEPS + " steps")
            List<@NotNull @Valid StepDocument> steps,

            @NotNull @Size(max = 40, message = "at most 40 letters")
            String rejoin) {

        private static final int LONGEST_SAYS = 300;

        public OutDocument {
            says = Objects.requireNonNullElse(says, "");
            after = Objects.requireNonNullElse(after, "");
            steps = Objects.requireNonNullElse(steps, List.of());
            rejoin = Objects.requireNonNullElse(rejoin, "");
        }

        /** @param worded puts the notes of steps to them */
        static OutDocument of(Out out, String says, String more, UnaryOperator<List<StepDocument>> worded) {
            return new OutDocument(
                    out.id(),
                    Constants.word(out.occasion()),
                    noted(says, more.replace('\n', ' '), LONGEST_SAYS),
                    out.after(),
                    worded.apply(out.steps().stream().map(StepDocument::of).toList()),
                    out.rejoin());
        }

        Out toCore() {
            return new Out(
                    id,
                    Constants.read(Occasion.class, occasion),
                    after,
                    steps.stream().map(StepDocument::toCore).toList(),
                    rejoin);
        }
    }

    public record ClaimDocument(
            @NotNull @Pattern(regexp = ID, message = ID_RULE)
            String id,

            @NotNull @Size(max = 40, message = "at most 40 letters")
            String after,

            @NotNull @Valid SpecDocument claim,

            /** Whether people are only led to believe it; its truth is then not claimed. */
            boolean believed) {

        public ClaimDocument {
            after = Objects.requireNonNullElse(after, "");
        }
    }

    public record SpecDocument(
            @NotBlank @Size(max = 60, message = "at most 60 letters")
            String kind,

            @NotNull @Size(max = 30, message = "at most 30 settings")
            Map<
                            @NotBlank @Size(max = 60, message = "at most 60 letters") String,
                            @NotNull @Size(max = 1000, message = "at most 1000 letters") String>
                    settings,

            boolean not,

            @NotNull
            @Size(
                    max = ClaimSpec.MOST_ALTERNATIVES,
                    message = "at most " + ClaimSpec.MOST_ALTERNATIVES + " alternatives")
            List<@NotNull @Valid SpecDocument> or) {

        public SpecDocument {
            settings = Objects.requireNonNullElse(settings, Map.of());
            or = Objects.requireNonNullElse(or, List.of());
        }

        public static SpecDocument of(ClaimSpec spec) {
            return new SpecDocument(
                    spec.kind(),
                    spec.settings(),
                    spec.not(),
                    spec.or().stream().map(SpecDocument::of).toList());
        }

        public ClaimSpec toCore() {
            return new ClaimSpec(
                    kind, settings, not, or.stream().map(SpecDocument::toCore).toList());
        }
    }

    public RoutineDocument {
        summary = Objects.requireNonNullElse(summary, "");
        tags = Objects.requireNonNullElse(tags, List.of());
        roles = Objects.requireNonNullElse(roles, List.of());
        steps = Objects.requireNonNullElse(steps, List.of());
        claims = Objects.requireNonNullElse(claims, List.of());
        ownMoves = Objects.requireNonNullElse(ownMoves, List.of());
        outs = Objects.requireNonNullElse(outs, List.of());
    }

    /** An empty deck of 52 cards and nothing to do with it yet. */
    static RoutineDocument empty(String title) {
        return new RoutineDocument(
                FORMAT,
                VERSION,
                title,
                "",
                List.of(),
                new SetUpDocument("52", "", "", List.of(), List.of(), List.of(), false, "", List.of(), false, ""),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    /** A routine of the core that has no outs as a document, without words of its own. */
    public static RoutineDocument of(String title, Routine routine) {
        return new RoutineDocument(
                FORMAT,
                VERSION,
                title,
                "",
                List.of(),
                SetUpDocument.of(routine.setUp()),
                routine.roles().stream()
                        .map(r -> new RoleDocument(r.letter(), Constants.word(r.kind()), r.owner(), r.card()))
                        .toList(),
                routine.steps().stream().map(StepDocument::of).toList(),
                routine.claims().stream()
                        .map(c -> new ClaimDocument(c.id(), c.after(), SpecDocument.of(c.claim()), c.believed()))
                        .toList(),
                routine.ownMoves().stream().map(OwnMoveDocument::of).toList(),
                List.of());
    }

    /** The same routine with other steps and claims: those of before keep their notes and times. */
    public RoutineDocument edited(Routine core) {
        return edited(new Edited(core, "", ""), Map.of());
    }

    /**
     * The same routine once the core has edited it: its steps keep their notes and times.
     *
     * @param from the steps of before that a step of now stands for, where they have other ids
     */
    public RoutineDocument edited(Edited edit, Map<String, List<String>> from) {
        Routine core = edit.routine();
        Map<String, StepDocument> before = Stream.concat(
                        steps.stream(), outs.stream().flatMap(out -> out.steps().stream()))
                .collect(Collectors.toMap(StepDocument::id, step -> step, (a, b) -> a));
        UnaryOperator<List<StepDocument>> worded = made -> made.stream()
                .map(step -> step.worded(
                        from.getOrDefault(step.id(), List.of(step.id())).stream()
                                .map(before::get)
                                .filter(Objects::nonNull)
                                .toList(),
                        edit.words().getOrDefault(step.id(), "")))
                .toList();
        RoutineDocument made = of(title, core);
        return new RoutineDocument(
                format,
                version,
                title,
                summary,
                tags,
                made.setUp().noted(noted(setUp.note(), edit.words().getOrDefault("", ""), LONGEST_NOTE)),
                made.roles(),
                worded.apply(made.steps()),
                made.claims(),
                made.ownMoves(),
                core.outs().stream()
                        .map(out -> OutDocument.of(
                                out,
                                outs.stream()
                                        .filter(each -> each.id().equals(out.id()))
                                        .map(OutDocument::says)
                                        .findFirst()
                                        .orElse(""),
                                edit.words().getOrDefault(out.id(), ""),
                                worded))
                        .toList());
    }

    /** A note with something more, as far as there is room. */
    private static String noted(String note, String more, int most) {
        String both = note.isEmpty() || more.isEmpty() ? note + more : note + "\n" + more;
        if (both.length() <= most) {
            return both;
        }
        return both.substring(0, Character.isHighSurrogate(both.charAt(most - 1)) ? most - 1 : most);
    }

    RoutineDocument titled(String newTitle) {
        return new RoutineDocument(
                format, version, newTitle, summary, tags, setUp, roles, steps, claims, ownMoves, outs);
    }

    /** By the id of each step, on whatever line, its move. */
    Map<String, String> moves() {
        return Stream.concat(steps.stream(), outs.stream().flatMap(out -> out.steps().stream()))
                .collect(Collectors.toMap(StepDocument::id, StepDocument::move, (a, b) -> a));
    }

    /** The part that the core reads: everything but titles, tags and words. */
    public Routine toCore() {
        return new Routine(
                new SetUp(
                        setUp.pack(),
                        setUp.extra(),
                        setUp.order(),
                        setUp.piles().stream()
                                .map(p -> new SetUp.LaidPile(p.place(), p.cards()))
                                .toList(),
                        setUp.placements().stream()
                                .map(p -> new Placement(
                                        p.card(), p.nth(), p.from().equals("bottom")))
                                .toList(),
                        setUp.markings().stream()
                                .map(m -> new SetUp.Marking(m.card(), m.mark()))
                                .toList(),
                        setUp.bend(),
                        setUp.cardSize(),
                        setUp.things().stream().map(ThingDocument::toCore).toList(),
                        setUp.newDeckOrder()),
                roles.stream()
                        .map(r -> new Role(r.letter(), Constants.read(RoleKind.class, r.kind()), r.owner(), r.card()))
                        .toList(),
                steps.stream().map(StepDocument::toCore).toList(),
                claims.stream()
                        .map(c -> new RoutineClaim(c.id(), c.after(), c.claim().toCore(), c.believed()))
                        .toList(),
                ownMoves.stream().map(OwnMoveDocument::toCore).toList(),
                outs.stream().map(OutDocument::toCore).toList());
    }
}
