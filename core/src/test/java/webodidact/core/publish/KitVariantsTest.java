package webodidact.core.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Sets;
import webodidact.core.list.HomeList;

/** Who is handed another set than the usual, what of it is settled, and what stands on its pots. */
class KitVariantsTest {
    private final Lesson lesson = of(
                    List.of(food("f1", "milk", "200 ml"), food("f2", "plain-flour", "150 g"), food("f3", "egg", null)),
                    using(hands("mix", 120), "f1", "f2", "f3").but(d -> d.say = "Whisk the milk into the flour."))
            .but(d -> d.sets = new Sets(3, 1, 0));

    private static Household home(String alias, Map<String, String> agreed, Allergen... without) {
        var named = Household.named(alias);
        return new Household(
                alias,
                named.system(),
                named.diets(),
                without.length == 0 ? EnumSet.noneOf(Allergen.class) : EnumSet.of(without[0], without),
                named.missingTools(),
                named.missingFoods(),
                named.ages(),
                named.adult(),
                named.oven(),
                named.hob(),
                named.microwave(),
                agreed);
    }

    private Question question(Household... homes) {
        return new Question(lesson, COURSE, Knowledge.shipped(), List.of(homes), List.of(lesson), Map.of(), Map.of());
    }

    @Test
    void aSetIsItsOwnersWhereSomethingElseIsAgreedAndOpenWhereItIsNot() {
        var agreed = Map.of(lesson.id() + "/f1", "oat-drink");
        var variants = KitVariants.of(question(
                home("Avocet", Map.of()),
                home("Fulmar", agreed, Allergen.MILK),
                home("Tern", Map.of(), Allergen.MILK)));
        assertThat(variants.sets()).extracting(KitVariants.Own::alias).containsExactly("Fulmar", "Tern");
        var fulmar = variants.sets().getFirst();
        assertThat(fulmar.isSettled()).isTrue();
        assertThat(fulmar.instead())
                .filteredOn(e -> e.line().equals("f1"))
                .first()
                .satisfies(e -> assertThat(e.from()).isEqualTo("milk"))
                .satisfies(e -> assertThat(e.item()).isEqualTo("oat drink"));
        var tern = variants.sets().getLast();
        assertThat(tern.isSettled()).isFalse();
        assertThat(tern.instead()).isEmpty();
        assertThat(tern.open()).extracting(HomeList.Entry::line).contains("f1");
    }

    @Test
    void whatIsAgreedHasALabelWithANameAndWhatIsOpenHasNone() {
        var agreed = Map.of(lesson.id() + "/f1", "oat-drink");
        var question = question(home("Fulmar", agreed, Allergen.MILK), home("Tern", Map.of(), Allergen.MILK));
        var labels = PotLabels.of(question, new Answers(question).kit()).labels();
        assertThat(labels)
                .filteredOn(l -> !l.whose().isEmpty())
                .allSatisfy(l -> assertThat(l.whose()).isEqualTo("Fulmar"))
                .first()
                .satisfies(l -> assertThat(l.contents()).isEqualTo("200 ml oat drink"))
                .satisfies(l -> assertThat(l.contains()).doesNotContain("milk"));
        var alone = question(home("Avocet", Map.of()));
        assertThat(PotLabels.of(alone, new Answers(alone).kit()).labels())
                .allMatch(l -> l.whose().isEmpty());
    }

    @Test
    void whatAStandInNeedsBesidesIsSaidToGoWithIt() {
        var fish = of(
                        List.of(food("f1", "white-fish", "300 g")),
                        using(hands("bake", 120), "f1").but(d -> d.say = "Bake the fish parcels."))
                .but(d -> d.sets = new Sets(3, 1, 0));
        var home = home("Osprey", Map.of(), Allergen.FISH);
        var own = KitVariants.of(new Question(
                        fish, COURSE, Knowledge.shipped(), List.of(home), List.of(fish), Map.of(), Map.of()))
                .sets()
                .getFirst();
        assertThat(own.open()).hasSizeGreaterThan(1);
        var first = own.open().getFirst();
        assertThat(first.along()).isFalse();
        assertThat(first.from()).isEqualTo("white fish fillet");
        assertThat(own.open().subList(1, own.open().size())).allSatisfy(e -> {
            assertThat(e.along()).isTrue();
            assertThat(e.from()).isEqualTo(first.item());
        });
    }

    @Test
    void aDietThatTheLessonMeetsNeedsNoSetOfItsOwn() {
        assertThat(KitVariants.of(question(home("Avocet", Map.of()), home("Ibis", Map.of(), Allergen.FISH)))
                        .sets())
                .isEmpty();
    }
}
