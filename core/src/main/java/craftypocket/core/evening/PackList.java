package craftypocket.core.evening;

import craftypocket.core.layout.Spoilt;
import craftypocket.core.routine.SetUp;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What goes into the bag for a set. */
final class PackList {

    private PackList() {}

    static List<String> of(List<Act> acts, List<Evening.Stage> stages, int tables) {
        Set<String> bag = new LinkedHashSet<>();
        Set<String> spare = new LinkedHashSet<>();
        Set<String> marks = new LinkedHashSet<>();
        boolean deck = false;
        for (int act = 0; act < acts.size(); act++) {
            SetUp setUp = acts.get(act).plan().routine().setUp();
            boolean whole = Handover.usesDeck(setUp);
            deck |= whole;
            if (whole) {
                setUp.markings().forEach(each -> marks.add(LyingCard.sign(each.card()) + " " + each.mark()));
                Handover.codes(stages.get(act).start().cards()).stream()
                        .filter(code -> !REGULAR.contains(code))
                        .forEach(code -> bag.add(LyingCard.sign(code)));
            } else {
                bag.add("packet of “" + acts.get(act).title() + "”: "
                        + Resets.named(Handover.codes(stages.get(act).start().cards())));
            }
            setUp.things().forEach(thing -> bag.add(thing.name()));
            written(setUp, tables).ifPresent(spare::add);
            Set<Spoilt> spoilt = stages.get(act).end().spoilt().values().stream()
                    .flatMap(Set::stream)
                    .collect(Collectors.toSet());
            if (!spoilt.isEmpty()) {
                spare.add("spare cards, or another deck: " + Resets.cards(tables) + " "
                        + (spoilt.contains(Spoilt.SIGNED) ? "signed" : "folded") + " in “"
                        + acts.get(act).title() + "”");
            }
            if (spoilt.contains(Spoilt.SIGNED)) {
                spare.add("a pen");
            }
        }
        Set<String> all = new LinkedHashSet<>();
        if (deck) {
            all.add(marks.isEmpty() ? "a deck of 52 cards" : "a deck of 52 cards, " + String.join(", ", marks));
        }
        all.addAll(bag);
        all.addAll(spare);
        return List.copyOf(all);
    }

    private static Optional<String> written(SetUp setUp, int tables) {
        List<String> papers = setUp.things().stream()
                .filter(thing -> !thing.written().isEmpty())
                .map(SetUp.LaidThing::name)
                .toList();
        return tables > 1 && !papers.isEmpty()
                ? Optional.of(String.join(", ", papers) + ": " + tables + " of each, one a table")
                : Optional.empty();
    }

    private static final Set<String> REGULAR = Set.copyOf(Handover.REGULAR);
}
