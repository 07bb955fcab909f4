package webodidact.core.script;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.memo.Remembered;

/**
 * What a text says that is not done here and now. Nothing in it is a use, a deed or a wait, whatever foods, verbs and times it names. Only
 * what the words themselves show is one; where they can mean either, it is none.
 */
public final class Asides {
    /** From {@code start} (inclusive) to {@code end} (exclusive). */
    public record Aside(int start, int end, Kind kind) {}

    /**
     * What makes it one: denied; a likeness, colour or size; another dish or day; still to come; habit or past; what something is made of;
     * praise and advice; put away; asked or only talked about; a state that is waited for; what was done already.
     */
    public enum Kind {
        DENIED,
        LIKENESS,
        OTHER_TIME,
        TO_COME,
        HABIT,
        CONTENTS,
        PRAISE,
        PUT_AWAY,
        ASKED,
        STATE,
        DONE
    }

    private record Sign(Kind kind, boolean wholeSentence, Pattern pattern, Needed needed) {}

    private static final String COLOURS =
            "peach|orange|lemon|cherry|plum|chestnut|coffee|caramel|chocolate|mustard|olive|salmon|cream|honey|ginger|cinnamon|walnut|apricot|biscuit|toffee|straw|butter|raspberry|aubergine|tomato|mint|pea|avocado";
    private static final String TO_CLAUSE_END = "[^.,;:!?\\n]*";

