/** The window. */
module webodidact.desktop {
    requires transitive webodidact.core;
    requires transitive webodidact.formats;
    requires transitive javafx.controls;
    requires atlantafx.base;
    requires java.desktop;

    exports webodidact.desktop.app;
    exports webodidact.desktop.state;
}
