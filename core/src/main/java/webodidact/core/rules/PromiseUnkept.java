package webodidact.core.rules;

import java.util.HashSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Something is announced for later in the lesson, and no later step has it. */
final class PromiseUnkept implements Check {
    private static final Phrase PROMISE = Phrase.of(
            "(?:later(?: on)?|in a (?:minute|moment|bit|second|sec|tick|little while)|at the end|before (?:we|you) (?:go|finish|leave)|shortly|coming up|towards the end)\\b,? (?:today |after the break |next )?(?:I'll|we'll|I will|we will|I'm going to|we're going to|you'll see|you'll learn|is|there's)\\b[^.!?]*",
            "(?:I'll|we'll|I will|we will|I'm going to|we're going to) (?:show|tell|give|teach|make|taste|try|explain|share|demonstrate|do|come back to|talk about)\\b[^.!?]*\\b(?:later(?: on)?|in a (?:minute|moment|bit|second)|at the end|before (?:we|you) (?:go|finish|leave)|shortly|afterwards)",
            "I promised (?:you )?[^.!?]*");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told().all(PROMISE).filter(x -> !isForAnotherLesson(x) && !x.is(Asides.Kind.DENIED)))
                .filter(x -> isOpen(s, x))
                .map(x -> at(s, x.step().id(), x.words().strip()));
    }

    /** "At the end I'll show you how to freeze it for another day" is still for this lesson. */
    private static boolean isForAnotherLesson(Told.Said said) {
        return said.is(Asides.Kind.OTHER_TIME) && !KEPT_FOR.isIn(said.sentence());
    }

    private static final Phrase KEPT_FOR = Phrase.of("for (?:another|the next) day\\b", "for tomorrow\\b");

    /** "At the end I'm going to show you how to" announces, whatever it is. */
    private static final Pattern FRAME = Pattern.compile(
            "^.*?\\b(?:show|teach|tell|explain to) (?:you|them|everybody|everyone) (?:all )?(?:about|how (?:to|you|we)|what|why|where)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Letters of a goodbye. */
    private static final int SHORT = 40;

    private static boolean isOpen(Situation s, Told.Said said) {
        var about = new HashSet<>(Content.of(FRAME.matcher(said.words()).replaceFirst("")));
        about.removeAll(Content.of("another day as well end later after"));
        // "That" is nothing in particular, but where nothing follows nothing is shown.
        if (about.isEmpty())
            return said.number() == s.lesson().steps().size() && said.after().length() < SHORT;
        var after = new HashSet<>(Content.of(said.after()));
        s.lesson()
                .steps()
                .subList(said.number(), s.lesson().steps().size())
                .forEach(step -> after.addAll(Content.of(step)));
        return about.stream().noneMatch(after::contains);
    }
}
