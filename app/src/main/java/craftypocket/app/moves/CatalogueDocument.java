package craftypocket.app.moves;

import craftypocket.app.http.Constants;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Caution;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** Everything a screen needs to offer moves and claims. */
record CatalogueDocument(
        @NotNull List<FamilyDocument> families,
        @NotNull List<MoveDocument> moves,
        @NotNull List<ClaimKindDocument> claims,
        @NotNull List<OptionDocument> occasions,
        @NotNull List<OptionDocument> looks) {

    record FamilyDocument(@NotNull String id, @NotNull String label) {}

    /**
     * {@code kind} is one of amount, estimate, chunks, place, thing, role, option, beats, person, step, face, text, chance. Of a place,
     * {@code piles} and {@code parts} say whether it can be a pile of its own, and a part of a thing. Of a role, {@code roleKind} is what
     * it usually is, and {@code use} whether a step names it, makes it, or returns it to the cards.
     */
    record SettingDocument(
            @NotNull String name,
            @NotNull String label,
            @NotNull String kind,
            @NotNull String usual,
            @NotNull String begins,
            boolean bySpectator,
            boolean optional,
            boolean piles,
            boolean parts,
            @NotNull String roleKind,
            @NotNull String use,
            @NotNull List<OptionDocument> options) {}

    record OptionDocument(@NotNull String name, @NotNull String label) {}

    /**
     * {@code faults}: why a run may slip at it, a few words each. {@code basic}: one of the few by which performers are first asked what they can do. */
    record MoveDocument(
            @NotNull String id,
            @NotNull String family,
            @NotNull String name,
            boolean bySpectator,
            int difficulty,
            boolean secret,
            boolean table,
            @NotNull String angles,
            @NotNull String effect,
            @NotNull String attention,
            @NotNull List<String> watch,
            @NotNull List<String> faults,
            @NotNull List<String> cautions,
            boolean own,
            boolean basic,
            @NotNull List<SettingDocument> settings) {}

    record ClaimKindDocument(
            @NotNull String id,
            @NotNull String name,
            boolean onlyJudged,
            @NotNull List<SettingDocument> settings) {}

    /**
     * @param own how many of the moves, the last ones, are the performer's own
     * @param words how the performer wants to be spoken to
     */
    static CatalogueDocument of(List<Move> moves, int own, List<ClaimKind> kinds, UnaryOperator<String> words) {
        return new CatalogueDocument(
                Arrays.stream(Family.values())
                        .map(f -> new FamilyDocument(Constants.word(f), f.label()))
                        .toList(),
                IntStream.range(0, moves.size())
                        .mapToObj(i -> move(moves.get(i), i >= moves.size() - own, words))
                        .toList(),
                kinds.stream()
                        .map(k -> new ClaimKindDocument(
                                k.id(),
                                k.name(),
                                k.onlyJudged(),
                                settings(k.settings().all())))
                        .toList(),
                Arrays.stream(Occasion.values())
                        .map(o -> new OptionDocument(Constants.word(o), o.label()))
                        .toList(),
                Arrays.stream(Look.values())
                        .map(l -> new OptionDocument(Constants.word(l), l.label()))
                        .toList());
    }

    private static MoveDocument move(Move move, boolean own, UnaryOperator<String> words) {
        return new MoveDocument(
                move.id(),
                Constants.word(move.family()),
                move.name(),
                move.profile().actor() == Profile.Actor.SPECTATOR,
                move.profile().difficulty(),
                move.profile().secret(),
                move.profile().table(),
                words.apply(move.profile().angles()),
                words.apply(move.words().effect()),
                words.apply(move.words().attention()),
                move.words().watch().stream().map(words).toList(),
                move.faults(),
                move.cautions().stream().map(Caution::text).map(words).toList(),
                own,
                AllMoves.BASICS.contains(move.id()),
                settings(move.settings().all()));
    }

    private static List<SettingDocument> settings(List<Setting> settings) {
        return settings.stream()
                .map(s -> new SettingDocument(
                        s.name(),
                        s.label(),
                        Constants.word(s.kind()),
                        s.usual(),
                        s.begins(),
                        s.decider() == Setting.Decider.SPECTATOR,
                        s.optional(),
                        s instanceof PlaceSetting place && place.takesPiles(),
                        s instanceof PlaceSetting place && place.takesParts(),
                        s instanceof RoleSetting ? Constants.word(RoleKind.ofLetter(s.usual())) : "",
                        s instanceof RoleSetting role ? Constants.word(role.use()) : "",
                        s.options().stream()
                                .map(o -> new OptionDocument(o.name(), o.label().replaceAll("\\{[a-z-]+}", "…")))
                                .toList()))
                .toList();
    }
}
