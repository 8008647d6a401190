package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import didaxis.server.School.Person;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A teacher's class from nothing: learners come, forget their passwords, work at once, and go. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ClassroomTest {
    @RegisterExtension
    final School school = School.DEMO;

    private static String learner(String name) {
        return "{\"displayName\":\"" + name + "\",\"username\":\"" + name.toLowerCase() + "\"}";
    }

    private static String signIn(String username, String password) {
        return "{\"username\":\"" + username + "\",\"password\":\"" + password + "\"}";
    }

    private static long questionOn(Person teacher, String notation) {
        return teacher.post(
                        "/api/questions",
                        "{\"title\":\"Radio\",\"notation\":\"" + notation
                                + "\",\"given\":[{\"subject\":\"R1\",\"quantity\":\"resistance\"},"
                                + "{\"subject\":\"total\",\"quantity\":\"voltage\"}],"
                                + "\"asked\":[{\"cell\":{\"subject\":\"total\",\"quantity\":\"current\"},\"marks\":2}]}")
                .json()
                .get("id")
                .asLong();
    }

    @Test
    void aLearnerComesGetsANewPasswordAndGoes() {
        Person teacher = school.signedIn("teacher");
        long id = teacher.post("/api/classes", "{\"name\":\"Evening class\"}")
                .json()
                .get("id")
                .asLong();
        JsonNode added = teacher.post("/api/classes/" + id + "/learners", learner("Maple"))
                .json();
        String first = added.get("password").asString();
        Person maple = school.signedIn("maple", first);
        assertEquals("[]", maple.get("/api/my/work").body());
        long learnerId = added.get("learner").get("id").asLong();
        String path = "/api/classes/" + id + "/learners/" + learnerId;
        String second =
                teacher.post(path + "/password", "{}").json().get("password").asString();
        assertEquals(
                401,
                school.visitor().post("/api/session", signIn("maple", first)).status());
        assertEquals(
                200,
                school.visitor().post("/api/session", signIn("maple", second)).status());
        assertEquals(204, teacher.delete(path).status());
        assertEquals(404, teacher.delete(path).status());
        assertEquals(0, teacher.get("/api/classes/" + id).json().get("learners").size());
    }

    @Test
    void aQuestionWithoutEnoughGivenIsKeptButNotHandedOut() {
        Person teacher = school.signedIn("teacher");
        long question = questionOn(teacher, "9 V : R1=3 + R2=6");
        JsonNode kept = teacher.get("/api/questions/" + question).json();
        assertEquals(
                "Not enough is given to find I(total).",
                kept.get("flaws").get(0).asString());
        Answer refused = teacher.post(
                "/api/classes/1/assignments", "{\"questionId\":" + question + ",\"dueAt\":\"2999-01-01T00:00:00Z\"}");
        assertEquals(422, refused.status());
        assertTrue(refused.json().get("detail").asString().startsWith("“Radio” cannot be handed out yet."));
    }

    @Test
    void aWholeClassWorkingAtOnceLosesNothing() throws Exception {
        Person teacher = school.signedIn("teacher");
        long id = teacher.post("/api/classes", "{\"name\":\"Busy class\"}")
                .json()
                .get("id")
                .asLong();
        long question = questionOn(teacher, "9 V : R1=3");
        long assignment = teacher.post(
                        "/api/classes/" + id + "/assignments",
                        "{\"questionId\":" + question + ",\"dueAt\":\"2999-01-01T00:00:00Z\"}")
                .json()
                .get("id")
                .asLong();
        List<Person> learners = new ArrayList<>();
        for (int k = 0; k < 12; k++) {
            Answer added = teacher.post("/api/classes/" + id + "/learners", learner("Busy" + k));
            learners.add(
                    school.signedIn("busy" + k, added.json().get("password").asString()));
        }
        ExecutorService threads = Executors.newFixedThreadPool(12);
        List<Future<Boolean>> all = new ArrayList<>();
        for (Person one : learners) all.add(threads.submit(() -> worksThrough(one, assignment)));
        for (Future<Boolean> one : all) assertTrue(one.get());
        threads.shutdown();
        JsonNode after = teacher.get("/api/assignments/" + assignment).json();
        assertEquals(12, after.get("assignment").get("sent").asInt());
        long right = StreamSupport.stream(after.get("learners").spliterator(), false)
                .filter(one -> one.get("marks").asInt() == 2)
                .count();
        assertEquals(12, right);
    }

    private static boolean worksThrough(Person learner, long assignment) {
        String path = "/api/my/work/" + assignment;
        String answers = "\"answers\":[{\"cell\":{\"subject\":\"total\",\"quantity\":\"current\"},\"text\":\"3 A\"}]";
        for (int revision = 0; revision < 5; revision++) {
            if (learner.put(path + "/draft", "{\"revision\":" + revision + "," + answers + "}")
                            .status()
                    != 200) return false;
        }
        return learner.post(path + "/submission", "{" + answers + "}").status() == 200;
    }
}
