package webodidact.desktop.control;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import webodidact.desktop.geometry.HomesBand;
import webodidact.desktop.geometry.TimeAxis;
import webodidact.desktop.words.Words;

/** The homes on the timeline: a band from the quickest tenth to the slowest, a line for half of them, a dot where fewest are ready. */
final class HomesDrawing {
    private static final int ENOUGH = 85;

    private HomesDrawing() {}

    /** What stands at the dot; "" if all are always ready. */
    static String words(HomesBand band) {
        return band.worst() == 0 ? "" : Words.of("clock.homesWorst", band.percent(), band.worst());
    }

    /** Style class of those words. */
    static String look(HomesBand band) {
        return band.percent() < ENOUGH ? "homes-word" : "homes-word-fine";
    }

    /**
     * @param y pixels from the top at which the lane begins
     * @param word the words at the dot, in the scene already
     */
    static List<Node> of(HomesBand band, TimeAxis axis, double pan, double room, double y, double height, Label word) {
        int n = band.points().size();
        var nodes = new ArrayList<Node>();
        if (n == 0) return nodes;
        double bottom = y + height - 8;
        double each = (height - 16) / n;
        var area = new Polygon();
        var middle = new Polyline();
        for (int k = 0; k < n; k++) {
            area.getPoints().addAll(axis.x(band.points().get(k).early()) - pan, bottom - (k + 1) * each);
            middle.getPoints().addAll(axis.x(band.points().get(k).middle()) - pan, bottom - (k + 1) * each);
        }
        for (int k = n - 1; k >= 0; k--)
            area.getPoints().addAll(axis.x(band.points().get(k).late()) - pan, bottom - (k + 1) * each);
        nodes.add(still(Nodes.styled(area, "homes-band")));
        nodes.add(still(Nodes.styled(middle, "homes-middle")));
        if (band.worst() == 0) return nodes;
        double x = axis.x(band.points().get(band.worst() - 1).shown()) - pan;
        double dotY = bottom - band.worst() * each;
        nodes.add(still(Nodes.styled(new Circle(x, dotY, 5), band.percent() < ENOUGH ? "homes-dot" : "homes-fine")));
        double left = x + 12 + word.getWidth() > room ? x - 12 - word.getWidth() : x + 12;
        word.relocate(
                Math.round(left), Math.round(Math.clamp(dotY + 4, y + 2, Math.max(y + 2, bottom - word.getHeight()))));
        nodes.add(word);
        return nodes;
    }

    private static Node still(Node node) {
        node.setMouseTransparent(true);
        node.setManaged(false);
        return node;
    }
}
