package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import zafu.core.roster.Stay;
import zafu.server.oneroster.RosterBundle.ClassLine;
import zafu.server.oneroster.RosterBundle.LineItem;
import zafu.server.oneroster.RosterBundle.Part;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterBundle.Place;
import zafu.server.oneroster.RosterBundle.Result;
import zafu.server.oneroster.RosterBundle.Role;
import zafu.server.oneroster.RosterBundle.Session;
import zafu.server.platform.Refusal;
import zafu.server.platform.ZipGuard;

/** Reads a OneRoster CSV bundle: a zip with a manifest that says which files are in it, complete or as changes. */
final class BundleReader {
    private static final Map<String, String> FILES = Map.of(
            "academicSessions", "academicSessions.csv",
            "orgs", "orgs.csv",
            "classes", "classes.csv",
            "users", "users.csv",
            "roles", "roles.csv",
            "enrollments", "enrollments.csv",
            "lineItems", "lineItems.csv",
            "results", "results.csv");
    /** Every part that a manifest of version 1.2 speaks of. */
    static final List<String> PARTS = List.of(
            "academicSessions",
            "categories",
            "classes",
            "classResources",
            "courses",
            "courseResources",
            "demographics",
            "enrollments",
            "lineItemLearningObjectiveIds",
            "lineItems",
            "lineItemScoreScales",
            "orgs",
            "resources",
            "resultLearningObjectiveIds",
            "results",
            "resultScoreScales",
            "roles",
            "scoreScales",
            "userProfiles",
            "userResources",
            "users");

    private final Map<String, byte[]> files = new HashMap<>();
    private final Map<String, String> manifest = new HashMap<>();
    private final LinesRead lines = new LinesRead();

    private BundleReader(byte[] zip) {
        if (!ZipGuard.isZip(zip)) {
            throw Refusal.unusable("bundle-no-zip", inWords("oneroster.a-oneroster-bundle-is-a-zip-file"));
        }
        // Some systems put the files into one folder within the zip.
        ZipGuard.unpack(zip, name -> name.endsWith(".csv"))
                .forEach((name, bytes) -> files.put(name.substring(name.lastIndexOf('/') + 1), bytes));
    }

    static RosterBundle read(byte[] zip) {
        BundleReader reader = new BundleReader(zip);
        reader.readManifest();
        return reader.bundle();
    }

    private void readManifest() {
        byte[] bytes = files.get("manifest.csv");
        if (bytes == null) {
            throw Refusal.unusable("bundle-no-manifest", inWords("oneroster.the-zip-holds-no-manifest-csv-so"));
        }
        ManifestText.read(bytes).forEach(manifest::put);
        String version = manifest.getOrDefault("oneroster.version", "");
        if (!version.startsWith("1.")) {
            throw Refusal.unusable(
                    "bundle-version", inWords("oneroster.the-manifest-speaks-of-oneroster", "version", version));
        }
        FILES.forEach((part, file) -> {
            if (isThere(part) && !files.containsKey(file)) {
                throw Refusal.unusable(
                        "bundle-part-missing",
                        inWords(
                                "oneroster.the-manifest-says-file-but-there",
                                "part",
                                part,
                                "how",
                                manifest.get("file." + part),
                                "file",
                                file));
            }
        });
    }

    private String modeOf(String part) {
        return manifest.getOrDefault("file." + part, "absent").toLowerCase(Locale.ROOT);
    }

    private boolean isThere(String part) {
        return !modeOf(part).equals("absent");
    }

    private RosterBundle bundle() {
        Set<Part> bulk = EnumSet.noneOf(Part.class);
        Map.of(
                        "academicSessions", Part.SESSIONS,
                        "classes", Part.CLASSES,
                        "users", Part.USERS,
                        "enrollments", Part.ENROLLMENTS,
                        "lineItems", Part.LINE_ITEMS,
                        "results", Part.RESULTS)
                .forEach((file, part) -> {
                    if (modeOf(file).equals("bulk")) {
                        bulk.add(part);
                    }
                });
        requireNoCycles("orgs", "orgs.csv");
        requireNoCycles("academicSessions", "academicSessions.csv");
        return new RosterBundle(
                bulk,
                sessions(),
                classes(),
                people(roles()),
                enrolments(),
                lineItems(),
                results(),
                List.of(),
                lines.faults());
    }

    private CsvPart part(String file) {
        return new CsvPart(file, files.getOrDefault(file, new byte[0]), lines);
    }

    private void requireNoCycles(String part, String file) {
        if (!isThere(part)) {
            return;
        }
        Map<String, String> parents = new HashMap<>();
        new CsvPart(file, files.get(file), new LinesRead()).lines(List.of("sourcedId"), line -> {
            parents.put(line.required("sourcedId"), line.text("parentSourcedId"));
            return line;
        });
        for (String start : parents.keySet()) {
            Set<String> seen = new HashSet<>();
            String at = start;
            while (at != null && !at.isEmpty()) {
                if (!seen.add(at)) {
                    throw Refusal.unusable(
                            "bundle-cycle",
                            inWords("oneroster.goes-in-a-circle-is-its-own-parent", "file", file, "id", at));
                }
                at = parents.get(at);
            }
        }
    }

