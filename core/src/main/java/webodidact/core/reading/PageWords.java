package webodidact.core.reading;

import java.util.regex.Pattern;

/** The words by which a line of a page shows what it is, whatever stands around it. */
final class PageWords {
    static final Pattern HEADING = Pattern.compile(
            "(?i)\\s*(?:for the .{1,40}|ingredients|you(?: will|['’]ll)? need|what you need|to serve|to finish|topping|filling|dressing|sauce|.{1,60}:)\\s*:?\\s*");
    static final Pattern LIST = Pattern.compile(
            "(?i)\\s*(?:(?:the )?ingredients?(?:\\s+[-–]\\s+(?:amount|quantity)s?)?|(?:item|amount|quantity|food)s?(?: -)? (?:ingredient|amount|quantity|item|food)s?|you(?: will|['’]ll)? need|what you(?: will|['’]ll)? need|shopping list|needs?)\\s*:?\\s*");
    static final Pattern TOOLS =
            Pattern.compile("(?i)\\s*(?:(?:special )?equipment|tools|utensils|kit|you will also need)\\s*:?\\s*");
    static final Pattern METHOD = Pattern.compile(
            "(?i)\\s*(?:(?:the )?method|directions?|instructions?|preparation|steps|how to (?:make|do|cook|prepare) (?:it|this|them)|step[- ]by[- ]step|what (?:to|we['’]?(?:ll| will)?) do|how it['’]?s (?:made|done)|making it|.{0,30}\\b(?:we|you)(?:['’]ll| will)(?=\\s*:))\\s*:?\\s*");
    static final Pattern MAKES = Pattern.compile(
            "(?i)\\s*\\(?(?:serves|serving|servings|makes|yield|yields|feeds)\\b\\s*:?\\s*(?:about |around )?(\\d{1,3})(?:\\s*(?:-|–|to)\\s*\\d{1,3})?\\s*(.*)");
    /** "(for 4 children)" */
    static final Pattern PEOPLE = Pattern.compile(
            "(?i)\\s*\\(?(?:enough )?for (\\d{1,3})(?: (?:people|persons|children|kids|adults|servings|portions|hungry \\p{L}+))?\\)?\\s*");

    /** "Leek and potato soup (feeds 4)" */
    static final Pattern TITLED = Pattern.compile(
            "(?i)\\s*(\\p{L}[^()]{2,60}?)\\s*(?:\\(|[–—,-]\\s+(?!for))(?:serves|feeds|makes|for|yields?)\\s+(\\d{1,3})\\b\\s*([^()]*)\\)?\\s*");
    /** "Makes a 1-litre jar": of no use as a number. */
    static final Pattern MAKES_ONE = Pattern.compile("(?i)\\s*(?:makes|yields?)\\s+(?:an?|one|enough)\\b.*");

    /** "Prep time: 20 minutes", "Difficulty: easy", never "Level the flour" or "Time the eggs". */
    static final Pattern ABOUT = Pattern.compile(
            "(?i)\\s*(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|rest(?:ing)?|chill(?:ing)?|hands[- ]on|baking|proving|rising|soaking)\\s*time\\b.*|time\\s*:?\\s*(?:about |around )?\\d.*|time\\s*:.*"
                    + "|(?:skill |difficulty )?(?:difficulty|level|course|cuisine|calories|nutrition|category|skill|author|cost|allergens?|contains)\\s*:.*|calories\\s+\\d.*|contains (?:gluten|milk|egg|nuts|sesame|soya|fish)\\b[^.]*)");

    /** "Rest: 30 min" over the method; within it that is a step. */
    static final Pattern ABOUT_FIRST = Pattern.compile(
            "(?i)\\s*(?:prep(?:aration)?|cook(?:ing)?|total|active|rest(?:ing)?|chill(?:ing)?|hands[- ]on|baking|proving|rising|soaking)\\s*:\\s*\\d.*");

    static final Pattern JUNK = Pattern.compile(
            "(?i).*(?:https?://|www\\.|\\bjump to\\b|\\brate this\\b|\\b\\d+ (?:reviews?|ratings?|comments?)\\b|\\bsubscribe\\b|\\badvert(?:isement|s)?\\b|\\bcookie (?:policy|settings|preferences)\\b|\\b(?:accept|uses?|our|manage)(?: all)? cookies\\b|★|©).*|\\s*(?:#\\p{L}\\w*\\s*)+"
                    + "|\\s*(?:print|share|pin|save|email|tweet|like|leave a comment|reviews?|comments?)(?:[ |·,/]+(?:this|the|it|recipe|page|on|with|friends|email|print|share|pin|save|now|a|comment)\\b)*[\\s|!.:]*|[\\W_]+"
                    + "|\\s*(?:a |the )?recipe (?:from|by|courtesy of|adapted from)\\b.*|\\s*(?:recipe|words|photos?|photographs?|written|posted|published)[^.]{0,20} by (?-i:\\p{Lu}).*|\\s*by (?-i:\\p{Lu}\\p{L}+(?: \\p{Lu}\\S*)+)\\s*");
    /** "STEP 2" over a paragraph, or its number alone. */
    static final Pattern MARK = Pattern.compile(
            "(?i)\\s*(?:step\\s*)?\\d{1,2}\\s*[.):]?\\s*|\\s*step\\s+(?:one|two|three|four|five|six|seven|eight|nine|ten)\\s*[.:]?\\s*");
    /** "Step 1: Batter" */
    static final Pattern STEP_HEAD = Pattern.compile(
            "(?i)\\s*(?:step|part|stage)\\s+(?:\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten)\\s*[:.–—-]\\s*(\\p{L}.*)");
    /** What comes after a method and is none of it. */
    static final Pattern NOTES = Pattern.compile(
            "(?i)^\\s*(?:(?:cook['’]?s |recipe |chef['’]?s |top )?(?:notes?|tips?)|nutrition(?:al)?(?: information| facts)?|per serving|storage|make ahead|variations?|homework|for next time|learning (?:outcomes?|objectives?))\\b\\s*(?::|[-–—]\\s|$|(?:\\(|per\\b|\\d).*)|^\\s*to (?:store|freeze|reheat)\\b\\s*[:,]");
    /** "Tip: apples work too." is one line, and the method goes on. */
    static final Pattern TIP =
            Pattern.compile("(?i)^\\s*(?:(?:cook['’]?s |chef['’]?s |top |safety )?(?:tip|note))\\b\\s*[:–—-]\\s*\\S.*");

