package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/** A class and three questions of a teacher, one that varies, one that does not and one in words, for papers of them. */
record PapersOfAClass(Person teacher, long classroom, long varied, long fixed, long words) {
    static final String VARIED = """
            {"title":"Boot dryer, varied","stem":"The battery gives {E}.","notation":"12 V : R1=4 + R2=8",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},
                      {"subject":"R2","quantity":"resistance"}],
             "vary":[{"thing":"E","values":"6 to 24 by 2"},{"thing":"R1","values":"2 to 9 by 1"},
                     {"thing":"R2","values":"3; 6; 12"}],
             "conditions":[{"kind":"short-answers","figures":2},{"kind":"different-values"}],
             "tasks":[{"kind":"write-down","cells":[{"subject":"total","quantity":"current"}]}]}""";
    static final String FIXED = """
            {"title":"Beacon","notation":"10 V : L1=5 || L2=20",
             "given":[{"subject":"total","quantity":"voltage"},{"subject":"L1","quantity":"resistance"}],
             "tasks":[{"kind":"calculate","cells":[{"subject":"L1","quantity":"current"}]}]}""";
    static final String WORDS = "{\"title\":\"Power in words\",\"tasks\":[{\"kind\":\"define\",\"term\":\"power\"}]}";
    static final Pattern EMF = Pattern.compile("The battery gives ([0-9.]+)");

    static PapersOfAClass of(Person teacher, String classroom) {
        return new PapersOfAClass(
                teacher,
                School.classOf(teacher, classroom),
                id(teacher.post("/api/questions", VARIED)),
                id(teacher.post("/api/questions", FIXED)),
                id(teacher.post("/api/questions", WORDS)));
    }

    /** A new learner of the class, with a password. */
    JsonNode add(String name) {
        return teacher.post(
                        "/api/classes/" + classroom + "/learners",
                        "{\"displayName\":\"" + name + "\",\"username\":\"" + name + "\"}")
                .done()
                .json();
    }

    static long id(Answer answer) {
        return answer.done().json().get("id").asLong();
    }

    Answer paper(String title, String layout, long... questions) {
        return teacher.post("/api/papers", body(title, layout, questions));
    }

    static String body(String title, String layout, long... questions) {
        String ids = Arrays.toString(questions);
        return "{\"title\":\"" + title + "\",\"layout\":" + layout + ",\"questions\":" + ids + "}";
    }

    Answer handOut(long paper) {
        return teacher.post(
                "/api/papers/" + paper + "/assignments",
                "{\"classroomId\":" + classroom + ",\"dueAt\":\"2999-01-01T00:00:00Z\"}");
    }

    /** The emf that a sheet tells, by which its other values are known. */
    static String emf(JsonNode sheet) {
        Matcher told = EMF.matcher(sheet.get("questions").get(0).get("stem").asString());
        assertTrue(told.find(), sheet::toString);
        return told.group(1);
    }
}
