package webodidact.core.lesson;

/**
 * The words of a step.
 *
 * @param say aloud
 * @param doing what hands do meanwhile
 * @param tellThenDo words and hands one after the other instead of together
 */
public record Spoken(String say, String doing, boolean tellThenDo) {
    public Spoken {
        say = Texts.orEmpty(say);
        doing = Texts.orEmpty(doing);
    }
}
