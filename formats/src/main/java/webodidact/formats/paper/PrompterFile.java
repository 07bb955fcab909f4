package webodidact.formats.paper;

import java.util.List;
import webodidact.core.branch.Branches;
import webodidact.core.publish.Prompter;

/** The words for a prompter that reads plain text. */
final class PrompterFile implements FilePaper {
    @Override
    public String id() {
        return "prompter";
    }

    @Override
    public PaperGroup group() {
        return PaperGroup.INSTRUCTOR;
    }

    @Override
    public List<String> endings() {
        return List.of("txt");
    }

    @Override
    public String written(Edition edition, String ending) {
        var out = new StringBuilder();
        int n = 0;
        var left = Branches.offAir(edition.lesson());
        for (var step : edition.lesson().steps()) {
            n++;
            if (left.contains(step.id())) continue;
            if (step.say().isBlank() && step.question().isBlank()) continue;
            if (!out.isEmpty()) out.append("\n\n");
            out.append(n).append("  ").append(step.title()).append("\n\n").append(Prompter.marked(step.say()));
            if (!step.question().isBlank()) out.append("\n").append(Prompter.marked(step.question()));
            if (!step.answer().isBlank()) out.append("\n").append(Prompter.marked(step.answer()));
        }
        return out.append('\n').toString();
    }
}
