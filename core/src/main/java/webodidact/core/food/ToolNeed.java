package webodidact.core.food;

import java.util.regex.Pattern;

/** Tools that a verb needs only where its matter does. */
final class ToolNeed {
    private ToolNeed() {}

    /** Butter melts in its pan, chocolate in a bowl over one; a banana is peeled by hand, and pork shredded with forks; and salt that is squeezed through a dough wants no juicer. */
    static boolean isThere(String tool, String text) {
        return switch (tool) {
            case "bain-marie" -> BOWL.matcher(text).find() || !PAN.matcher(text).find();
            case "juicer" -> JUICE.matcher(text).find();
            case "garlic-press" -> GARLIC.matcher(text).find();
            case "jug" -> !POURS_OFF.matcher(text).find();
            case "colander" ->
                !DRAINS_ON.matcher(text).find() || COLANDER.matcher(text).find();
            case "blender" ->
                !PUREE.matcher(text).find() || BLENDS.matcher(text).find();
            case "knife", "board" ->
                !SHREDS.matcher(text).find() || CUTS.matcher(text).find();
            case "peeler" ->
                !PEELS_BY_HAND.matcher(text).find() || PEELED.matcher(text).find();
            default -> true;
        };
    }

    /** "Puree, flour, stir": out of a tube. */
    private static final Pattern PUREE = Pattern.compile(
            "(?:^|[.!?;,] )(?:then )?(?:the )?pur[eé]e(?:,| and\\b| in\\b)|\\b(?:the|and|garlic|tomato) pur[eé]e\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern BLENDS =
            Pattern.compile("\\b(?:blend|blitz|whizz|liquidi[sz])\\p{L}*", Pattern.CASE_INSENSITIVE);

    /** Meat that falls apart is pulled, not cut. */
    private static final Pattern SHREDS = Pattern.compile(
            "\\bshred(?:ded|ding)?\\b[^.!?]{0,30}\\b(?:forks?|hands|fingers)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern CUTS = Pattern.compile(
            "\\b(?:chop|slic|cut|dic|trim|halv|quarter|carv|minc|peel)\\p{L}*\\b|\\bkni(?:fe|ves)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PEELS_BY_HAND = Pattern.compile(
            "\\bpeel(?:ed|ing)? (?:and \\p{L}+ )?(?:the |your |those |these |my |a |an |one |two |three |four |ripe |back |off |hard[- ]boiled )*(?:bananas?|oranges?|satsumas?|clementines?|mandarins?|tangerines?|garlic|cloves?|eggs?|prawns?|shrimps?|onions?|shallots?|chestnuts?|lychees|paper|film|skins? off)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PEELED = Pattern.compile(
            "\\b(?:peeler|carrots?|(?:sweet )?potato(?:es)?|apples?|pears?|parsnips?|ginger|cucumbers?|courgettes?|zucchinis?|beetroots?|swedes?|turnips?|celeriac|mango(?:es)?|squash|pumpkin)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern POURS_OFF =
            Pattern.compile("\\bpour (?:\\p{L}+ ){1,3}(?:off|away|out)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern DRAINS_ON = Pattern.compile(
            "\\b(?:on(?:to)?|with) (?:some |the |a |your |same |kitchen |clean |wire |paper ){0,4}(?:paper|towels?|board|rack|plate|cloth)\\b[^.!?]{0,24}\\bdrain\\b|\\bdrain\\b[^.!?]{0,24}\\bon(?:to)? (?:some |the |a |your |same |kitchen |clean |wire |paper ){0,4}(?:paper|towels?|board|rack|plate|cloth)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COLANDER =
            Pattern.compile("\\b(?:colander|sieve|pasta|noodles|potatoes|rice|beans)\\b", Pattern.CASE_INSENSITIVE);
    /** Peas, biscuits and tomatoes are crushed with what is there. */
    private static final Pattern GARLIC = Pattern.compile("\\b(?:garlic|cloves?)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern BOWL = Pattern.compile("\\b(?:bowl|bain)", Pattern.CASE_INSENSITIVE);
    private static final Pattern PAN =
            Pattern.compile("\\b(?:(?:sauce|frying )?pan|pot|skillet|wok|microwave)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern JUICE = Pattern.compile(
            "\\b(?:lemons?|limes?|oranges?|grapefruits?|clementines?|satsumas?|tangerines?|mandarins?|citrus|juices?|pomegranates?|yuzu)\\b",
            Pattern.CASE_INSENSITIVE);
}