    static final Pattern NUMBERED =
            Pattern.compile("\\s*(?:(?:step|photo|picture|image)\\s*)?\\d{1,2}[.):]\\s+.*", Pattern.CASE_INSENSITIVE);
    static final Pattern BULLET = Pattern.compile("^\\s*[-–—•*·▪◦▢]\\s*");
    /** "3 Knead", numbered without a full stop. */
    static final Pattern BARE_NUMBER = Pattern.compile("(\\d{1,2})\\s+(\\p{Lu}.*)");
    /** "Starter: beetroot salad" */
    static final Pattern COURSE = Pattern.compile(
            "(?i)\\s*(?:starters?|first course|main(?: course| dish)?|sides?|pudding|dessert|sweet|drink|canapés?|to start|course (?:\\d|one|two|three))\\s*[:–—-]\\s*\\S.*");
    /** "For the dressing: 1 lime, 1 tsp sugar" */
    static final Pattern LABELLED = Pattern.compile("(?i)((?:for (?:the )?)?\\p{L}[\\p{L} '’]{1,40}?)\\s*:\\s*(\\S.*)");

    /** "Chopped parsley" is a food, "Chop parsley" is not. */
    static final Pattern DESCRIBED = Pattern.compile("(?i)^(?:\\p{L}+ed|ground|frozen|cut|roast|mixed)\\b");

    static final Pattern MINUTES = Pattern.compile("(?i)\\d\\s*(?:min|mins|minutes|hrs?|hours?|secs?)\\b");

    static final String EACH = "\\s*[,;]\\s*(?:and\\s+)?|\\s*[•·]\\s*|\\s+[/|]\\s+";
    /** Short facts of the page in one line: "Prep 15 min | Serves 4". */
    static final String FACTS = "\\s*[|·•]\\s*";

    static final Pattern TAKES = Pattern.compile(
            "(?i)(?:prep|cook|takes|ready|total|easy|medium|hard)\\b.{0,12}(?:\\d+ ?(?:m|h|min|mins|minutes|hours?|hrs?)\\.?)?");
    /** "Method: beat the eggs." */
    static final Pattern METHOD_IN_LINE =
            Pattern.compile("(?i)((?:the )?method|directions?|instructions?|what to do)\\s*[:–—-]\\s*(\\S.{12,})");
    /** How a sentence of a method begins that does not begin with its verb. */
    static final Pattern LED = Pattern.compile(
            "(?i)^\\s*(?:to (?:make|serve|finish|cook)|then|now|meanwhile|while|when|once|as soon|if|in (?:an?|the|another)|using|with (?:an?|the|your)|next|finally|start|begin|use|please|after|before|for the [^,]{1,30},)\\b");

    static final Pattern NUMBER = Pattern.compile(
            "^\\s*(?:(?:step|photo|picture|image)\\s*)?\\d{1,2}\\s*[.):]\\s*|^\\s*step\\s+\\d{1,2}\\s+",
            Pattern.CASE_INSENSITIVE);
    /** "10.45 Chicken in": a plan by the clock. */
    static final Pattern CLOCKED =
            Pattern.compile("(?i)^\\s*\\d{1,2}[.:]\\d{2}\\s*(?:am|pm)?\\s*[-–—:]?\\s+(?-i:\\p{Lu}).*");
    /** What is written to people and not about food. */
    static final Pattern LETTER = Pattern.compile(
            "(?i)\\s*(?:(?:hi|hello|hey|dear|good (?:morning|afternoon|evening)|morning|welcome)\\b[^.]{0,30}[,!]|(?:hi|hello|hey|dear) (?:all|both|everyone|everybody|class|team|folks|families|parents)\\b.{0,30}|(?:see you|looking forward|many thanks|best wishes|kind regards|let me know|any questions|any allergies please)\\b.{0,60}|(?:thanks|thank you|regards|cheers|love|yours|best),?(?: (?-i:\\p{Lu}\\p{L}+)){0,2}[.!x ]*)\\s*");

    private static final Pattern SECTION = Pattern.compile("(?i)^(?:for|to make)\\s+(?:the\\s+)?(?=\\p{L})");

    private PageWords() {}

    /** A line without its bullet, its number or "Step 3:". */
    static String plain(String line) {
        var head = STEP_HEAD.matcher(line);
        if (head.matches()) return head.group(1).strip();
        return NUMBER.matcher(BULLET.matcher(line).replaceFirst(""))
                .replaceFirst("")
                .strip();
    }

    /** "2. For the pea mash:" as a title: "Pea mash". */
    static String title(String head) {
        var name = SECTION.matcher(plain(head).replaceFirst("\\s*[:–—-]+$", "")).replaceFirst("");
        return name.isEmpty() ? "" : Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
