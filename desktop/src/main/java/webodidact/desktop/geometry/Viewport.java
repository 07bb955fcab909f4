package webodidact.desktop.geometry;

/**
 * The part of a time axis that is in view.
 *
 * @param from,to seconds at the ends of the axis; negative is before air
 * @param room pixels there are for it, more than 0
 * @param zoom how many times closer than all of it, 1 to {@link #MOST}
 * @param pan pixels of the axis that are left of what is seen, 0 or more
 */
public record Viewport(int from, int to, double room, double zoom, double pan) {
    public static final double MOST = 40;

    public Viewport {
        zoom = Math.clamp(zoom, 1, MOST);
        pan = Math.clamp(pan, 0, Math.max(0, axis(from, to, room, zoom).width() - room));
    }

    public static Viewport all(int from, int to, double room) {
        return new Viewport(from, to, room, 1, 0);
    }

    private static TimeAxis axis(int from, int to, double room, double zoom) {
        double zero = from == 0 ? 0 : room * Math.min(0.34, Math.max(0.16, -from / (double) (to - from)));
        return new TimeAxis(from, to, zero * zoom, room * zoom);
    }

    public TimeAxis axis() {
        return axis(from, to, room, zoom);
    }

    /** Where that second is seen, in pixels from the left; outside 0 to {@link #room} it is out of view. */
    public double x(int second) {
        return axis().x(second) - pan;
    }

    public int second(double x) {
        return axis().second(x + pan);
    }

    public boolean isInView(double x, double margin) {
        return x >= -margin && x <= room + margin;
    }

    /** @param about pixels from the left that stay where they are */
    public Viewport zoomedBy(double factor, double about) {
        int second = second(about);
        var closer = new Viewport(from, to, room, zoom * factor, pan);
        return closer.pannedTo(closer.axis().x(second) - about);
    }

    public Viewport pannedTo(double pixels) {
        return new Viewport(from, to, room, zoom, pixels);
    }

    /** That second in view, a third from the left if it was not. */
    public Viewport revealing(int second) {
        double x = x(second);
        return x < 0 || x > room - 60 ? pannedTo(axis().x(second) - room / 3) : this;
    }

    /** The same zoom and place of another axis or in another room. */
    public Viewport of(int newFrom, int newTo, double newRoom) {
        return new Viewport(newFrom, newTo, newRoom, zoom, pan);
    }
}
