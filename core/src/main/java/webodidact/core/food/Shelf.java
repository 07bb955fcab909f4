package webodidact.core.food;

/** Where it is kept at home or bought. */
public enum Shelf {
    FRIDGE("In the fridge"), GREENGROCER("From the greengrocer"), FREEZER("In the freezer"), CUPBOARD("In the cupboard"),
    SPICE("With the spices"), TAP("From the tap"), OTHER("Not in the food table yet");

    private final String title;

    Shelf(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
