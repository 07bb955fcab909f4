package webodidact.core.rules;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Group;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.ToolLine;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Tools that a step names, or that its verbs need, and that no list has. */
final class ToolNotListed implements Check {
    /** Comes with its own lid. */
    private static final Phrase LIDDED = Phrase.of(
            "lid of (?:bread|pastry|dough|potato)",
            "jars?\\b",
            "box(?:es)?\\b",
            "tubs?\\b",
            "blend",
            "flask",
            "processor");

    /** "Fill the jug and blend": it is the blender's. */
    private static final Phrase BLENDS = Phrase.of("blend", "blitz", "whizz", "puree");

    /** Boiling water is poured from what it boiled in. */
    private static final Phrase KETTLE = Phrase.of("kettle\\b", "boiling water\\b");

    /** Dough is cut on the worktop, butter in the bowl. */
    private static final Phrase ON_THE_BENCH = Phrase.of(
            "on(?:to)? (?:the|a|your) (?:\\p{L}+ )?(?:bench|worktop|work surface|surface|counter|table)\\b",
            "cut (?:it |them )?out\\b",
            "in the (?:tin|tray|dish)\\b[^.!?]{0,40}\\bcut\\b",
            "table knife\\b",
            "(?:cut|rub) (?:the \\p{L}+ |it )?in with\\b");

    private static final Phrase CLOTH =
            Phrase.of("oven gloves?\\b", "mitts?\\b", "gloves on\\b", "oven cloth", "thick cloth", "tea towel");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().tools().isEmpty() || s.handsOn().findAny().isEmpty()) return Stream.empty();
        var had = had(s);
        var byStep = new LinkedHashMap<Integer, List<String>>();
        s.answers().implied().forEach((tool, step) -> {
            if (!(tool.equals("peeler") && !peelsPlants(s, step))
                    && !(tool.equals("lid") && isOfABox(s, step, had))
                    && !(tool.equals("jug")
                            && (had.contains("blender")
                                            && Told.says(s.lesson().steps().get(step - 1), BLENDS)
                                    || Told.says(s.lesson().steps().get(step - 1), KETTLE)))
                    && !(tool.equals("board") && Told.says(s.lesson().steps().get(step - 1), ON_THE_BENCH))
                    && isFetched(s, tool)
                    && !isOnlyAnOption(s, tool, step)
                    && !SameJob.isAmong(tool, had))
                byStep.computeIfAbsent(step, k -> new ArrayList<>()).add(tool);
        });
        gloves(s)
                .ifPresent(step ->
                        byStep.computeIfAbsent(step, k -> new ArrayList<>()).add("oven-gloves"));
        return byStep.entrySet().stream().map(e -> finding(s, e.getKey(), List.copyOf(e.getValue())));
    }

    private static final Pattern OR = Pattern.compile(
            "\\b(?:or (?:use |with |on |in )?|if you(?:['’]ve| have)(?: got)? )(?:an?|your|the|my) $",
            Pattern.CASE_INSENSITIVE);

    /** "Cut one and look, or a probe": who has none does the other. */
    private static boolean isOnlyAnOption(Situation s, String tool, int number) {
        var step = s.lesson().steps().get(number - 1);
        return Stream.of(step.say(), step.doing())
                .anyMatch(text -> s.knowledge().toolsIn(text).stream()
                        .anyMatch(f -> f.id().equals(tool)
                                && OR.matcher(text.substring(0, f.start())).find()));
    }

    /** What the last word of a name that the table does not know tells: "my big spoon". */
    private static final Map<String, String> KINDS = Map.of(
            "spoon",
            "wooden-spoon",
            "bowl",
            "mixing-bowl",
            "dish",
            "pie-dish",
            "tin",
            "cake-tin",
            "pan",
            "pan",
            "pot",
            "pan",
            "box",
            "lidded-box",
            "knife",
            "knife",
            "jar",
            "jam-jar",
            "tray",
            "baking-tray");

    private static Set<String> had(Situation s) {
        var all = new HashSet<String>();
        for (var line : s.lesson().tools()) {
            if (line.tool() != null) all.add(line.tool());
            s.knowledge().toolsIn(line.name()).forEach(f -> all.add(f.id()));
            var words = line.name().toLowerCase(Locale.ROOT).split("\\s+");
            var kind = KINDS.get(words[words.length - 1].replaceFirst("s$", ""));
            if (kind != null) all.add(kind);
        }
        return all;
    }

    private static final Set<String> LID_OF_ITS_OWN =
            Set.of("steamer", "casserole", "slow-cooker", "pressure-cooker", "rice-cooker", "tagine");

    /** Eggs and prawns are peeled with fingers. */
    private static boolean peelsPlants(Situation s, int number) {
        var foods = s.foods(s.lesson().steps().get(number - 1)).toList();
        return foods.isEmpty()
                || foods.stream().anyMatch(f -> f.group() == Group.VEGETABLE || f.group() == Group.FRUIT);
    }

    /** The lid of a jar, a box or a blender. */
    private static boolean isOfABox(Situation s, int number, Set<String> had) {
        var step = s.lesson().steps().get(number - 1);
        return Told.says(step, LIDDED)
                || had.stream().anyMatch(LID_OF_ITS_OWN::contains)
                || !step.place().isHot() && (had.contains("jam-jar") || had.contains("lidded-box"));
    }

    private static boolean isFetched(Situation s, String tool) {
        return s.knowledge().tool(tool).map(t -> !t.fitted()).orElse(false) && !PLAIN.contains(tool);
    }

    /** In every kitchen, or part of another: nobody fetches them on purpose. */
    private static final Set<String> PLAIN = Set.of(
            "clean-bench",
            "bin",
            "bin-bowl",
            "dishcloth",
            "cloth",
            "kitchen-towel",
            "apron",
            "oven",
            "hob",
            "fridge",
            "freezer",
            "microwave-tool",
            "grill-tool",
            "labels-tool",
            "marker",
            "plate",
            "soup-bowl",
            "serving-dish",
            "serving-bowl",
            "timer",
            "compost-caddy",
            "oven-gloves",
            "egg-cup",
            "slotted-spoon",
            "spoon-back",
            "gloves-tool",
            "fork",
            "bottle");

    /** The step that takes a dish into the oven, or a pan or tray under the grill, while nobody was told to have gloves. */
    private static Optional<Integer> gloves(Situation s) {
        boolean listed =
                s.lesson().tools().stream().anyMatch(t -> "oven-gloves".equals(t.tool()) || CLOTH.isIn(t.name()));
        if (listed || s.told().says(CLOTH)) return Optional.empty();
        return s.handsOn()
                .filter(x -> x.place() == Place.OVEN || x.place() == Place.GRILL && x.waiting() != null)
                .findFirst()
                .map(s::number);
    }

    private Finding finding(Situation s, int step, List<String> tools) {
        var names = tools.stream()
                .map(t -> s.knowledge().tool(t).map(Tool::name).orElse(t))
                .toList();
        return about(new About.OfStep(s.lesson().steps().get(step - 1).id()), step, names.size(), names, step)
                .ofTools(tools)
                .mending(mend("list", l -> listed(l, tools, names), names.size()));
    }

    private static Lesson listed(Lesson lesson, List<String> tools, List<String> names) {
        var now = lesson;
        for (int i = 0; i < tools.size(); i++)
            now = Operations.listTool(ToolLine.of(now.newToolId(), names.get(i), tools.get(i), 1))
                    .apply(now);
        return now;
    }
}