    private static final List<Sign> SIGNS = List.of(
            part(
                    Kind.DENIED,
                    "\\b(?:without|not|never|nor|don['’]t|do not|doesn['’]t|didn['’]t|isn['’]t|aren['’]t|can['’]t|cannot|won['’]t|shouldn['’]t|needn['’]t|haven['’]t|hasn['’]t|hadn['’]t|avoid|leave out|leave off|leaving off|skip the|leaving out|dont|doesnt|didnt|isnt|cant|wont|shouldnt)\\b(?! forget| worry| be (?:afraid|shy)| all\\b| just\\b| only\\b| more than| too\\b| longer| less|,)[^.,;:!?\\n]*?(?=[.,;:!?\\n]|$|\\bbut\\b|\\band use\\b|\\bor (?:it|they)\\b|\\byou (?:can|could)\\b)"),
            part(
                    Kind.DENIED,
                    "\\bno\\b(?! more than| longer| less|,)[^.,;:!?\\n]*?(?=[.,;:!?\\n]|$|\\bbut\\b|(?<!to )\\b(?:use|try|go for) (?:an?|some|the|any|a bit of|\\p{L}+ (?:cream|sauce|milk|oil|flour))\\b|\\b(?:in|on) (?:the|your|it|them)\\b)"),
            whole(
                    Kind.DENIED,
                    "\\b(?:leaving|leave|left|missing) (?:them|it|that|those|these) out\\b(?! (?:for|of the fridge|on the|overnight|at room))|\\b(?:skip|skipping) (?:them|it|that|those)\\b"),
            part(Kind.DENIED, "\\b(?:instead of|rather than|in place of)\\b" + TO_CLAUSE_END),
            part(Kind.DENIED, "\\b(?:run|ran|running|clean|fresh|sold|right) out of\\b" + TO_CLAUSE_END),
            part(
                    Kind.LIKENESS,
                    "\\b(?:the |a )?(?:size|thickness|shape|colour|color|texture|consistency|width|length|weight|feel) of (?:an? |the |your |some )?(?:\\p{L}+ ){0,2}\\p{L}+"),
            part(
                    Kind.LIKENESS,
                    "(?<!would |if you |you |I |we |they |feel |as you |whatever you )\\blike (?!this\\b|that\\b|so\\b|to\\b|it\\b|these\\b|those\\b)(?:an? |the |some |little |big |wet |soft |tiny |thick )*(?:\\p{L}+[- ]?){1,2}"),
            part(
                    Kind.LIKENESS,
                    "\\bas (?!well\\b|soon\\b|long\\b|much\\b|many\\b)(?:\\p{L}+) as (?:an? |the )?(?:\\p{L}+ )?\\p{L}+"),
            part(
                    Kind.LIKENESS,
                    "\\b(?:about |around |roughly )?an? (?:walnut|golf ball|hazelnut|pea|marble|conker|cherry|grape|egg|plum)(?: each| apiece)\\b|\\babout an? (?:walnut|golf ball|hazelnut|marble|conker)\\b"),
            part(
                    Kind.LIKENESS,
                    "\\b(?:roll|shape|form|mould|pat|squash)(?:ed|ing|s)? [^.,;!?]{0,30}?\\binto (?:\\p{L}+ ){0,2}(?:sausages?|burgers|cigars?|fingers|eggs|plums|walnuts)\\b"),
            part(
                    Kind.LIKENESS,
                    "\\b(?:walnut|golf ball|marble|pea|egg|hazelnut|conker|plum|cherry|grape|tennis ball)[- ]size\\b|\\b\\p{L}+[- ]sized\\b|\\b\\p{L}+[- ](?:shaped|coloured)\\b"),
            part(
                    Kind.LIKENESS,
                    "\\b(?:turns?|turning|goes|gone|going|looks?|looking|until|till|nice|pale|deep) (?:a |an |nice |pale |deep |light |lovely |sort of )*(?:"
                            + COLOURS
                            + ")(?: brown| pink| yellow| green| red| colou?r)?(?=\\s*(?:[.,;:!?\\n]|$|and\\b|at the))"),
            whole(
                    Kind.OTHER_TIME,
                    "\\b(?:next|last) (?:week|time|lesson|month|year|session|class)\\b(?<!from last week)|\\btomorrow\\b|\\banother (?:day|lesson|time)\\b|\\bin (?:the )?other lessons?\\b|\\bthe other day\\b"),
            whole(
                    Kind.TO_COME,
                    "\\bin (?:just )?(?:a|one) (?:minute|moment|second|sec|bit)\\s*[.!?]?$|\\bin (?:about |around |another )?[\\p{L}\\d]+(?:[- ]\\p{L}+)? (?:minutes?|mins?|hours?),? (?:we|you|I|they|it)(?:['’]ll| will)\\b|\\bin (?:just )?(?:a|one) (?:minute|moment|second|sec|bit|little while),? (?:we|I|you)\\b|\\b(?:(?:we|I)(?:['’]ll|['’]re going to|['’]m going to| will| are going to) (?:be |need |want |have |come )|you(?:['’]ll|['’]re going to| will| are going to) (?:be |come ))(?!.*\\bnow\\b)|\\blater(?: on)?\\b,? (?:we|I|you)\\b|\\b(?:we|you|I)\\b[^.,;!?]*\\b(?:later on|later|soon enough|in a minute|in a moment)\\s*(?:[.!?]|$)|\\b(?:that|it|them|those|these)\\b[^.,;!?]*\\b(?:later on|later|in a minute|in a moment)\\s*(?:[.!?]|$)|(?<!that['’]s |it['’]s |is |are )\\bcoming up\\b(?! to (?:the|a) (?:boil|simmer|heat|temp))"),
            whole(
                    Kind.HABIT,
                    "\\b(?:my|me|our|his|her|your) (?:aunt|auntie|uncle|mum|mother|mam|nan|nana|gran|granny|grandmother|grandma|grandad|dad|father|sister|brother|friend|neighbour|teacher|daughter|son|husband|wife|partner|cousin|niece|nephew|kids|children|boys|girls|lot)\\b(?!['’]?s? (?:turn|job))[^.!?]*\\b(?:always|used to|puts?|put|adds?|likes?|liked|loves?|loved|hates?|hated|won['’]t|refuses?|made|makes?|did|says?|said|swears? by|would)\\b|\\b(?:some|many|most|lots of|other) (?:people|folk|cooks|families|places)\\b|\\b(?:I|we) (?:used to|always used)\\b|\\bback home\\b|\\btraditionally\\b|\\bat my (?:mum|nan|gran)\\b"),
            whole(
                    Kind.CONTENTS,
                    "\\b(?:is|are|['’]s) [^.!?]*\\breally\\s*[.!?]?$|\\b(?:is|are|['’]s) (?:really |basically |actually |mostly |only )*(?:just (?!\\p{L}+(?:ing|ed)\\b|steaming|about|right|done|there|enough|a (?:bit|little|touch|tad))|made (?:of|from|with|up)|a (?:mix|blend|mixture) of)|\\bcontains?\\b|\\bhas (?:\\p{L}+ ){1,4}in it\\b"),
            whole(
                    Kind.CONTENTS,
                    "\\b(?:vegans?|vegetarians?|co?eliacs?)\\b[^.!?]{0,20}\\b(?:watch out|beware|take note|careful|take care)\\b"),
            part(
                    Kind.CONTENTS,
                    "\\b(?:allerg\\p{L}*|labels?|lactose[- ]free|co?eliac|intoleran\\p{L}*)\\b" + TO_CLAUSE_END),
            part(
                    Kind.CONTENTS,
                    "\\b(?:there['’]?s|there is|has|it['’]?s got) (?:\\p{L}+(?:, | and |, and ))*\\p{L}+ in (?:it|this|that|them|there|the \\p{L}+)\\b"),
            part(
                    Kind.CONTENTS,
                    "\\b(?:the |that |your |this )?\\p{L}+ (?:has|have|['’]s got|have got)(?: got)? (?:plenty|enough|lots|loads|(?:its|their) own)\\b"
                            + TO_CLAUSE_END),
            part(Kind.CONTENTS, "\\b(?:sugar|salt|gluten|dairy|nut|egg|milk|wheat|soya?|meat|fat)[- ]free\\b"),
            whole(
                    Kind.PRAISE,
                    "\\b(?:nice|lovely|great|good|delicious|gorgeous|brilliant|goes well|go well|works well) with\\b|\\bgood for (?:you|your)\\b|\\bfive a day\\b|\\bfull of (?:fibre|vitamin|iron|protein)|\\b(?:you|they) say\\b"),
            part(
                    Kind.HABIT,
                    "\\bit(?:['’]d| would| used to| only|['’]ll)? (?:takes?|took) (?:me|us|him|her|most people)\\b"
                            + TO_CLAUSE_END),
            part(
                    Kind.HABIT,
                    "\\b(?:my |our )?(?:mum|mam|mom|nan|gran|granny|grandma|grandmother|mother|dad|father|aunt|auntie)['’]s (?:recipe|book|version|way)\\b"
                            + TO_CLAUSE_END),
            part(Kind.HABIT, "\\b(?:I|we)['’]d (?:normally|usually|often|sometimes)\\b" + TO_CLAUSE_END),
            part(
                    Kind.HABIT,
                    "\\bI (?:always|usually|never|tend to|like to|prefer to) (?:buy|get|keep|order|freeze|store|grow)\\b"
                            + TO_CLAUSE_END),
            whole(Kind.HABIT, "\\b(?:normally|usually|traditionally|ordinarily)\\b,? (?:I|we|you|people|they)\\b"),
            whole(
                    Kind.ASKED,
                    "^\\W*(?:(?:now|so|right|ok|okay),? )?(?:who|what|why|where|which|how many|how do|how does|do you|do I|do we|should I|should we|can I|could I|does anyone|did you|has anyone|is anyone|are you|can anyone|anyone|anybody)\\b[^.!]*\\?|\\b(?:talk(?:ed|ing)?|chat(?:ted|ting)?|tell you|(?<!never )told you|a word|read|hear|heard) about\\b"),
            whole(
                    Kind.STATE,
                    "\\bif (?:there['’]?s|there is|there are|you['’]ve got|you have) (?:any )?[^.,;]*\\b(?:left|spare|over)\\b"),
            whole(
                    Kind.PUT_AWAY,
                    "\\bback (?:in|into|to) the (?:fridge|freezer|cupboard|larder|packet|jar)\\b|\\bremember\\b[^.!?]*\\b(?:kept|saved|put) (?:back|aside|by)\\b|\\bhang on to (?:your|the)\\b"),
            part(
                    Kind.STATE,
                    "\\b(?:when|once|as soon as|after|if|until|till) (?:the |your |my |all the |all your |those )?(?:\\p{L}+[ -]){1,3}?(?:is|are|has|have|starts?|begins?|looks?|feels?|turns?|goes|go|smells?|comes?|reach|reaches|softens?|wilts?|melts?|big|bubbl\\p{L}+)\\b[^.,;:!?(\\n]*?(?=[.,;:!?(\\n]|$|\\b(?:add|stir|tip|pour|drain|turn|take|put|in goes|in go|you can|it['’]s|then)\\b)"),
            part(
                    Kind.STATE,
                    "\\b(?:while|as) (?:the |your |my |those )?(?:\\p{L}+[ -]){1,2}?(?:is|are|cooks?|boils?|simmers?|bakes?|rests?|fry|fries|cools?|rises?|proves?|roasts?|steams?|bubbles?)\\b[^.,;:!?\\n]*"),
            part(Kind.STATE, "\\bfor an? (?:runny|soft|set|firm|jammy|hard) (?:yolk|egg|white|centre|middle)s?\\b"),
            part(
                    Kind.STATE,
                    "\\b(?:(?:the|your|this|that) )?(?:\\p{L}+ )?\\p{L}+(?:['’]s| is| are) (?:entirely |completely |quite )?optional\\b"),
            part(Kind.STATE, "\\bthat was (?:raw |our |the |your )(?:\\p{L}+ ?){1,2}"),
            part(
                    Kind.PUT_AWAY,
                    "\\b(?:keep|save|reserve)(?:ing)? (?:half|some|a (?:bit|little)|the rest|one|the other)(?: of (?:it|them))?(?: back)? for (?:the|your) \\p{L}+"),
            part(
                    Kind.PUT_AWAY,
                    "\\b(?:save|reserve|freeze) (?:the|your|those|that|these|any) [^.,;!?]{2,30}? for (?:the |your |a |another )?\\p{L}+"),
            whole(Kind.PUT_AWAY, "\\byou can (?:keep|save|freeze) (?:it |them |that |those )?for\\b"),
            part(
                    Kind.HABIT,
                    "\\b(?:my|our) (?:\\p{L}+ )?\\p{L}+ (?:always|usually|never|generally) \\p{L}+" + TO_CLAUSE_END),
            part(Kind.STATE, "\\bwhere (?:the |your |my )(?:\\p{L}+ ){1,2}(?:was|were|had been)\\b"),
            part(Kind.TO_COME, "\\bthe (?:other|rest)\\b[^.,;!?]*(?<!\\bfor )\\b(?:later on|later)\\s*(?:[.!?]|$)"),
            part(
                    Kind.PUT_AWAY,
                    "\\b(?:put|set|pop|leave|tip) [^.,;!?]*\\b(?:to one side|aside|by) for (?:later|the (?:end|top))\\b"),
            part(
                    Kind.STATE,
                    "\\b(?:while|as) (?:that|it|this|they|those|these)(?:['’]s|['’]re| is| are) \\p{L}+ing\\b"),
            whole(
                    Kind.STATE,
                    "\\b(?:wants?|needs?|has|have|should) to (?:hit|reach|read)\\b|\\bshould (?:hit|reach|read)\\b"),
            part(
                    Kind.STATE,
                    "\\b(?:after|before|from) (?:touching|handling|you touch|you(?:['’]ve| have)? (?:just )?(?:touched|handled|had your hands in)|you handle)\\b"
                            + TO_CLAUSE_END),
            part(
                    Kind.CONTENTS,
                    "\\b(?:your|my|their) \\p{L}+ (?:may|might) (?:take|need|want|be|have)\\b" + TO_CLAUSE_END),
            part(Kind.CONTENTS, "\\bthe \\p{L}+ in (?:the|your|that) \\p{L}+ (?:is|will be) (?:plenty|enough)\\b"),
            part(
                    Kind.PUT_AWAY,
                    "\\b(?:set|put|leave) the (?:rest|remainder) of [^.,;!?]{2,30}? (?:to one side|aside|by)\\b"),
            part(
                    Kind.DONE,
                    "\\b(?:I['’]ve|there['’]s|here['’]s) (?:got )?(?:a|some|my) [^.,;!?]{2,40}?(?:that['’]s|that has|which has) been\\b"
                            + TO_CLAUSE_END),
            part(Kind.DONE, "\\bI used for (?:the |my )?\\p{L}+"),
            part(Kind.STATE, "\\bif nothing\\b[^.!?]*"),
            part(
                    Kind.STATE,
                    "(?<=\\bwash )(?:your |those )?hands? (?:again )?(?:well )?(?:after|before) (?:the |that |your )?\\p{L}+"),
            part(
                    Kind.STATE,
                    "\\bthere(?:['’]s| is| are)\\b[^.!?]{0,40}\\bon (?:them|your hands|my hands|those hands|our hands)\\b"),
            part(Kind.STATE, "\\bif (?:they|it)['’]?(?:re|s)\\b" + TO_CLAUSE_END),
            part(
                    Kind.DONE,
                    "\\b(?:it|that|they|those|this)(?:['’]s|['’]ve| has| have) (?:now |just )?(?:been|had) (?:in (?:there )?)?(?:for )?[^.,;!?]{0,24}\\b(?:minutes?|mins?|hours?)\\b"),
            part(
                    Kind.DONE,
                    "\\b(?:(?:the|my|your|our|this) )?\\p{L}+(?:['’]s|['’]ve| has| have) (?:already |just |now )?been (?:in|sitting|marinating|resting|soaking|proving|rising|chilling|thawing|defrosting|out)\\b"
                            + TO_CLAUSE_END),
            part(
                    Kind.PRAISE,
                    "\\b(?:good|fine|ok|okay|safe|happy|keeps?) for (?:an?|a few|a couple of|\\p{L}+|\\d+) (?:hours?|days?|weeks?|months?)\\b"),
            part(
                    Kind.PUT_AWAY,
                    "[^.,;:!?\\n]*\\bkeep(?:ing)? (?:the |your |a )?[^.,;!?]*\\bfor (?:later|the top|the end|next|tomorrow|after)\\b"),
            part(
                    Kind.STATE,
                    "[^.,;:!?\\n]*\\bif (?:it|that|they|the \\p{L}+|things?)(?:['’]s|['’]re| is| are| looks?| feels?| seems?| gets?)? (?:still |looking |getting |going |feeling )?(?:an? (?:bit|little|touch) )?(?:too \\p{L}+|dry|thick|stiff|tight|loose|runny|sticky|catching|sticking)\\b[^.!?]*"),
            part(
                    Kind.STATE,
                    "\\b(?:heat|ring|flame|gas|hob)\\b[^.,;!?]{0,15}\\b(?:under|beneath|below) (?:the|your) \\p{L}+"),
            part(
                    Kind.ASKED,
                    "\\bor (?:about |just |even )?[^.,;!?]{1,24}?\\b(?:minutes?|mins?|hours?) if\\b" + TO_CLAUSE_END),
            part(
                    Kind.PUT_AWAY,
                    "^\\W*(?:(?:now|so|right|ok|then)[, ]+)?(?:the |your )?(?!roll|cut|stamp|press|spread|scoop|squeeze|wring|spoon|pour|lay|weigh|rub)(?:(?!it\\b|them\\b|that\\b|this\\b)\\p{L}+ ){1,2}out\\b(?=\\s*(?:[,.;!]|$|onto\\b|on to\\b))"),
            whole(
                    Kind.ASKED,
                    "^\\W*(?:(?:now|so|right|ok|okay),? )?(?:is|are|has|have) (?:you all|you both|everybody|everyone|everybody['’]s|everyone['’]s|your|the|all|we)\\b[^.!]*\\?"),
            part(
                    Kind.STATE,
                    "\\b(?:the |your |that )?\\p{L}+ should (?:be|feel|look|have)\\b(?! (?:in|on|at|out|off)\\b)(?![^.,;!?]*\\b(?:minutes?|mins?|hours?|seconds?)\\b)"
                            + TO_CLAUSE_END),
            part(Kind.STATE, "\\bbefore (?:the|your|any|that) (?:\\p{L}+ ){1,2}(?:goes|go) in\\b"),
            part(
                    Kind.PUT_AWAY,
                    "\\b(?:hold|keep|put) back (?:a |some |half |one |two |the |your )[^.,;!?]{2,40}?(?: for\\b"
                            + TO_CLAUSE_END + "|(?=[.,;!?]|$))"),
            part(
                    Kind.STATE,
                    "\\b(?:you|we|they)(?:['’]ve| have) had [^.,;!?]{2,24} on (?:them|your hands|those|our hands)\\b"),
            part(
                    Kind.DONE,
                    "\\b(?:I|we)(?:['’]ve| have) already (?:weighed|measured|chopped|cut|peeled|washed|made|put|sliced|grated)\\b"
                            + TO_CLAUSE_END),
            part(
                    Kind.STATE,
                    "\\bif you (?:like|want|prefer) (?:it|them) [^.,;!?]{2,20}, (?:more|extra|another|a bit more|a little more) [^.!?]*"),
            part(Kind.PRAISE, "\\bit['’]s the [^.,;!?]{2,24} that (?:makes?|gives?|does)\\b" + TO_CLAUSE_END),
            part(Kind.PUT_AWAY, "\\b(?:strain|pour|skim|spoon) off (?:the |any |some of the |most of the )?\\p{L}+"),
            whole(Kind.PRAISE, "\\bmakes? all the difference\\b"),
            part(Kind.ASKED, "\\bany (?:\\p{L}+ ){1,3}you (?:like|want|fancy|have|can get)\\b"),
            part(Kind.STATE, "\\bif using\\b[^.!?]*"),
            part(
                    Kind.STATE,
                    "\\bstops? (?:the|your|it|that) (?:\\p{L}+ )?(?:sticking|burning|splitting|going|catching)\\b"),
            part(Kind.DONE, "\\bthat['’]s (?:the|your|my) \\p{L}+ (?:done|sorted)\\b"),
            part(Kind.PRAISE, "\\b(?:overnight|longer)(?:['’]s| is) (?:even |much )?better\\b"),
            part(
                    Kind.STATE,
                    "\\b(?:out of the way of|well away from|away from|apart from) (?:the|your) (?:raw )?\\p{L}+"),
            whole(Kind.DENIED, "\\bbut (?:hold (?:off|fire)|not (?:yet|just yet|now))\\b"),
            whole(
                    Kind.DONE,
                    "^\\W*(?:(?:now|so)[, ]+)?(?:do )?you(?:['’]ll| will| might| may)? remember\\b|\\bremember (?:the|those|that|when) [^.!?]*\\b(?:last|before)\\b"),
            whole(
                    Kind.CONTENTS,
                    "^\\W*(?:cook(?:ing)?|prep(?:aration)?|total|hands[- ]on)(?: time)?\\s*[:–-]?\\s*(?:about )?\\d"),
            whole(
                    Kind.DONE,
                    "\\b(?:this|that|here)(?: one)?(?:['’]s| is| has)?[^.!?]{0,25}\\b(?:been in|been going|been resting|I made|I did|made earlier|one earlier)\\b|\\b(?:has|have|['’]ve) (?:had|now had) (?:its|their|the|his)\\b"));

