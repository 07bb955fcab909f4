package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.list.SubstitutionSheet;
import webodidact.core.outcome.Outcome;
import webodidact.core.swap.KnockOn;

/** The stand-ins that are announced: before which step, how much, and what changes. */
final class SubstitutionPaper extends ListPaper {
    @Override
    public String id() {
        return "substitution-sheet";
    }

    @Override
    public String title() {
        return "Substitution sheet";
    }

    @Override
    String intro(Outcome outcome) {
        return "For a home of " + outcome.lesson().homeOf();
    }

    @Override
    List<Section> sections(Outcome outcome) {
        var sections = new ArrayList<Section>();
        for (var entry : SubstitutionSheet.of(outcome.lesson(), outcome.course(), outcome.knowledge()).entries()) {
            var title = entry.announceBy() == 0 ? "Before class" : "Say before step " + entry.announceBy();
            var row = row(entry);
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

    private static Row row(SubstitutionSheet.Entry entry) {
        var offer = entry.offer();
        var changes = offer.knockOns().stream().filter(k -> k.kind() != KnockOn.Kind.WORDING && k.kind() != KnockOn.Kind.DIET).map(KnockOn::text).toList();
        return new Row(offer.amount(), offer.title() + " for " + entry.item() + (offer.addedText().isEmpty() ? "" : ", with " + offer.addedText()),
                String.join(" ", changes), offer.food().contains());
    }

    @Override
    String empty() {
        return "No substitution is announced yet.";
    }
}
