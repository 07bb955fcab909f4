package webodidact.desktop.view.script;

import javafx.geometry.Orientation;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.WordField;
import webodidact.desktop.words.Words;

/**
 * What is said and what is done, side by side, as tall as the longer of the two. Boxes of the toolkit measure wrapped text
 * at its preferred width even where it gets more; this measures it at the width it gets.
 */
final class SayDo extends Region {
    private static final double SHARE = 0.57;
    private static final double GAP = 10;
    private final WordField say;
    private final WordField doing;
    private final Label sayTag = Nodes.label(Words.of("script.sayTag"), "say-do");
    private final Label doTag = Nodes.label(Words.of("script.doTag"), "say-do");
    private final Region line = Nodes.styled(new Region(), "do-line");

    SayDo(WordField say, WordField doing) {
        this.say = say;
        this.doing = doing;
        getChildren().addAll(sayTag, say, line, doTag, doing);
        setMinWidth(0);
    }

    private double tag(Label label) {
        return Math.ceil(label.prefWidth(-1)) + 6;
    }

    private double sayWidth(double width) {
        return Math.max(60, Math.floor((width - 2 * GAP) * SHARE) - tag(sayTag));
    }

    private double doWidth(double width) {
        return Math.max(60, width - 2 * GAP - Math.floor((width - 2 * GAP) * SHARE) - tag(doTag));
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 2000;
    }

    @Override
    protected double computePrefHeight(double width) {
        double w = width > 0 ? width : Math.max(700, getWidth());
        return Math.max(say.prefHeight(sayWidth(w)), doing.prefHeight(doWidth(w)));
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth();
        double h = getHeight();
        double x = tag(sayTag);
        sayTag.resizeRelocate(0, 0, x, sayTag.prefHeight(-1));
        say.resizeRelocate(x, 0, sayWidth(w), h);
        x += sayWidth(w) + GAP;
        line.resizeRelocate(x, 0, 1, h);
        x += GAP;
        doTag.resizeRelocate(x, 0, tag(doTag), doTag.prefHeight(-1));
        doing.resizeRelocate(x + tag(doTag), 0, doWidth(w), h);
    }
}
