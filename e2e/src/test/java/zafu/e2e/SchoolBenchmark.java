package zafu.e2e;

import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/**
 * Measures a whole school against the packaged application with a heap of 512 MB: a bundle of 100,000 rows comes in,
 * then a teacher of 48 classes narrows and sorts 1,200 students. Goals: under 60 s, and under 100 ms an answer.
 * Started by ./zafu bench.
 */
final class SchoolBenchmark {
    private static final int STUDENTS = 20_000;
    private static final int CLASSES = 800;
    private static final int CLASSES_OF_THE_TEACHER = 48;
    private static final int ROUNDS = 40;
    private static final String PASSWORD = "a heron at noon";

    private SchoolBenchmark() {}

    public static void main(String[] arguments) throws Exception {
        Path data = Files.createTempDirectory("zafu-bench");
        int port = freePort();
        Process server = new ProcessBuilder(
                        "java",
                        "-Xmx512m",
                        "-jar",
                        arguments[0],
                        "--server.port=" + port,
                        "--zafu.data=" + data,
                        "--server.tomcat.basedir=" + data,
                        "--server.tomcat.accesslog.enabled=true",
                        "--server.tomcat.accesslog.buffered=false",
                        "--server.tomcat.accesslog.pattern=%D %U%q")
                .redirectErrorStream(true)
                .redirectOutput(new File(data.toFile(), "server.log"))
                .start();
        try {
            HttpCaller administrator = firstRun(port);
            long taken = takeBundle(administrator);
            measureStudents(port, administrator, data);
            undo(administrator, taken);
            bareInsert(data);
        } finally {
            server.destroyForcibly().waitFor();
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static HttpCaller firstRun(int port) throws InterruptedException {
        HttpCaller caller = new HttpCaller(port);
        while (!answers(caller)) {
            Thread.sleep(200);
        }
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("schoolName", "Quillmere Harbour School");
        wanted.put("zone", "America/Halifax");
        wanted.put("weekdays", List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY"));
        wanted.put("terms", List.of(Map.of("name", "Year", "from", "2026-09-01", "to", "2027-06-30")));
        wanted.put("name", "administrator");
        wanted.put("displayName", "Ottoline Farrow");
        wanted.put("password", PASSWORD);
        caller.post("/api/first-run", wanted).done();
        return caller.signInAdult("administrator", PASSWORD);
    }

    private static boolean answers(HttpCaller caller) {
        try {
            return caller.get("/api/session").status() == 200;
        } catch (RuntimeException notYet) {
            return false;
        }
    }

    private static long takeBundle(HttpCaller administrator) throws IOException {
        Map<String, List<String>> files = files();
        int rows = files.values().stream().mapToInt(lines -> lines.size() - 1).sum();
        byte[] bundle = zip(files);
        long from = System.nanoTime();
        JsonNode preview = administrator
                .upload("/api/school/one-roster/preview", bundle, Map.of())
                .ok();
        long shown = System.nanoTime();
        JsonNode taken =
                administrator.upload("/api/school/one-roster", bundle, Map.of()).ok();
        long done = System.nanoTime();
        System.out.printf(
                "bundle of %,d rows (%,d kB), heap 512 MB: shown in %.1f s, taken in %.1f s (goal: 60 s); %d problems,"
                        + " %,d changes%n",
                rows,
                bundle.length / 1024,
                (shown - from) / 1e9,
                (done - shown) / 1e9,
                preview.get("problemCount").asInt(),
                taken.get("changes").asInt());
        return taken.get("importId").asLong();
    }

    private static void undo(HttpCaller administrator, long taken) {
        long from = System.nanoTime();
        administrator.post("/api/imports/" + taken + "/undo", null).done();
        System.out.printf("all of it undone in %.1f s (goal: 60 s)%n", (System.nanoTime() - from) / 1e9);
    }

    /** The same students, places and results as bare rows into a database of the same kind, with the keys that they need. */
    private static void bareInsert(Path data) throws SQLException {
        try (Connection bare = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("bare"))) {
            try (Statement make = bare.createStatement()) {
                make.execute(
                        "create table student (id bigint primary key, source_id varchar(80) unique, given varchar(120),"
                                + " family varchar(120), number varchar(60), grade integer)");
                make.execute(
                        "create table enrolment (id bigint primary key, class_id bigint, student_id bigint not null"
                                + " references student, from_day date)");
                make.execute(
                        "create table observation (id bigint primary key, student_id bigint not null references student,"
                                + " measure_id bigint, score double precision, taken_on date)");
            }
            bare.setAutoCommit(false);
            long from = System.nanoTime();
            insert(bare, "insert into student values (?, ?, ?, ?, ?, ?)", STUDENTS, i ->
                    new Object[] {i, "s" + i, "Given" + i, "Family" + i % 977, String.valueOf(i), 5});
            insert(bare, "insert into enrolment values (?, ?, ?, ?)", STUDENTS, i ->
                    new Object[] {i, i / 25, i, LocalDate.of(2026, 9, 1)});
            insert(bare, "insert into observation values (?, ?, ?, ?, ?)", 3 * STUDENTS, i ->
                    new Object[] {i, i / 3, i % 2, (double) (i % 1200), LocalDate.of(2026, 10, 2)});
            bare.commit();
            System.out.printf("the same as bare rows, in batches: %.1f s%n", (System.nanoTime() - from) / 1e9);
        }
    }

    private static void insert(Connection bare, String into, int rows, IntFunction<Object[]> row) throws SQLException {
        try (PreparedStatement statement = bare.prepareStatement(into)) {
            for (int i = 0; i < rows; i++) {
                Object[] values = row.apply(i);
                for (int column = 0; column < values.length; column++) {
                    statement.setObject(column + 1, values[column]);
                }
                statement.addBatch();
                if (i % 1000 == 999) {
                    statement.executeBatch();
                }
            }
            statement.executeBatch();
        }
    }

    private static Map<String, List<String>> files() {
        List<String> classes = new ArrayList<>(List.of("sourcedId,title,grades"));
        List<String> users = new ArrayList<>(List.of("sourcedId,givenName,familyName,identifier,grades,role"));
        List<String> enrollments = new ArrayList<>(List.of("sourcedId,classSourcedId,userSourcedId,role,primary"));
        List<String> results = new ArrayList<>(List.of("sourcedId,lineItemSourcedId,studentSourcedId,score,scoreDate"));
        for (int i = 0; i < CLASSES; i++) {
            classes.add("c" + i + ",Class " + i + ",0" + (1 + i % 8));
        }
        users.add("t0,Idris,Bellweather,,,teacher");
        for (int i = 0; i < CLASSES_OF_THE_TEACHER; i++) {
            enrollments.add("et" + i + ",c" + i + ",t0,teacher,true");
        }
        for (int i = 0; i < STUDENTS; i++) {
            users.add("s" + i + ",Given" + i + ",Family" + i % 977 + "," + i + ",05,student");
            enrollments.add("e" + i + ",c" + i / 25 + ",s" + i + ",student,");
            for (int j = 0; j < 3; j++) {
                results.add("r" + i + "-" + j + ",l" + j % 2 + ",s" + i + "," + (i * 37 + j * 101) % 1200 + ",2026-1"
                        + j + "-02");
            }
        }
        Map<String, List<String>> files = new LinkedHashMap<>();
        files.put("classes", classes);
        files.put("users", users);
        files.put("enrollments", enrollments);
        files.put(
                "lineItems",
                List.of("sourcedId,title,resultValueMin,resultValueMax", "l0,Tideline,0,1200", "l1,Ratio,0,1200"));
        files.put("results", results);
        return files;
    }

    private static byte[] zip(Map<String, List<String>> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        StringBuilder manifest = new StringBuilder("propertyName,value\noneroster.version,1.2\n");
        files.keySet().forEach(name -> manifest.append("file.").append(name).append(",bulk\n"));
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            add(zip, "manifest", manifest.toString());
            for (Map.Entry<String, List<String>> file : files.entrySet()) {
                add(zip, file.getKey(), String.join("\n", file.getValue()));
            }
        }
        return out.toByteArray();
    }

    private static void add(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name + ".csv"));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
    }

    private static void measureStudents(int port, HttpCaller administrator, Path data) throws IOException {
        JsonNode idris = administrator
                .get("/api/school/adults")
                .ok()
                .valueStream()
                .filter(each -> each.get("displayName").asString().equals("Idris Bellweather"))
                .findFirst()
                .orElseThrow();
        administrator
                .post("/api/school/adults/" + idris.get("id").asLong() + "/password", Map.of("password", PASSWORD))
                .done();
        HttpCaller teacher = new HttpCaller(port).signInAdult(idris.get("name").asString(), PASSWORD);
        teacher.put("/api/account/password", Map.of("before", PASSWORD, "password", PASSWORD + "!"))
                .done();
        JsonNode measures = teacher.get("/api/students").ok().get("measures");
        long measure = measures.get(0).get("id").asLong();
        Map<String, Integer> shown = new LinkedHashMap<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (String query : List.of(
                    "sort=name",
                    "sort=m" + measure + "&descending=true",
                    "measureId=" + measure + "&from=600",
                    "text=77")) {
                JsonNode answer = teacher.get("/api/students?" + query).ok();
                shown.put(query, answer.get("students").size());
            }
        }
        for (Map.Entry<String, Integer> each : shown.entrySet()) {
            List<Long> micros = microsAtTheServer(data, "/api/students?" + each.getKey());
            List<Long> warm =
                    micros.subList(ROUNDS / 2, micros.size()).stream().sorted().toList();
            System.out.printf(
                    "1,200 students, %s: %d shown, at the server median %.0f ms, slowest %.0f ms (goal: 100 ms)%n",
                    each.getKey(), each.getValue(), warm.get(warm.size() / 2) / 1e3, warm.get(warm.size() - 1) / 1e3);
        }
    }

    /** What the server's own access log says each of these requests took it, from the first byte to the last. */
    private static List<Long> microsAtTheServer(Path data, String address) throws IOException {
        try (Stream<Path> logs = Files.list(data.resolve("logs"))) {
            return Files.readAllLines(logs.findFirst().orElseThrow()).stream()
                    .filter(line -> line.endsWith(" " + address))
                    .map(line -> Long.parseLong(line.substring(0, line.indexOf(' '))))
                    .toList();
        }
    }
}
