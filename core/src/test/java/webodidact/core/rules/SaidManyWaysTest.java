package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One slip in many mouths, and what sounds like it and is none: what is said in the last step of a small lesson. */
class SaidManyWaysTest {
    private static final List<String> FISH_AND_EGG = List.of(
            "food 400 g white fish",
            "food 2 eggs",
            "food 200 ml milk",
            "food 100 g butter",
            "food 1 tsp salt",
            "food 50 g sugar",
            "food 200 g rice",
            "food 1 lemon");

    private static boolean says(String check, String audience, String kind, String words) {
        var lines = new ArrayList<String>();
        lines.add("# " + check);
        lines.add("for " + audience + " COOK_ALONG 60 6 UK");
        lines.addAll(FISH_AND_EGG);
        lines.add("= WELCOME Hello");
        lines.add("Hello.");
        lines.add("= " + kind + " Now");
        lines.add(words);
        return WholeLessons.checks(WholeLessons.whole(lines)).contains(check);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Leave the fish out on the side overnight.
            It can stand on the worktop for three hours.
            Whatever you don't eat can stay at room temperature on the counter overnight.
            Let it sit in the pan until bedtime.
            That'll live on the hob all day.
            """)
    void foodIsLeftOut(String words) {
        assertThat(says("left-out-too-long", "ADULTS", "TALK", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Never leave the fish out on the side overnight.
            Leave the butter out on the side overnight.
            Leave the dough on the worktop for two hours.
            Let it stand on the side for ten minutes.
            Soak them in a bowl overnight.
            Next week it all starts again.
            """)
    void foodIsNotLeftOut(String words) {
        assertThat(says("left-out-too-long", "ADULTS", "TALK", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            It's gluten free.
            This is totally nut free.
            There are no nuts in it at all.
            It's safe for anyone with an allergy.
            It's free from dairy.
            No eggs in these whatsoever.
            """)
    void freedomIsPromised(String words) {
        assertThat(says("free-from-claimed", "ADULTS", "TALK", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            If you're gluten free, take rice flour.
            It's not nut free, mind.
            Check the label to see if it's gluten free.
            Use gluten free flour if you like.
            There are no nuts left in the bag.
            I can't promise that it's dairy free.
            """)
    void freedomIsNotPromised(String words) {
        assertThat(says("free-from-claimed", "ADULTS", "TALK", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            It's so good for your heart.
            Fish stops heart attacks.
            Lemon boosts your immune system.
            This is a real superfood.
            It's guilt-free, this one.
            A good source of iron.
            Ever so healthy.
            That'll knock a cold on the head, it beats any cold.
            """)
    void healthIsPromised(String words) {
        assertThat(says("health-claim", "ADULTS", "TALK", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            It's good for a Sunday.
            This stops it sticking.
            It lowers the heat a bit.
            That's not healthy, but who cares.
            Good for you, well done.
            """)
    void healthIsNotPromised(String words) {
        assertThat(says("health-claim", "ADULTS", "TALK", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Taste it and stir it again with the same spoon.
            Have a taste. I'll just pop that spoon back in.
            Try it with your finger.
            Have a spoonful to see, and carry on stirring with that.
            Taste it off the wooden spoon.
            """)
    void aSpoonGoesBack(String words) {
        assertThat(says("tasting-spoon-returns", "ADULTS", "HANDS_ON", words))
                .as(words)
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Taste it with a clean spoon and stir it again.
            Taste it, a fresh spoon each time, then stir again.
            Taste it. Season it. Serve it.
            Put the spoon down.
            """)
    void aSpoonDoesNotGoBack(String words) {
        assertThat(says("tasting-spoon-returns", "ADULTS", "HANDS_ON", words))
                .as(words)
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Well done Jessamy, that's lovely.
            Thanks to Orrin for the question.
            Fenella asked about the lemon.
            A big kiss to Wilhelmina who is watching.
            Happy birthday Cosmo!
            """)
    void aLearnerIsNamed(String words) {
        assertThat(says("name-published", "ADULTS", "TALK", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Well done Everyone, that's lovely.
            Thanks to all of you for the questions.
            Hello Bakers, are you ready?
            Good evening. Tonight it's fish.
            Happy birthday to whoever has one.
            """)
    void nobodyIsNamed(String words) {
        assertThat(says("name-published", "ADULTS", "TALK", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Pour the oil down the sink.
            The fat goes down the plughole with hot water.
            Tip the bacon fat away into the drain.
            Any oil left over just tip it down the sink.
            """)
    void fatIsPouredAway(String words) {
        assertThat(says("fat-down-drain", "ADULTS", "PLATE", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Never pour the oil down the sink.
            Put the fat in a jar, not down the drain.
            Drain the rice in the sink.
            Pour the oil into the pan.
            """)
    void fatIsNotPouredAway(String words) {
        assertThat(says("fat-down-drain", "ADULTS", "PLATE", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            For more people double everything and bake it twice as long.
            Twice the ingredients, so twice the time in the oven.
            You could do two at once, just cook them for double the time.
            If you're doubling it, give it twice the time.
            """)
    void timeIsDoubled(String words) {
        assertThat(says("doubled-time", "ADULTS", "TALK", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Double everything and bake it ten minutes longer.
            Double everything, but don't cook it twice as long.
            It is double cream.
            Turn it twice while it bakes.
            """)
    void timeIsNotDoubled(String words) {
        assertThat(says("doubled-time", "ADULTS", "TALK", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Leave it to rest.
            Then that needs to stand.
            Let it cool down.
            Cool in the tin, then lift it out.
            """)
    void aWaitHasNoLength(String words) {
        assertThat(says("wait-unsaid", "ADULTS", "HANDS_ON", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Leave it to rest for ten minutes.
            Leave it to cool while we make the sauce.
            Set them aside.
            Put the rest in the bowl.
            """)
    void aWaitHasALength(String words) {
        assertThat(says("wait-unsaid", "ADULTS", "HANDS_ON", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            The recipe is in the description.
            There's a picture of it below.
            I'll put the pics below.
            Click the link.
            """)
    void aPointerPointsNowhere(String words) {
        assertThat(says("pointer-to-nothing", "ADULTS", "TALK", words))
                .as(words)
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Is it recording? Right.
            Are we live yet?
            Hang on, let me start that again.
            Edit that out, please.
            Sorry, that's the dog.
            """)
    void talkStrays(String words) {
        assertThat(says("stray-talk", "ADULTS", "TALK", words)).as(words).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Cut that in half.
            Start again with the other half.
            Can you hear it sizzle?
            The dog that we keep is called after a fish.
            """)
    void talkDoesNotStray(String words) {
        assertThat(says("stray-talk", "ADULTS", "TALK", words)).as(words).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Slice the lemon. | true
            Cut the fish into pieces. | true
            Slice the lemon, fingers tucked in. | false
            Mind your fingers and slice the lemon. | false
            Cut rounds with the cutter. | false
            Squeeze the lemon. | false
            """)
    void aGripIsSaid(String words, boolean found) {
        assertThat(says("grip-unsaid", "AGES_11_16", "HANDS_ON", words))
                .as(words)
                .isEqualTo(found);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Fry the fish over a medium heat for five minutes. | true
            Drain the rice. | true
            With your grown-up, fry the fish over a medium heat for five minutes. | false
            Ask an adult to drain the rice. | false
            No grown-up needed, fry the fish over a medium heat for five minutes. | true
            Squeeze the lemon. | false
            """)
    void anAdultIsAskedFor(String words, boolean found) {
        assertThat(says("adult-not-called", "AGES_7_11", "HANDS_ON", words))
                .as(words)
                .isEqualTo(found);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            The oven should be at 425. Preheat the oven to 425. | true
            Preheat the oven to 200 °C. | false
            Preheat the oven to 180 fan. | false
            Bake 12 of them. | false
            """)
    void aTemperatureHasItsScale(String words, boolean found) {
        assertThat(says("degrees-unstated", "ADULTS", "HANDS_ON", words))
                .as(words)
                .isEqualTo(found);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Half of the butter, that's 20 g. | true
            Half the butter, so 50 g. | false
            A quarter of the butter, that's about 24 g. | false
            Half of the sugar, which is 30 grams. | true
            Half an hour, that's 30 minutes. | false
            """)
    void aShareIsItsFigure(String words, boolean found) {
        assertThat(says("share-wrong", "ADULTS", "HANDS_ON", words)).as(words).isEqualTo(found);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            What gives it its stretch? Have a think. | true
            Why do we rest it before we cut? | true
            Why do we rest it before we cut? Because the juice stays in. | false
            How are you all today? | false
            Can you see the bubbles? | false
            """)
    void aQuestionHasItsAnswer(String words, boolean found) {
        assertThat(says("question-unanswered", "ADULTS", "TASK", words))
                .as(words)
                .isEqualTo(found);
    }
}
