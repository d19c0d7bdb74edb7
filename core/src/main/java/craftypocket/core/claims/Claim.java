package craftypocket.core.claims;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingReader;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A claim that was read: a check and its sentence. */
public final class Claim implements Check {

    private final String sentence;
    private final Check check;
    private final Optional<Taken> taken;
    private final Set<Integer> glances;
    private boolean ofKnowledge;
    private boolean bySight;
    private boolean deniesSight;
    private Check settled = hands -> false;

    /**
     * What whoever believes a claim takes a pile for.
     *
     * @param place the index of its place
     * @param cards how many cards they think it has
     */
    public record Taken(int place, int cards) {}

    private Claim(String sentence, Check check, Set<Integer> glances, Optional<Taken> taken) {
        this.sentence = sentence;
        this.check = check;
        this.taken = taken;
        this.glances = glances;
    }

    /**
     * Reads a claim.
     *
     * @param reader notes what is missing among its {@linkplain SettingReader#gaps gaps}; the claim is then never true
     * @param where the field that holds it, for problems
     * @param around what was seen and is believed by then
     */
    public static Claim read(
            ClaimSpec spec, SettingReader reader, List<Problem> problems, String where, Around around) {
        Optional<ClaimKind> found = ClaimKinds.find(spec.kind());
        if (found.isEmpty()) {
            problems.add(new Problem(
                    where + ".kind",
                    spec.kind(),
                    "there is no such claim",
                    "Use one of: " + ClaimKinds.ALL.stream().map(ClaimKind::id).collect(Collectors.joining(", "))));
            return new Claim("", hands -> false, Set.of(), Optional.empty());
        }
        ClaimKind kind = found.get();
        int gapsBefore = reader.gaps().size();
        int problemsBefore = problems.size();
        Values values = reader.read(kind.settings(), spec.settings(), where + ".settings");
        for (Setting setting : kind.settings().all()) {
            if (setting instanceof AmountSetting amount && !stands(amount, values.amount(amount))) {
                problems.add(new Problem(
                        where + ".settings." + amount.name(),
                        values.amount(amount).text(),
                        "a claim needs one number" + (amount.isRanged() ? ", or a range of them" : ""),
                        "Write a number such as 5" + (amount.isRanged() ? ", or 1-5" : "")));
            }
        }
        for (Setting setting : kind.settings().all()) {
            if (kind.wantsPile() && setting instanceof PlaceSetting place && !around.knows(values.of(place))) {
                problems.add(new Problem(
                        where + ".settings." + place.name(),
                        spec.settings().getOrDefault(place.name(), place.usual()),
                        "there is no such pile by then",
                        "Name a pile that a step before it makes, or say it after a later step"));
            }
        }
        boolean readable = reader.gaps().size() == gapsBefore && problems.size() == problemsBefore;
        String says = (spec.not() ? "Not: " : "")
                + Sentence.stated(kind.says(), kind.settings(), values).strip();
        Claim claim = new Claim(
                says,
                readable ? check(kind, values, around, spec.not()) : hands -> false,
                readable ? Set.of(kind.glance(values)) : Set.of(),
                readable && !spec.not() && spec.or().isEmpty() ? kind.taken(values) : Optional.empty());
        claim.ofKnowledge = readable && kind.saysWhatIsKnown(values);
        claim.bySight = kind.bySight();
        claim.deniesSight = kind.bySight() && spec.not();
        claim.settled = readable ? kind.settled(values) : claim.settled;
        for (int i = 0; i < spec.or().size(); i++) {
            claim = claim.or(read(spec.or().get(i), reader, problems, where + ".or[" + i + "]", around));
        }
        return claim;
    }

    /** A claim says something of itself, not of what somebody chooses. */
    private static boolean stands(AmountSetting setting, Amount amount) {
        return amount.kind() == Amount.Kind.EXACT || (setting.isRanged() && amount.kind() == Amount.Kind.RANGE);
    }

    private static Check check(ClaimKind kind, Values values, Around around, boolean not) {
        Check check = kind.check(values, around);
        return not ? hands -> !check.holds(hands) : check;
    }

    private Claim or(Claim other) {
        Claim both = new Claim(
                sentence + ", or: " + other.sentence,
                hands -> check.holds(hands) || other.holds(hands),
                Stream.concat(glances.stream(), other.glances.stream()).collect(Collectors.toSet()),
                Optional.empty());
        both.ofKnowledge = ofKnowledge || other.ofKnowledge;
        both.bySight = bySight || other.bySight;
        both.deniesSight = deniesSight || other.deniesSight;
        both.settled = hands -> settled.holds(hands) && other.settled.holds(hands);
        return both;
    }

    @Override
    public boolean holds(Hands hands) {
        return check.holds(hands);
    }

    /** Whether it says what the performer knows, which only all ways together tell. */
    public boolean ofKnowledge() {
        return ofKnowledge;
    }

    /** Whether what people have seen decides it too, so that its check says less than it does. */
    public boolean bySight() {
        return bySight;
    }

    /** Whether it says that what people have seen is otherwise: what they see can then only add to it. */
    public boolean deniesSight() {
        return deniesSight;
    }

    /** Whether it says something of what was, so that it stays as it is from now on. */
    public boolean settled(Hands hands) {
        return settled.holds(hands);
    }

    /**
     * Whoever wants to know whether it is so looks for it among the faces that lie upwards in the open, and glances at the faces of
     * the piles in his hands that decide it.
     */
    public void glance(Hands hands) {
        hands.showing().lookForFaces();
        for (int place : glances) {
            if (place >= 0
                    && hands.size(place) > 0
                    && hands.places().at(place).kind().ownHand()) {
                hands.showing().glance(place);
            }
        }
    }

    /** The pile that whoever believes it takes for so many cards, if it says that. */
    public Optional<Taken> taken() {
        return taken;
    }

    public String sentence() {
        return sentence;
    }
}
