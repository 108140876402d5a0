package zafu.server.exchange;

/** What {@link ExportController} takes and gives. */
final class ExportApi {
    private ExportApi() {}

    enum What {
        STUDENTS,
        SCORES,
        NEEDS
    }

    enum As {
        CSV,
        XLSX
    }
}
