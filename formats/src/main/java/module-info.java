/** Files: the course folder, tables, papers. Each format is hidden in its own package. */
module webodidact.formats {
    requires transitive webodidact.core;
    requires com.fasterxml.jackson.databind;
    requires org.apache.commons.csv;
    requires com.samskivert.jmustache;
    requires openhtmltopdf.core;
    requires openhtmltopdf.pdfbox;
    requires openhtmltopdf.rtl.support;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.io;
    requires org.apache.fontbox;
    requires java.desktop;

    exports webodidact.formats.api;
    exports webodidact.formats.course;
    exports webodidact.formats.csv;
    exports webodidact.formats.demo;
    exports webodidact.formats.fonts;
    exports webodidact.formats.paper;
    exports webodidact.formats.pdf;
}