    private static Sign part(Kind kind, String pattern) {
        return new Sign(kind, false, Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), Needed.by(pattern));
    }

    private static Sign whole(Kind kind, String pattern) {
        return new Sign(kind, true, Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), Needed.by(pattern));
    }

    private static final Remembered<String, Asides> LATEST = new Remembered<>(Asides::new);

    private final List<Aside> all = new ArrayList<>();
    private final BitSet letters = new BitSet();

    private Asides(String text) {
        int from = 0;
        while (from < text.length()) {
            int to = end(text, from);
            sentence(text, from, to);
            from = to;
        }
    }

    public static Asides of(String text) {
        return LATEST.of(text);
    }

    private static int end(String text, int from) {
        for (int i = from; i < text.length() && i - from < LONGEST; i++)
            if (".!?\n".indexOf(text.charAt(i)) >= 0
                    && (i + 1 == text.length() || Character.isWhitespace(text.charAt(i + 1)) || text.charAt(i) == '\n'))
                return i + 1;
        return Math.min(text.length(), from + LONGEST);
    }

    /** Speech has no full stops: what is further off than this has nothing to do with it. */
    private static final int LONGEST = 300;

    private void sentence(String text, int from, int to) {
        var part = text.substring(from, to);
        var pairs = Needed.pairs(part);
        for (var sign : SIGNS) {
            if (!sign.needed().mayBeIn(pairs)) continue;
            var m = sign.pattern().matcher(part);
            while (m.find()) {
                boolean whole = sign.wholeSentence();
                int start = whole ? from + turnBefore(part, m.start()) : from + m.start();
                int end = whole ? from + turnAfter(part, m.end()) : from + m.end();
                if (end == start) continue;
                all.add(new Aside(start, end, sign.kind()));
                letters.set(start, end);
                if (sign.wholeSentence()) break;
            }
        }
    }

    /** Letters that a written sentence has; spoken ones run on, and what is an aside in them is a part. */
    private static final int WRITTEN = 140;

    /** Where a run-on sentence turns to something else. */
    private static final Pattern TURN = Pattern.compile(
            "[,;:] (?:and|so|but|then|now|because|which) |\\b(?:and then|so then|and now|but then|so now|and so|right so|so) (?=(?:you|we|I|the|that|it|what|now|just|in)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static int turnBefore(String sentence, int at) {
        if (sentence.length() <= WRITTEN) return 0;
        var m = TURN.matcher(sentence);
        int last = 0;
        while (m.find() && m.end() <= at) last = m.start();
        return last;
    }

    private static int turnAfter(String sentence, int at) {
        if (sentence.length() <= WRITTEN) return sentence.length();
        var m = TURN.matcher(sentence);
        return m.find(Math.min(at, sentence.length())) ? m.start() : sentence.length();
    }

    public List<Aside> all() {
        return List.copyOf(all);
    }

    /** Whether what stands there is one. */
    public boolean covers(int at) {
        return letters.get(at);
    }

    /** Whether what stands there is one of that kind. */
    public boolean covers(int at, Kind kind) {
        return letters.get(at) && all.stream().anyMatch(a -> a.kind() == kind && a.start() <= at && at < a.end());
    }
}
