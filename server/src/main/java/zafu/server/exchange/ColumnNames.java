package zafu.server.exchange;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import zafu.server.exchange.ColumnUse.Use;

/** What schools call the columns of their lists, in English, French and Spanish; accents, case, dots and dashes do not matter. */
final class ColumnNames {
    private static final Map<Use, Set<String>> KNOWN = new LinkedHashMap<>();

    static {
        know(
                Use.GIVEN_NAME,
                "given name, given, first name, first, forename, legal first name, student first name",
                "prénom, prénom de l'élève",
                "nombre, nombres, nombre de pila");
        know(
                Use.FAMILY_NAME,
                "family name, family, last name, last, surname, legal last name, student last name",
                "nom, nom de famille",
                "apellido, apellidos");
        know(
                Use.FULL_NAME,
                "name, student, student name, pupil, pupil name, learner, full name",
                "élève, nom de l'élève, nom complet, nom et prénom",
                "alumno, alumna, estudiante, nombre completo, nombre y apellidos");
        know(
                Use.PREFERRED_NAME,
                "preferred name, preferred, preferred first name, known as, called, nickname, chosen name",
                "prénom usuel, prénom choisi",
                "nombre preferido, apodo");
        know(
                Use.STUDENT_NUMBER,
                "id, number, no, student id, student number, student no, local id, local student id, school id, pupil id",
                "numéro, numéro d'élève, no d'élève, matricule",
                "número, número de estudiante, id de estudiante, matrícula");
        know(
                Use.GRADE,
                "grade, year, gr, yr, class grade, grade level, year group",
                "niveau, année, année scolaire",
                "grado, curso");
        know(
                Use.HOME_CLASS,
                "home class, homeroom, home room, class, class name",
                "classe, groupe classe, titulaire",
                "clase, aula");
        know(
                Use.LANGUAGE,
                "language, home language, first language",
                "langue, langue maternelle",
                "idioma, lengua materna");
        know(Use.TAGS, "tags, tag", "étiquettes", "etiquetas");
        know(
                Use.DATE,
                "date, day, taken on, test date, assessed on, as of, tested on, date tested, score date, assessment date",
                "date du test, date d'évaluation",
                "fecha, fecha de la prueba");
        know(
                Use.TIME_FACTOR,
                "time, time factor, extended time, extra time, more time",
                "temps supplémentaire",
                "tiempo extra");
        know(Use.EXTRA_DAYS, "extra days, days, more days", "jours de plus", "días extra");
        know(Use.NEED, "need, accommodation, support", "besoin, mesure d'adaptation", "necesidad, adaptación");
        know(Use.NEED_AMOUNT, "amount, factor, how much", "combien", "cuánto");
        know(Use.NEED_DETAIL, "detail, details, which", "détail", "detalle");
        know(Use.NEED_WORKS, "work, works, kinds of work", "travaux", "trabajos");
        know(Use.NEED_SUBJECTS, "subject, subjects", "matière, matières", "materia, materias");
        know(Use.NEED_FROM, "from, start, begins", "dès", "desde");
        know(Use.NEED_TO, "to, until, end, ends", "jusqu'à", "hasta");
        know(Use.NEED_SOURCE, "source", "source", "fuente");
    }

    private ColumnNames() {}

    private static void know(Use use, String... namesByLanguage) {
        KNOWN.put(
                use,
                Arrays.stream(namesByLanguage)
                        .flatMap(names -> Arrays.stream(names.split(",")))
                        .map(ColumnNames::plain)
                        .collect(Collectors.toUnmodifiableSet()));
    }

    /** What a column of this name is likely to be; the likeliest first, none where the name says nothing. */
    static List<Use> usesOf(String name) {
        String plain = plain(name);
        return KNOWN.entrySet().stream()
                .filter(each -> each.getValue().contains(plain))
                .map(Map.Entry::getKey)
                .toList();
    }

    private static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }
}
