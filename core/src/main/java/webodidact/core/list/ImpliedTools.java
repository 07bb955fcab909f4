package webodidact.core.list;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;

/** Tools that steps name, or that their verbs need, and that no line of the kit has. */
public final class ImpliedTools {
    private ImpliedTools() {}

    /** Number of the first step that needs it, from 1, by the tool's id. */
    public static Map<String, Integer> of(Lesson lesson, Knowledge knowledge) {
        var listed = listed(lesson, knowledge);
        var missing = new LinkedHashMap<String, Integer>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            int number = i + 1;
            needed(lesson.steps().get(i), listed, knowledge)
                    .filter(id -> !listed.contains(id))
                    .forEach(id -> missing.putIfAbsent(id, number));
        }
        return missing;
    }

    /** "Medium pan with a lid" lists a pan and a lid. */
    private static Set<String> listed(Lesson lesson, Knowledge knowledge) {
        var ids = new HashSet<String>();
        for (var line : lesson.tools()) {
            if (line.tool() != null) ids.add(line.tool());
            knowledge.toolsIn(line.name()).forEach(f -> ids.add(f.id()));
        }
        return ids;
    }

    private static final Phrase LID_OFF = Phrase.of("lid off\\b", "without (?:a |the )?lid\\b", "uncovered\\b");
    private static final Phrase OTHER_COVER = Phrase.of(
            "cover(?:ed|ing)?\\b[^.!?]{0,25}\\b(?:with|in|by|under) (?:a |the |some |your |cold |more |boiling |just )*(?:damp |clean |wet )?(?:towel|tea towel|cloth|film|cling ?film|foil|plate|paper|parchment|water|stock|sauce|cheese|mash|beeswax|bag|board)\\b");
    private static final Phrase LID_NAMED = Phrase.of("lids?\\b");
    private static final Phrase LID_ON = Phrase.of("lid (?:back )?on\\b", "cover(?:ed)?\\b", "with (?:a |the )?lid\\b");

    /** Only where hands work: "we steam it" in a welcome needs no steamer yet. */
    private static Stream<String> needed(Step step, Set<String> listed, Knowledge knowledge) {
        if (!step.kind().isHandsOn()) return Stream.empty();
        var text = step.say() + " " + step.doing();
        return Stream.of(
                        step.tools().stream(),
                        knowledge.toolsIn(text).stream()
                                // What the list has needs no look at the sentence around it.
                                .filter(f -> !listed.contains(f.id())
                                        && !Asides.of(text).isNotToday(f.start()))
                                .map(f -> f.id()),
                        knowledge.toolsImpliedBy(text).stream().map(f -> f.id()))
                .flatMap(s -> s)
                // "Into bowls", "cut it into eight": what is eaten from, and on, is not what was worked with.
                .filter(id -> step.kind() != Kind.PLATE || !id.equals("mixing-bowl") && !id.equals("board"))
                .filter(id -> !id.equals("lid") || !OTHER_COVER.isIn(text) || LID_NAMED.isIn(text))
                .filter(id -> !id.equals("lid") || !LID_OFF.isIn(text) || LID_ON.isIn(text));
    }
}
