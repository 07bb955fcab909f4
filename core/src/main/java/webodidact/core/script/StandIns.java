package webodidact.core.script;

import java.util.List;
import java.util.regex.Pattern;

/** "Shallots, or an onion", "oat milk instead of the milk", "a stock cube if you have no stock": one line of the list and others for it. */
final class StandIns {
    private static final Pattern OR = Pattern.compile(
            "(?is)\\s*,?\\s*(?:or|or else|or even|or maybe|or just|or use)\\s+(?:an?|some|those|the|any|your|a bit of|a (?:tin|jar|handful|splash|bunch) of|\\d+ \\p{L}+ of)?\\s*(?:\\p{L}+ ){0,2}");
    private static final Pattern SWAPS = Pattern.compile(
            "\\b(?:instead|in place of|swap|swapped|substitute|works? (?:just )?as well|works? (?:too|fine)|(?:is|are|will be|would be|['’]s) (?:just )?(?:fine|ok|okay|good|lovely|grand)|will do|does just as well|used?|go for|try|crumble in|(?:is|are) what you (?:want|need|use))\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern AS_WELL = Pattern.compile(
            "\\bworks? (?:just )?as well\\b|\\b(?:is|are|['’]s) just as (?:nice|good|fine)\\b|\\b(?:you|we) (?:can|could|might) (?:just )?(?:also|equally) use\\b|\\b(?:you|we) (?:can|could|might) (?:just )?use [^.,;!?]* (?:too|as well)\\b|\\b(?:can|could) (?:they|I|we|you) use\\b|\\b(?:you|we) (?:can|could|might) (?:just )?(?:do|make) (?:this|it|them|these) with [^.,;!?]* (?:instead|too|as well)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OR_THIS =
            Pattern.compile("^\\s*or,? (?:you|we|they|some) (?:can|could|may|might)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern HAS_NONE = Pattern.compile(
            "\\b(?:vegans?|vegetarians?|dairy[- ]free|gluten[- ]free|co?eliacs?)\\b[^.!?]{0,20}\\?\\s*$|\\b(?:no|out of|haven['’]t got|don['’]t have)(?: any)? [^.!?]{2,30}\\?\\s*$",
            Pattern.CASE_INSENSITIVE);
    /** "If you've no yoghurt use": of who has none. */
    private static final Pattern IF_NONE = Pattern.compile(
            "\\bif (?:you|anyone|someone)(?:['’]ve| have|['’]s| has|['’]re| are)? (?:got )?(?:no|none of|out of|short of)(?: the| any)? [^.!?]{2,30}?,? (?:use|take|try|go for|have)\\b[^.,!?]*$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SWAPPED = Pattern.compile(
            "\\b(?:swap|swapped|replace|switch)\\b.*\\b(?:for|with|out for)\\s+(?:\\p{L}+ ){0,2}$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern INSTEAD = Pattern.compile("\\binstead\\b|\\bin place of\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern IF = Pattern.compile(
            "\\bif (?:you|anyone|someone|there)(?:['’](?:re|ve)| are| is| have| has| haven['’]?t| don['’]?t| can['’]?t| cannot| only|['’]s)\\b(?! (?:fancy|like|want))|\\bfor (?:a )?(?:vegans?|vegetarians?|dairy-free|gluten-free)\\b|^\\W*(?:and |so |now )?(?:vegans?|veggies|vegetarians?|gluten[- ]free|dairy[- ]free|nut[- ]free|co?eliacs?)(?: (?:lot|folks?|people|ones|friends|crew|gang|cooks?))?, ",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern CAN_SWAP = Pattern.compile(
            "\\byou (?:can|could|may) (?:also |always |just |easily )?(?:swap|replace|substitute|switch)\\b",
            Pattern.CASE_INSENSITIVE);

    private StandIns() {}

    /** "No butter? Use the oil", "you can swap the cream for yoghurt": what stands there is offered to whoever needs it, not taken here. */
    static boolean isOffer(String text, int at) {
        int from = at - HeatWords.sentenceBefore(text, at, 200).length();
        return HAS_NONE.matcher(text.substring(0, from)).find()
                || IF_NONE.matcher(text.substring(from, at)).find()
                || CAN_SWAP.matcher(HeatWords.sentenceAround(text, at)).find();
    }

    /** The mention as a stand-in for the line it is said for, with no line where that is not on the list either; null if it is none. */
    static Mentions.Mention of(String text, Mentions.Mention mention, List<Mentions.Mention> all) {
        int from = mention.start()
                - HeatWords.sentenceBefore(text, mention.start(), 200).length();
        var sentence = HeatWords.sentenceAround(text, mention.start());
        int to = from + sentence.length();
        var near = all.stream()
                .filter(m -> m.start() >= from && m.start() < to && m != mention && m.kind() != Mentions.Kind.TOOL)
                .toList();
        var before = near.stream().filter(m -> m.end() <= mention.start()).toList();
        var after = near.stream().filter(m -> m.start() >= mention.end()).toList();
        boolean second = !before.isEmpty()
                && OR.matcher(text.substring(before.getLast().end(), mention.start()))
                        .matches();
        boolean first = !after.isEmpty()
                && OR.matcher(text.substring(mention.end(), after.getFirst().start()))
                        .matches();
        var listed = near.stream().filter(m -> m.kind() == Mentions.Kind.LISTED).toList();
        if (second || first) {
            // Of an alternative to what is not listed either only the first is missing.
            if (!listed.isEmpty() && (isJoined(text, mention, all, listed)))
                return standIn(mention, nearest(mention, listed));
            if (second) return standIn(mention, "");
        }
        boolean swapped = !before.isEmpty()
                && before.getLast().kind() == Mentions.Kind.LISTED
                && SWAPPED.matcher(text.substring(from, mention.start())).find();
        if (swapped) return standIn(mention, before.getLast().id());
        // "Margarine works as well as butter", "or you can do this with lentils", "no yoghurt? Use crème fraîche".
        boolean other = AS_WELL.matcher(sentence).find()
                || OR_THIS.matcher(sentence).find()
                || HAS_NONE.matcher(text.substring(0, from)).find();
        if (other) return standIn(mention, nearest(mention, listed.isEmpty() ? justBefore(mention, all) : listed));
        boolean swap = INSTEAD.matcher(sentence).find()
                || IF.matcher(sentence).find() && SWAPS.matcher(sentence).find();
        if (!swap) return null;
        if (!listed.isEmpty()) return standIn(mention, nearest(mention, listed));
        return INSTEAD.matcher(sentence).find() || IF.matcher(sentence).find() ? standIn(mention, "") : null;
    }

    /** A chain of "or" leads from one to a listed one. */
    private static boolean isJoined(
            String text, Mentions.Mention mention, List<Mentions.Mention> all, List<Mentions.Mention> listed) {
        int at = all.indexOf(mention);
        for (int i = at; i > 0 && joins(text, all.get(i - 1), all.get(i)); i--)
            if (listed.contains(all.get(i - 1))) return true;
        for (int i = at; i + 1 < all.size() && joins(text, all.get(i), all.get(i + 1)); i++)
            if (listed.contains(all.get(i + 1))) return true;
        return false;
    }

    private static boolean joins(String text, Mentions.Mention a, Mentions.Mention b) {
        return b.start() >= a.end()
                && OR.matcher(text.substring(a.end(), b.start())).matches();
    }

    /** "No eggs? A spoon of yoghurt does it": named in the question. */
    private static List<Mentions.Mention> justBefore(Mentions.Mention mention, List<Mentions.Mention> all) {
        return all.stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED
                        && m.end() <= mention.start()
                        && mention.start() - m.end() < ASKED)
                .toList();
    }

    /** Letters between what somebody has not and what does instead. */
    private static final int ASKED = 40;

    private static String nearest(Mentions.Mention mention, List<Mentions.Mention> listed) {
        Mentions.Mention best = null;
        for (var m : listed)
            if (best == null || Math.abs(m.start() - mention.start()) < Math.abs(best.start() - mention.start()))
                best = m;
        return best == null ? "" : best.id();
    }

    private static Mentions.Mention standIn(Mentions.Mention m, String line) {
        return new Mentions.Mention(m.start(), m.end(), Mentions.Kind.STAND_IN, m.id(), m.words(), line);
    }
}
