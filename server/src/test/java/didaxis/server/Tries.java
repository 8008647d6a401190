package didaxis.server;

import didaxis.server.School.Answer;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Two tasks that were handed out and may be tried again, with 3 Ω and 2 A for 3 and 2 marks, and what people do with them. */
record Tries(Person teacher, long id) {
    static final String RESISTANCE = "1/1.1";
    private static final String CURRENT = "1/1.2";
    private static final String DUE = "2999-01-01T00:00:00Z";

    static Tries of(Person teacher) {
        return of(teacher, "[]", "same");
    }

    static Tries of(Person teacher, String vary, String versions) {
        String question = """
                {"title":"Lamps of the hut","notation":"16 V : R1=5 + (R2=12 || R3=4)","vary":%s,"given":[
                {"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},
                {"subject":"R3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}],
                "tasks":[{"kind":"calculate","marks":3,"cells":[{"subject":"R23","quantity":"resistance"}]},
                {"kind":"calculate","marks":2,"cells":[{"subject":"total","quantity":"current"}]}]}""".formatted(vary);
        return new Tries(teacher, School.handedOut(teacher, question, versions));
    }

    String path() {
        return "/api/assignments/" + id;
    }

    String work() {
        return "/api/my/work/" + id;
    }

    static String answers(String resistance, String current) {
        return "\"answers\":[{\"box\":\"" + RESISTANCE + "\",\"text\":\"" + resistance + "\"},{\"box\":\"" + CURRENT
                + "\",\"text\":\"" + current + "\"}]";
    }

    Answer send(Person by, String resistance, String current) {
        return by.post(work() + "/submission", "{" + answers(resistance, current) + "}");
    }

    Answer allow(List<Long> learners, boolean shown, boolean others, String counts) {
        return teacher.post(
                path() + "/attempts",
                "{\"learners\":" + learners + ",\"dueAt\":\"" + DUE + "\",\"shown\":" + shown + ",\"otherValues\":"
                        + others + ",\"counts\":\"" + counts + "\"}");
    }

    long idOf(Person one) {
        String name = one.get("/api/session").json().get("username").asString();
        for (JsonNode any : teacher.get(path()).json().get("learners"))
            if (any.get("learner").get("username").asString().equals(name))
                return any.get("learner").get("id").asLong();
        throw new AssertionError(name);
    }

    /** The learner's line in the teacher's results. */
    JsonNode standing(long who) {
        for (JsonNode any : teacher.get(path() + "/boxes").json().get("learners"))
            if (any.get("learner").get("id").asLong() == who) return any;
        throw new AssertionError(who);
    }

    JsonNode inList(Person by) {
        for (JsonNode one : by.get("/api/my/work").json()) if (one.get("id").asLong() == id) return one;
        throw new AssertionError(id);
    }

    void release(boolean collect) {
        teacher.post(path() + "/release", "{\"collect\":" + collect + "}").done();
    }

    static String text(JsonNode sheet, int task) {
        return sheet.get("questions")
                .get(0)
                .get("tasks")
                .get(task)
                .get("boxes")
                .get(0)
                .get("text")
                .asString();
    }

    /** The marks that count and of which attempt they are. */
    String marks(long who) {
        JsonNode one = standing(who);
        return one.get("marks") + " " + one.get("attempt");
    }
}
