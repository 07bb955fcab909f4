package webodidact.formats.paper;

/** A page that is told once what it is called and for whom it is. */
abstract class NamedPaper implements PagePaper {
    private final String id;
    private final PaperGroup group;

    NamedPaper(String id, PaperGroup group) {
        this.id = id;
        this.group = group;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final PaperGroup group() {
        return group;
    }
}
