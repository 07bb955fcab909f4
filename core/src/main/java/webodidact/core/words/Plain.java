package webodidact.core.words;

/** Text that stays the same through any file: one line, no signs that cannot be seen, no halves of letters. */
public final class Plain {
    private Plain() {}

    /** Blanks and control signs of every kind in a row become one blank, half letters a question mark; none at either end. */
    public static String line(String text) {
        if (text == null) return "";
        var plain = new StringBuilder(text.length());
        text.codePoints().forEach(c -> {
            boolean blank =
                    Character.isWhitespace(c) || Character.isSpaceChar(c) || Character.isISOControl(c) || c == 0xfeff;
            if (!blank) plain.appendCodePoint(Character.getType(c) == Character.SURROGATE ? '?' : c);
            else if (!plain.isEmpty() && plain.charAt(plain.length() - 1) != ' ') plain.append(' ');
        });
        return plain.toString().stripTrailing();
    }
}
