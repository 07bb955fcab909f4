package webodidact.core.rules;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** A question to learners and no answer, in the words or beside them. */
final class QuestionUnanswered implements Check {
    private static final Phrase ASKED = Phrase.of(
            "(?:what|why|how|which|who|where)\\b (?:do|does|did|is|are|would|might|will|makes?|happens|else|could|gives?|keeps?|turns?|causes?|stops?|helps?|puts?|goes)\\b[^.!?]{8,120}\\?",
            "(?:can|could) (?:you|anyone|anybody) (?:guess|tell me|think|remember|name)\\b[^.!?]{4,120}\\?",
            "(?:do you|does anyone|who) (?:know|remember)s?\\b[^.!?]{4,120}\\?",
            "who can (?:tell|say)\\b[^.!?]{4,120}\\?");
    /** Who asks so is about to tell. */
    private static final Phrase TO_TELL = Phrase.of("find out\\b", "let me tell\\b", "want to know\\b", "wondering\\b");

    private static final Phrase CHAT = Phrase.of(
            "how (?:are|is|was) (?:you|your|everyone|everybody|it|that|things)",
            "where (?:are|is) (?:you|your|my|the|it)",
            "what (?:have|did|are) (?:we|you) (?:got|having|doing|call)",
            "what(?:'s| is) (?:next|that|this|left)",
            "how (?:does|do) (?:it|they|that|yours) (?:look|taste|smell|feel|sound)",
            "can you (?:see|hear|find)",
            "what (?:can|do) you (?:see|smell|hear|notice|taste)",
            "who(?:'s| is)",
            "how many (?:of you|are)",
            "what time",
            "would you like",
            "shall we",
            "do you (?:want|like|need)",
            "where do I");
    private static final Phrase ANSWER = Phrase.of(
            "because\\b",
            "answer\\b",
            "that's (?:why|because|right|it)",
            "it's (?:the|because|called|a|to|so)\\b",
            "exactly\\b",
            "if you said\\b",
            "yes[,.! ]",
            "well,",
            "correct\\b",
            "it is (?:the|because|a|to)\\b",
            "so that\\b",
            "they (?:are|do|have|make)\\b",
            "the reason");

    @Override
    public Stream<Finding> find(Situation s) {
        var asked = s.lesson().steps().stream()
                .filter(step -> !step.question().isBlank() && step.answer().isBlank())
                .filter(step -> !CHAT.isIn(step.question()) && !ANSWER.isIn(step.say()))
                .map(step -> at(s, step.id(), step.question()));
        var said = Told.oncePerStep(s.told()
                        .all(ASKED)
                        .filter(x -> !CHAT.isIn(x.words())
                                && x.step().answer().isBlank()
                                && x.step().question().isBlank()))
                .filter(x -> isOpen(s, x))
                .map(x -> at(s, x.step().id(), x.words().strip()));
        return Stream.concat(asked, said);
    }

    /** "Who knows why it goes up? Steam.": a sentence of one thing, and none that asks on or waits. */
    private static final Pattern ONE_WORD = Pattern.compile(
            "\\W*(?:the |an? |its |their )?(?!(?:anyone|anybody|somebody|someone|everyone|no|nobody|yes|yeah|right|okay|ok|good|well|so|now|hands|go|shout|type|chat|think|guess(?:es)?|answers?|ideas?|any|come|tell|exactly|correct|please|sorry|next|there|great|lovely|brilliant|wonderful|super|perfect|hm+|um+|er+|ah+|oh+|let|wait|have|see|quick|true|false)\\b)\\p{L}{3,}(?: \\p{L}{3,})?[.!]",
            Pattern.CASE_INSENSITIVE);

    /** Letters of a sentence that can be an answer. */
    private static final int TOLD = 24;

    private static boolean isOpen(Situation s, Told.Said said) {
        if (ANSWER.isIn(said.after()) || ONE_WORD.matcher(said.after()).lookingAt()) return false;
        if (TO_TELL.isIn(said.sentence()) && said.after().strip().length() > TOLD) return false;
        var about = Content.of(said.words());
        if (about.stream().anyMatch(Content.of(said.after())::contains)) return false;
        // An answer may come after the pause, in the next step.
        return s
                .lesson()
                .steps()
                .subList(said.number(), Math.min(s.lesson().steps().size(), said.number() + 2))
                .stream()
                .noneMatch(step -> Told.says(step, ANSWER) || about.stream().anyMatch(Content.of(step)::contains));
    }
}
