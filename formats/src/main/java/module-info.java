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
    requires org.jsoup;
    requires org.commonmark;
    requires org.commonmark.ext.gfm.tables;
    requires org.apache.poi.ooxml;
    requires org.apache.poi.poi;
    requires net.sf.biweekly;

    exports webodidact.formats.air;
    exports webodidact.formats.api;
    exports webodidact.formats.captions;
    exports webodidact.formats.calendar;
    exports webodidact.formats.course;
    exports webodidact.formats.csv;
    exports webodidact.formats.demo;
    exports webodidact.formats.fonts;
    exports webodidact.formats.importing;
    exports webodidact.formats.json;
    exports webodidact.formats.paper;
    exports webodidact.formats.pdf;
    exports webodidact.formats.recipe;
}
