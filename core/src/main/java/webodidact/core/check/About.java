package webodidact.core.check;

/** What a finding is about. */
public sealed interface About {
    /** Stable: a covered stop is kept under it. */
    String key();

    record OfLesson() implements About {
        @Override
        public String key() {
            return "";
        }
    }

    record OfStep(String step) implements About {
        @Override
        public String key() {
            return step;
        }
    }

    /** @param line id of a line of the gather list */
    record OfFood(String line) implements About {
        @Override
        public String key() {
            return line;
        }
    }

    /** @param food id of a food of the table that the step names and the list lacks */
    record OfFoodInStep(String step, String food) implements About {
        @Override
        public String key() {
            return step + "/" + food;
        }
    }

    /** @param start where in the text of the step they begin */
    record OfWords(String step, int start) implements About {
        @Override
        public String key() {
            return step + "/" + start;
        }
    }

    /** @param food id of the food that would stand in for that line */
    record OfOffer(String line, String food) implements About {
        @Override
        public String key() {
            return line + "/" + food;
        }
    }

    /** @param part code of what could not be worked out */
    record OfPart(String part) implements About {
        @Override
        public String key() {
            return part;
        }
    }
}
