package craftypocket.app.routines;

import craftypocket.core.claims.ClaimSpec;
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
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

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

        @NotBlank(message = "a routine needs a title") @Size(max = 120, message = "at most 120 letters")
        String title,

        @NotNull @Size(max = 1000, message = "at most 1000 letters")
        String summary,

        @NotNull @Size(max = 12, message = "at most 12 tags")
        List<@NotBlank @Size(max = 30, message = "at most 30 letters") String> tags,

        @NotNull @Valid SetUpDocument setUp,

        @NotNull @Size(max = Routine.MOST_ROLES, message = "at most " + Routine.MOST_ROLES + " roles")
        List<@NotNull @Valid RoleDocument> roles,

        @NotNull @Size(max = Routine.MOST_STEPS, message = "at most " + Routine.MOST_STEPS + " steps")
        List<@NotNull @Valid StepDocument> steps,

        @NotNull @Size(max = Routine.MOST_CLAIMS, message = "at most " + Routine.MOST_CLAIMS + " claims")
        List<@NotNull @Valid ClaimDocument> claims) {

    public static final String FORMAT = "crafty-pocket/routine";
    public static final int VERSION = 1;

    private static final String ID = "[A-Za-z0-9-]{1,40}";
    private static final String ID_RULE = "1 to 40 letters, digits and hyphens";

    public record SetUpDocument(
            @NotBlank @Size(max = 10, message = "at most 10 letters")
            String pack,

            @NotNull @Size(max = 104, message = "at most 104 cards")
            List<@NotNull @Valid PlacementDocument> placements,

            @NotNull @Size(max = 1000, message = "at most 1000 letters")
            String note) {

        public SetUpDocument {
            placements = Objects.requireNonNullElse(placements, List.of());
            note = Objects.requireNonNullElse(note, "");
        }
    }

    public record PlacementDocument(
            @NotBlank @Size(max = 10, message = "at most 10 letters")
            String card,

            @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104")
            int nth,

            @NotNull @Pattern(regexp = "top|bottom", message = "must be top or bottom")
            String from) {}

    public record RoleDocument(
            @NotNull @Pattern(regexp = "[A-Z]", message = "one letter from A to Z")
            String letter,

            @NotNull
            @Pattern(regexp = "selection|key|force|helper", message = "must be selection, key, force or helper")
            String kind,

            @NotNull @Size(max = 30, message = "at most 30 letters")
            String owner,

            @NotNull @Size(max = 10, message = "at most 10 letters")
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

            @NotNull @Size(max = 2000, message = "at most 2000 letters")
            String note) {

        public StepDocument {
            settings = Objects.requireNonNullElse(settings, Map.of());
            note = Objects.requireNonNullElse(note, "");
        }
    }

    public record ClaimDocument(
            @NotNull @Pattern(regexp = ID, message = ID_RULE)
            String id,

            @NotNull @Size(max = 40, message = "at most 40 letters")
            String after,

            @NotNull @Valid SpecDocument claim) {

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

        ClaimSpec toCore() {
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
    }

    /** An empty deck of 52 cards and nothing to do with it yet. */
    static RoutineDocument empty(String title) {
        return new RoutineDocument(
                FORMAT,
                VERSION,
                title,
                "",
                List.of(),
                new SetUpDocument("52", List.of(), ""),
                List.of(),
                List.of(),
                List.of());
    }

    RoutineDocument titled(String newTitle) {
        return new RoutineDocument(format, version, newTitle, summary, tags, setUp, roles, steps, claims);
    }

    /** The part that the core reads: everything but titles, tags and words. */
    public Routine toCore() {
        return new Routine(
                new SetUp(
                        setUp.pack(),
                        setUp.placements().stream()
                                .map(p -> new Placement(
                                        p.card(), p.nth(), p.from().equals("bottom")))
                                .toList()),
                roles.stream()
                        .map(r -> new Role(r.letter(), kind(r.kind()), r.owner(), r.card()))
                        .toList(),
                steps.stream()
                        .map(s -> new Step(
                                s.id(),
                                s.move(),
                                s.settings(),
                                Optional.ofNullable(s.onlyIf()).map(SpecDocument::toCore)))
                        .toList(),
                claims.stream()
                        .map(c -> new RoutineClaim(c.id(), c.after(), c.claim().toCore()))
                        .toList());
    }

    private static RoleKind kind(String word) {
        return RoleKind.valueOf(word.toUpperCase(Locale.ROOT));
    }
}
