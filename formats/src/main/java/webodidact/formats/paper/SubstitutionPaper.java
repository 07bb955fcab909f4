package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.lesson.Scaling;
import webodidact.core.list.HomeList;
import webodidact.core.list.SubstitutionSheet;
import webodidact.core.swap.KnockOn;

/** The stand-ins that are announced: before which step, how much, and what changes. */
final class SubstitutionPaper extends ListPaper {
    SubstitutionPaper() {
        super("substitution-sheet", PaperGroup.HOMES);
    }

    @Override
    String intro(Edition edition) {
        return Words.say("home", edition.outcome().lesson().homeOf());
    }

    @Override
    List<Section> sections(Edition edition) {
        var sections = new ArrayList<Section>();
        for (var entry : edition.answers().substitutions().entries()) {
            var title = entry.announceBy() == 0
                    ? Words.say("swap.before")
                    : Words.say("swap.say", title(edition, entry.announceBy()));
            var row = row(edition, entry);
            if (!sections.isEmpty() && sections.getLast().title().equals(title)) {
                var rows = new ArrayList<>(sections.removeLast().rows());
                rows.add(row);
                sections.add(new Section(title, "", rows));
            } else {
                sections.add(new Section(title, "", List.of(row)));
            }
        }
        return sections;
    }

    /** Homes know steps by their names: the card counts only those of theirs. */
    private static String title(Edition edition, int number) {
        var title = edition.lesson().steps().get(number - 1).title();
        return title.isBlank() ? String.valueOf(number) : title;
    }

    /** In the reader's measures. */
    private static String take(Edition edition, SubstitutionSheet.Entry entry) {
        var offer = entry.offer();
        var line = edition.lesson().food(entry.line());
        if (edition.isUsual() || offer.exact() == null || offer.food() == null || line.isEmpty()) return offer.amount();
        return HomeList.told(
                offer.exact().times(Scaling.forHome(edition.lesson())),
                offer.food(),
                line.get(),
                edition.reader(),
                edition.outcome().course().house());
    }

    private static Row row(Edition edition, SubstitutionSheet.Entry entry) {
        var offer = entry.offer();
        var changes = offer.knockOns().stream()
                .filter(k -> k.kind() != KnockOn.Kind.WORDING && k.kind() != KnockOn.Kind.DIET)
                .map(KnockOn::text)
                .toList();
        var said = Words.say("swap.for", offer.title(), entry.item());
        return new Row(
                take(edition, entry),
                offer.addedText().isEmpty() ? said : Words.say("swap.with", said, offer.addedText()),
                String.join(" ", changes),
                offer.food() == null ? Words.say("swap.unknown") : offer.food().contains());
    }

    @Override
    boolean isTicked() {
        return false;
    }

    @Override
    boolean isNarrow() {
        return false;
    }
}