    private List<Session> sessions() {
        if (!isThere("academicSessions")) {
            return List.of();
        }
        return part("academicSessions.csv")
                .lines(List.of("sourcedId", "title", "startDate", "endDate"), line -> {
                    Session session = new Session(
                            line.required("sourcedId"),
                            line.isGone(),
                            line.required("title"),
                            line.date("startDate"),
                            line.date("endDate"));
                    if (session.to().isBefore(session.from())) {
                        throw line.fault(
                                "endDate",
                                inWords(
                                        "oneroster.is-before-startdate",
                                        "to",
                                        session.to().toString(),
                                        "from",
                                        session.from().toString()));
                    }
                    return session;
                })
                .stream()
                .toList();
    }

    private List<ClassLine> classes() {
        if (!isThere("classes")) {
            return List.of();
        }
        return part("classes.csv")
                .lines(
                        List.of("sourcedId", "title"),
                        line -> new ClassLine(
                                line.required("sourcedId"),
                                line.isGone(),
                                line.required("title"),
                                line.grade("grades").orElse(0),
                                line.text("classType").equalsIgnoreCase("homeroom"),
                                line.list("termSourcedIds")));
    }

    /** Version 1.2 keeps roles in a file of their own; the primary one counts. */
    private Map<String, Role> roles() {
        Map<String, Role> roles = new HashMap<>();
        if (isThere("roles")) {
            part("roles.csv").lines(List.of("sourcedId", "userSourcedId", "role"), line -> {
                Role role = role(line.text("role"));
                if (line.text("roleType").equalsIgnoreCase("primary")) {
                    roles.put(line.required("userSourcedId"), role);
                } else {
                    roles.putIfAbsent(line.required("userSourcedId"), role);
                }
                return role;
            });
        }
        return roles;
    }

    static Role role(String written) {
        return switch (written.toLowerCase(Locale.ROOT)) {
            case "student" -> Role.STUDENT;
            case "teacher" -> Role.TEACHER;
            case "aide", "proctor" -> Role.AIDE;
            default -> Role.OTHER;
        };
    }

    private List<Person> people(Map<String, Role> roles) {
        if (!isThere("users")) {
            return List.of();
        }
        Map<String, String> nameOfNumber = new HashMap<>();
        return part("users.csv").lines(List.of("sourcedId", "givenName", "familyName"), line -> {
            String id = line.required("sourcedId");
            Role role = roles.getOrDefault(id, role(line.text("role")));
            Person person = new Person(
                    id,
                    line.isGone() || line.text("enabledUser").equalsIgnoreCase("false"),
                    role,
                    line.text("username"),
                    line.required("givenName"),
                    line.text("familyName"),
                    line.text("preferredGivenName"),
                    line.text("identifier"),
                    line.grade("grades").orElse(0),
                    line.grade("grades").isPresent());
            if (role == Role.STUDENT && !person.number().isEmpty()) {
                String other = nameOfNumber.putIfAbsent(person.number(), person.fullName());
                if (other != null) {
                    throw line.fault(
                            "identifier",
                            inWords("oneroster.is-which-has-already", "number", person.number(), "other", other));
                }
            }
            return person;
        });
    }

    private List<Place> enrolments() {
        if (!isThere("enrollments")) {
            return List.of();
        }
        return part("enrollments.csv").lines(List.of("sourcedId", "classSourcedId", "userSourcedId", "role"), line -> {
            if (!line.text("beginDate").isEmpty()
                    && !line.text("endDate").isEmpty()
                    && line.date("endDate").isBefore(line.date("beginDate"))) {
                throw line.fault(
                        "endDate",
                        inWords(
                                "oneroster.is-before-begindate",
                                "end",
                                line.text("endDate"),
                                "begin",
                                line.text("beginDate")));
            }
            return new Place(
                    line.required("sourcedId"),
                    line.isGone(),
                    line.required("classSourcedId"),
                    line.required("userSourcedId"),
                    role(line.text("role")),
                    line.text("primary").equalsIgnoreCase("true"),
                    new Stay(dayOf(line, "beginDate"), dayOf(line, "endDate")));
        });
    }

    private static Optional<LocalDate> dayOf(CsvPart.Line line, String column) {
        return line.text(column).isEmpty() ? Optional.empty() : Optional.of(line.date(column));
    }

    private List<LineItem> lineItems() {
        if (!isThere("lineItems")) {
            return List.of();
        }
        return part("lineItems.csv").lines(List.of("sourcedId", "title"), line -> {
            LineItem item = new LineItem(
                    line.required("sourcedId"),
                    line.isGone(),
                    line.required("title"),
                    line.number("resultValueMin", 0),
                    line.number("resultValueMax", 100));
            if (!(item.lowest() < item.highest())) {
                throw line.fault("resultValueMax", inWords("oneroster.is-not-above-resultvaluemin"));
            }
            return item;
        });
    }

    private List<Result> results() {
        if (!isThere("results")) {
            return List.of();
        }
        return part("results.csv")
                .lines(List.of("sourcedId", "lineItemSourcedId", "studentSourcedId", "scoreDate"), line -> {
                    boolean scored = !line.text("score").isEmpty();
                    return new Result(
                            line.required("sourcedId"),
                            line.isGone(),
                            line.required("lineItemSourcedId"),
                            line.required("studentSourcedId"),
                            line.date("scoreDate"),
                            scored ? OptionalDouble.of(line.number("score", 0)) : OptionalDouble.empty());
                });
    }
}
