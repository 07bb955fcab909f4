package webodidact.core.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.food.Allergen;
import webodidact.core.food.AllergenWords;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.list.HomeList;
import webodidact.core.swap.KnockOn;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;
import webodidact.core.words.Names;

/**
 * Answers what a home asks from the substitution sheet and the tables, with that home's amounts. What is not known is not answered: a
 * question that means nothing sure is {@link Kind#UNMATCHED}.
 */
public final class Answering {
    /** What a question is about. */
    public enum Kind {
        FOOD,
        TOOL,
        ALLERGY,
        AMOUNT,
        OVEN,
        UNMATCHED
    }

    /**
     * @param about id of the food line or tool, code of the allergen, or ""
     * @param offer the stand-in, or null
     * @param say one sentence to say, or ""
     * @param then what else changes because of it, the matter of safety first
     */
    public record Answer(Kind kind, String about, Offer offer, String say, List<String> then) {
        static final Answer UNMATCHED = new Answer(Kind.UNMATCHED, "", null, "", List.of());

        public Answer {
            then = List.copyOf(then);
        }

        /** The food to put on the sheet. */
        public Optional<String> standIn() {
            return offer == null || offer.food() == null
                    ? Optional.empty()
                    : Optional.of(offer.food().id());
        }
    }

    private static final Pattern LACKS = Pattern.compile(
            "\\b(no|not|without|instead of|in place of|out of|forgot|forgotten|swap|swapped|replace|couldn['’]?t|can['’]?t|cannot|haven['’]?t|hasn['’]?t|"
                    + "don['’]?t|didn['’]?t|broken?|missing|lost|none|never|run out|sold out|short of)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BROKEN = Pattern.compile(
            "\\s*(is|are|['’]s|has|have)?\\s*(broken?|missing|lost|gone|sold out|run out|mouldy|off)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern INSTEAD = Pattern.compile(
            "\\b(instead|only|just|use|using|ok|okay|alright|all right|do|work|got|have|for)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern HOW_MUCH =
            Pattern.compile("\\bhow (much|many)\\b|\\bamount of\\b|\\bwhat quantity\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern CANNOT_EAT = Pattern.compile(
            "\\b(allerg\\w*|intoleran\\w*|coeliac|celiac|(can['’]?t|cannot|mustn['’]?t) (have|eat)|reacts? to|epi ?pen)\\b",
            Pattern.CASE_INSENSITIVE);
    /** It is there, and not wanted: a matter of taste that the sheet does not answer. */
    private static final Pattern UNWANTED = Pattern.compile(
            "\\b((don['’]?t|doesn['’]?t|won['’]?t) (like|want|eat)|hates?|leave (it|that|them|out|off)|do (i|we) (have|need) to|skip)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FORM =
            Pattern.compile("\\b(dried|frozen|tinned|canned|powdered|smoked|cooked)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN = Pattern.compile("\\boven\\b(?! gloves?)", Pattern.CASE_INSENSITIVE);

    private final Lesson lesson;
    private final List<Household> homes;
    private final Knowledge knowledge;
    private final Course course;

    public Answering(Lesson lesson, List<Household> homes, Knowledge knowledge, Course course) {
        this.lesson = lesson;
        this.homes = homes;
        this.knowledge = knowledge;
        this.course = course;
    }

    /** @param home who asks; its measures, diets and allergies count */
    public Answer of(String question, Household home) {
        var text = question.strip();
        var foods = knowledge.foodsIn(text);
        var allergy = allergy(text, home);
        if (allergy.isPresent()) return allergy.get();
        var lines = foods.stream().filter(f -> line(f.id()).isPresent()).toList();
        if (HOW_MUCH.matcher(text).find())
            return lines.size() == 1 ? amount(line(lines.getFirst().id()).orElseThrow(), home) : Answer.UNMATCHED;
        if (UNWANTED.matcher(text).find()) return Answer.UNMATCHED;
        var tool = tool(text, home);
        if (tool.isPresent()) return tool.get();
        var missing = missing(text, foods, lines);
        if (missing.isPresent()) {
            var other = foods.stream()
                    .filter(f ->
                            f != missing.get() && !f.id().equals(missing.get().id()))
                    .max(Comparator.comparing(f -> line(f.id()).isEmpty()));
            var form = FORM.matcher(text);
            if (other.isEmpty() && form.find())
                return inForm(missing.get(), form.group().toLowerCase(Locale.ROOT), home);
            return food(line(missing.get().id()).orElseThrow(), other.map(Names.Found::id), home);
        }
        if (lines.size() == 1 && foods.size() == 1) {
            var form = FORM.matcher(text);
            form.region(0, lines.getFirst().start());
            var last = "";
            while (form.find())
                if (text.substring(form.end(), lines.getFirst().start()).isBlank()) last = form.group();
            if (!last.isEmpty()) return inForm(lines.getFirst(), last.toLowerCase(Locale.ROOT), home);
        }
        if (lines.isEmpty() && foods.size() == 1 && INSTEAD.matcher(text).find())
            return standIn(foods.getFirst(), home);
        if (OVEN.matcher(text).find() && lacks(text, OVEN.matcher(text)) && !home.oven()) return oven();
        return Answer.UNMATCHED;
    }

    private Optional<FoodLine> line(String food) {
        var same = lesson.foods().stream()
                .filter(l -> food.equals(l.food()) || food.equals(l.cooked()))
                .findFirst();
        return same.isPresent() ? same : kind(food);
    }

    /** "The potatoes" are the new potatoes of the list, where one line alone is of that kind; peanut butter is no butter. */
    private Optional<FoodLine> kind(String id) {
        var food = knowledge.food(id).orElse(null);
        if (food == null) return Optional.empty();
        var alike = lesson.foods().stream()
                .filter(l -> knowledge
                        .food(l.food())
                        .filter(f -> f.group() == food.group()
                                && f.risk() == food.risk()
                                && f.allergens().equals(food.allergens())
                                && f.name().endsWith(" " + food.name()))
                        .isPresent())
                .toList();
        return alike.size() == 1 ? Optional.of(alike.getFirst()) : Optional.empty();
    }

    /** The food of the list that is said to be lacking: the one that stands nearest after a word that says so. */
    private Optional<Names.Found> missing(String text, List<Names.Found> foods, List<Names.Found> lines) {
        if (lines.isEmpty()) return Optional.empty();
        Names.Found best = null;
        int nearest = Integer.MAX_VALUE;
        for (var line : lines) {
            int off = lacking(text, line, foods);
            if (off >= 0 && off < nearest) {
                nearest = off;
                best = line;
            }
        }
        if (best != null) return Optional.of(best);
        // "We have chicken instead of …": what the list names and something else for it.
        boolean another = foods.stream().anyMatch(f -> line(f.id()).isEmpty());
        return another && lines.size() == 1 && INSTEAD.matcher(text).find()
                ? Optional.of(lines.getFirst())
                : Optional.empty();
    }

    /** Letters between a word that says it is lacking and the food, with no other food between; -1 if none does. */
    private static int lacking(String text, Names.Found food, List<Names.Found> foods) {
        int best = -1;
        var lacks = LACKS.matcher(text);
        while (lacks.find()) {
            int end = lacks.end();
            if (end > food.start()) break;
            boolean between = foods.stream().anyMatch(f -> f.start() >= end && f.end() <= food.start());
            boolean sentence = text.substring(end, food.start()).matches(".*[.!?;].*");
            if (!between && !sentence) best = food.start() - end;
        }
        if (best >= 0) return best;
        var broken = BROKEN.matcher(text);
        broken.region(food.end(), text.length());
        return broken.lookingAt() ? 0 : -1;
    }

    private static boolean lacks(String text, Matcher thing) {
        if (!thing.find()) return false;
        var lacks = LACKS.matcher(text);
        boolean before = false;
        while (lacks.find()) before |= lacks.end() <= thing.start() || lacks.start() >= thing.end();
        return before;
    }

    private Answer amount(FoodLine line, Household home) {
        var entry = entry(line, home);
        if (entry.isEmpty() || line.amount() == null) return Answer.UNMATCHED;
        return new Answer(
                Kind.AMOUNT,
                line.id(),
                null,
                Words.OURS.say("answer.amount", entry.get().take(), entry.get().item()),
                List.of());
    }

    private Optional<HomeList.Entry> entry(FoodLine line, Household home) {
        return HomeList.of(lesson, home, homes, knowledge, course).entries().stream()
                .filter(e -> e.line().equals(line.id()))
                .findFirst();
    }

    private Answer food(FoodLine line, Optional<String> wanted, Household home) {
        var food = knowledge.food(line.food()).orElse(null);
        if (food == null) return Answer.UNMATCHED;
        var without = home.but(d -> {
            var all = new TreeSet<>(d.missingFoods);
            all.add(food.id());
            d.missingFoods = all;
        });
        var offers = new Swaps(knowledge, course).offers(lesson, line, List.of(without));
        if (wanted.isPresent()) {
            var other = knowledge.food(wanted.get()).orElse(null);
            var offer = offers.stream()
                    .filter(o -> o.food() != null && o.food().equals(other))
                    .findFirst();
            if (offer.isEmpty() || other == null) return unknown(line, other);
            return offer.get().isRefused() || !offer.get().helps(home, knowledge)
                    ? refused(line, offer.get(), home)
                    : stands(line, offer.get(), without);
        }
        // What is on the sheet has been thought about: it comes first.
        return offers.stream()
                .filter(o -> o.helps(without, knowledge))
                .min(Comparator.comparing((Offer o) ->
                        o.food() == null || !line.mentioned().contains(o.food().id())))
                .map(o -> stands(line, o, without))
                .orElseGet(() -> nothing(line));
    }

    /** The same food, dried or frozen: a food of its own, or nobody has written how it goes. */
    private Answer inForm(Names.Found found, String form, Household home) {
        var line = line(found.id()).orElseThrow();
        var name = knowledge.food(found.id()).map(Food::name).orElse("");
        var other = knowledge.foodNamed(form + " " + name).filter(f -> !f.id().equals(found.id()));
        return other.isPresent()
                ? food(line, Optional.of(other.get().id()), home)
                : new Answer(
                        Kind.FOOD,
                        line.id(),
                        null,
                        Words.OURS.say("answer.unknown", form + " " + name, line.item()),
                        List.of());
    }

    private Answer stands(FoodLine line, Offer offer, Household home) {
        var agreed = home.agreeing(lesson.id(), line.id(), offer.food().id());
        var entry = entry(line, agreed);
        if (entry.isEmpty()) return Answer.UNMATCHED;
        return new Answer(
                Kind.FOOD,
                line.id(),
                offer,
                Words.OURS.say("answer.food", entry.get().take(), entry.get().item(), line.item()),
                then(offer, entry.get().contains()));
    }

    private static List<String> then(Offer offer, String contains) {
        var all = new ArrayList<String>();
        for (var kind : List.of(KnockOn.Kind.SAFETY, KnockOn.Kind.TIME, KnockOn.Kind.CHANGE, KnockOn.Kind.BREAKS))
            all.addAll(offer.of(kind));
        if (offer.toBeTried()) all.add(Words.OURS.say("answer.tried"));
        if (!contains.isBlank()) all.add(Words.OURS.say("answer.contains", contains));
        return all;
    }

    private Answer refused(FoodLine line, Offer offer, Household home) {
        var why = offer.isRefused() ? offer.refused() : Words.OURS.say("answer.notThem", home.alias());
        return new Answer(
                Kind.FOOD,
                line.id(),
                null,
                Words.OURS.say("answer.refused", offer.title(), line.item(), why),
                List.of());
    }

    private static Answer unknown(FoodLine line, Food other) {
        return new Answer(
                Kind.FOOD,
                line.id(),
                null,
                Words.OURS.say("answer.unknown", other == null ? "" : other.name(), line.item()),
                List.of());
    }

    private static Answer nothing(FoodLine line) {
        return new Answer(Kind.FOOD, line.id(), null, Words.OURS.say("answer.nothing", line.item()), List.of());
    }

    /** Something that is not on the list, for something that is not named: only where one line alone could mean it. */
    private Answer standIn(Names.Found found, Household home) {
        var food = knowledge.food(found.id()).orElseThrow();
        var swaps = new Swaps(knowledge, course);
        var meant = lesson.foods().stream()
                .filter(l -> swaps.offers(lesson, l, List.of(home)).stream().anyMatch(o -> food.equals(o.food())))
                .toList();
        if (meant.size() == 1) return food(meant.getFirst(), Optional.of(food.id()), home);
        var alike = lesson.foods().stream()
                .filter(l -> knowledge
                        .food(l.food())
                        .filter(f -> f.group() == food.group() && f.risk() == food.risk())
                        .isPresent())
                .toList();
        return meant.isEmpty() && alike.size() == 1 ? unknown(alike.getFirst(), food) : Answer.UNMATCHED;
    }

    private Optional<Answer> tool(String text, Household home) {
        var found = knowledge.toolsIn(text);
        var lesson = found.stream().filter(f -> isUsed(f.id())).toList();
        var broken = lesson.stream()
                .filter(f -> lacking(text, f, found) >= 0)
                .findFirst()
                .or(() -> lesson.size() == 1
                                && home.missingTools()
                                        .contains(lesson.getFirst().id())
                        ? Optional.of(lesson.getFirst())
                        : Optional.empty());
        if (broken.isEmpty()) return Optional.empty();
        var tool = knowledge.tool(broken.get().id()).orElseThrow();
        var other = found.stream()
                .filter(f -> !f.id().equals(tool.id()))
                .map(Names.Found::id)
                .findFirst();
        var instead = tool.instead().stream()
                .filter(i ->
                        other.map(i.tool()::equals).orElse(!home.missingTools().contains(i.tool())))
                .findFirst();
        if (instead.isEmpty())
            return Optional.of(new Answer(
                    Kind.TOOL,
                    tool.id(),
                    null,
                    other.flatMap(knowledge::tool)
                            .map(t -> Words.OURS.say("answer.unknown", t.name(), tool.name()))
                            .orElseGet(() -> Words.OURS.say("answer.nothing", tool.name())),
                    List.of()));
        return Optional.of(new Answer(
                Kind.TOOL,
                tool.id(),
                null,
                Words.OURS.say("answer.tool", name(instead.get()), tool.name()),
                instead.get().note().isBlank()
                        ? List.of()
                        : List.of(instead.get().note())));
    }

    private String name(Tool.Instead instead) {
        return knowledge.tool(instead.tool()).map(Tool::name).orElse(instead.tool());
    }

    private boolean isUsed(String tool) {
        return lesson.tools().stream().anyMatch(t -> tool.equals(t.tool()))
                || lesson.steps().stream().anyMatch(s -> s.tools().contains(tool));
    }

    private Answer oven() {
        var steps = lesson.steps().stream()
                .filter(s -> s.place() == Place.OVEN)
                .map(s -> String.valueOf(lesson.indexOf(s.id()) + 1))
                .toList();
        if (steps.isEmpty()) return Answer.UNMATCHED;
        return new Answer(Kind.OVEN, "", null, Words.OURS.say("answer.oven", String.join(", ", steps)), List.of());
    }

    /** What declares it, and whose label has to be read: never that a dish is safe. */
    private Optional<Answer> allergy(String text, Household home) {
        if (!CANNOT_EAT.matcher(text).find()) return Optional.empty();
        var named = AllergenWords.in(text);
        if (named.isEmpty()) return Optional.empty();
        var allergic = home.but(d -> {
            var all = new TreeSet<>(d.allergies);
            all.addAll(named);
            d.allergies = all;
        });
        var say = new ArrayList<String>();
        var then = new ArrayList<String>();
        Offer first = null;
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food == null) {
                then.add(Words.OURS.say("answer.unknownFood", line.item()));
            } else if (food.allergens().stream().anyMatch(named::contains)) {
                var answer = food(line, Optional.empty(), allergic);
                if (first == null) first = answer.offer();
                say.add(
                        answer.offer() == null
                                ? Words.OURS.say("answer.hasNothing", line.item())
                                : Words.OURS.say("answer.has", line.item(), answer.say()));
                then.addAll(answer.then());
            } else if (food.checkLabel()) then.add(Words.OURS.say("answer.label", line.item()));
        }
        then.add(Words.OURS.say("answer.advice"));
        var titles = String.join(", ", named.stream().map(Allergen::title).toList());
        return Optional.of(new Answer(
                Kind.ALLERGY,
                named.getFirst().code(),
                first,
                say.isEmpty() ? Words.OURS.say("answer.noneDeclared", titles) : String.join(" ", say),
                then));
    }
}
