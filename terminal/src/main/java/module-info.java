/** The core from a terminal: no window, text or JSON, exit codes for scripts. */
module webodidact.terminal {
    requires webodidact.core;
    requires webodidact.formats;
    requires com.fasterxml.jackson.databind;
    requires org.apache.commons.cli;

    exports webodidact.terminal;
}
