package zafu.server.task;

/** Numbers in sentences. */
final class Counting {
    private Counting() {}

    static String students(int number) {
        return number == 1 ? "1 student" : number + " students";
    }
}
