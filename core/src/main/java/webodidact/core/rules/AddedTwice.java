package webodidact.core.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.memo.Remembered;
import webodidact.core.script.Mentions;

/** Two steps say to add the same thing, each all of it. */
final class AddedTwice implements Check {
    private static final Pattern ADDS = Pattern.compile(
            "\\b(add|tip in|pour in|stir in|fold in|sprinkle|drizzle|throw in|drop in|put in|in goes|goes? in)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PART = Pattern.compile(
            "\\b(rest|remaining|remainder|half|third|quarter|more|some|other|another|again|little|last of|bit of|pinch|splash|keep|reserved?)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Most texts add nothing; the same text is asked for each line of the list and after each keystroke. */
    private static final Remembered<String, Boolean> ANY =
            new Remembered<>(text -> ADDS.matcher(text).find());

    @Override
    public Stream<Finding> find(Situation s) {
        // By line, the steps that add it: one way through the script, however long the list.
        var adding = new HashMap<String, List<Step>>();
        for (var step : s.lesson().steps()) {
            if (!step.kind().isHandsOn()) continue;
            var added = new HashSet<String>();
            adds(step.say(), s.mentions().get(step.id()), added);
            adds(step.doing(), s.done().get(step.id()), added);
            for (var use : step.uses()) if (use.amount() != null) added.remove(use.line());
            for (var line : added)
                adding.computeIfAbsent(line, k -> new ArrayList<>()).add(step);
        }
        return s.lesson().foods().stream()
                .flatMap(line -> finding(s, line, adding.getOrDefault(line.id(), List.of())).stream());
    }

    private Optional<Finding> finding(Situation s, FoodLine line, List<Step> adding) {
        if (adding.size() < 2) return Optional.empty();
        var first = adding.getFirst();
        var second = adding.get(1);
        int number = s.number(first.id());
        return Optional.of(at(s, second.id(), line.item(), number)
                .mending(mend(
                        "rest",
                        l -> l.withStep(
                                second.id(),
                                x -> x.but(d -> {
                                    d.say = rest(d.say, line, s.mentions().get(second.id()));
                                    d.doing = rest(d.doing, line, s.done().get(second.id()));
                                })))));
    }

    private static void adds(String text, List<Mentions.Mention> mentions, Set<String> to) {
        if (text.isEmpty() || mentions.isEmpty() || !ANY.of(text)) return;
        for (var mention : mentions) {
            if (mention.kind() != Mentions.Kind.LISTED || to.contains(mention.id())) continue;
            var sentence = text.substring(sentenceStart(text, mention.start()), mention.end());
            if (ADDS.matcher(sentence).find() && !PART.matcher(sentence).find()) to.add(mention.id());
        }
    }

    private static int sentenceStart(String text, int at) {
        int start = at;
        while (start > 0 && ".!?\n".indexOf(text.charAt(start - 1)) < 0) start--;
        return start;
    }

    private static String rest(String text, FoodLine line, List<Mentions.Mention> mentions) {
        for (var mention : mentions) {
            if (mention.kind() != Mentions.Kind.LISTED || !mention.id().equals(line.id())) continue;
            var before = text.substring(0, mention.start());
            var head = before.endsWith("the ") ? before.substring(0, before.length() - 4) : before;
            return head + CheckTable.words().say("said.rest", text.substring(mention.start()));
        }
        return text;
    }
}
