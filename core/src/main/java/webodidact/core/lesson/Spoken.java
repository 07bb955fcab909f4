package webodidact.core.lesson;

/**
 * The words of a step.
 *
 * @param say aloud
 * @param doing what hands do meanwhile
 * @param card what learners read of it on the method card, or "" while it is what hands do
 * @param tellThenDo words and hands one after the other instead of together
 */
public record Spoken(String say, String doing, String card, boolean tellThenDo) {
    public Spoken {
        say = Texts.orEmpty(say);
        doing = Texts.orEmpty(doing);
        card = Texts.orEmpty(card);
    }
}
