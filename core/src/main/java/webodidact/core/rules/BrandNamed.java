package webodidact.core.rules;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;

/** A make of food is named where its kind would do. */
final class BrandNamed implements Check {
    private static final Pattern BEFORE =
            Pattern.compile("(?<![.!?:]\\s)(?<!^)\\b([A-Z]\\p{Ll}{2,}(?:['’]s)?)(?: \\p{Ll}+)? $");
    /** No capital letter within a sentence, no make. */
    private static final Phrase CAPITALS = Phrase.exactly("(?<=[\\p{Ll},;] )[A-Z]\\p{Ll}{2,}");

    private static final Set<String> PLACES = Set.of(
            "Greek",
            "Italian",
            "French",
            "Spanish",
            "Indian",
            "Thai",
            "Chinese",
            "Japanese",
            "Mexican",
            "English",
            "Scottish",
            "Welsh",
            "Irish",
            "British",
            "American",
            "Canadian",
            "Turkish",
            "Moroccan",
            "Swiss",
            "Dutch",
            "Danish",
            "Polish",
            "German",
            "Korean",
            "Jamaican",
            "Lebanese",
            "Persian",
            "Cornish",
            "Yorkshire",
            "Dijon",
            "Parma",
            "Parmesan",
            "Worcestershire",
            "Cheddar",
            "Maldon",
            "Basmati",
            "Arborio",
            "Medjool",
            "Jersey",
            "King",
            "Maris",
            "Granny",
            "Bramley",
            "Savoy",
            "Brussels",
            "Bombay",
            "Himalayan",
            "Vietnamese",
            "Cajun",
            "Christmas",
            "Easter",
            "Sunday",
            "The",
            "Your",
            "Our",
            "Then",
            "And",
            "Get",
            "Add",
            "Take",
            "Put",
            "Pour",
            "Stir",
            "Tip",
            "Two",
            "Three",
            "One",
            "Four",
            "Half",
            "Some",
            "Now",
            "With",
            "Fresh",
            "Grab",
            "Mix",
            "Chop",
            "Slice",
            "Peel",
            "Saltmarsh",
            "Everyone",
            "Okay",
            "Right",
            "Asian",
            "European",
            "Mediterranean",
            "Sichuan",
            "Chantenay",
            "Romano",
            "Tenderstem",
            "Normandy",
            "Roma",
            "Vidalia",
            "Idaho",
            "Yukon",
            "Hass",
            "Kosher",
            "New");

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .flatMap(step -> Stream.concat(
                                in(s, step, step.say(), s.mentions().get(step.id())),
                                in(s, step, step.doing(), s.done().get(step.id())))
                        .limit(1));
    }

    private Stream<Finding> in(Situation s, Step step, String text, List<Mentions.Mention> mentions) {
        if (!CAPITALS.isIn(text)) return Stream.empty();
        return mentions.stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED || m.kind() == Mentions.Kind.UNLISTED)
                .flatMap(m -> brand(text, m.start())
                        .map(b -> at(s, step.id(), b, m.words())
                                .mending(mend(
                                        "kind", Operations.reword(step.id(), t -> t.replace(b + " ", "")), m.words())))
                        .stream());
    }

    private static Optional<String> brand(String text, int at) {
        var before = text.substring(Math.max(0, at - 30), at);
        var m = BEFORE.matcher(before);
        if (!m.find() || PLACES.contains(m.group(1).replaceFirst("['’]s$", ""))) return Optional.empty();
        // The first word of a sentence has a capital letter whatever it is.
        int start = Math.max(0, at - 30) + m.start(1);
        var lead = text.substring(0, start).stripTrailing();
        return lead.isEmpty() || ".!?:\n\"“".indexOf(lead.charAt(lead.length() - 1)) >= 0
                ? Optional.empty()
                : Optional.of(m.group(1));
    }
}
