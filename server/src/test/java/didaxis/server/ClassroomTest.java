package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.simple.JdbcClient;
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
                                + "\"tasks\":[{\"kind\":\"chart\",\"cells\":[{\"subject\":\"total\",\"quantity\":\"current\",\"marks\":2}]}]}")
                .json()
                .get("id")
                .asLong();
    }

    @Test
    void aLearnerComesGetsANewPasswordAndGoes() {
        Person teacher = school.signedIn("teacher");
        long id = School.classOf(teacher, "Evening class");
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
                "Not enough is given to find the total current.",
                kept.get("flaws").get(0).get("sentence").asString());
        Answer refused = teacher.post(
                "/api/classes/1/assignments",
                "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}");
        assertEquals(422, refused.status());
        assertTrue(refused.json().get("detail").asString().startsWith("“Radio” cannot be handed out yet."));
    }

    @Test
    void aWholeClassWorkingAtOnceLosesNothing() throws Exception {
        Person teacher = school.signedIn("teacher");
        long id = School.classOf(teacher, "Busy class");
        long question = questionOn(teacher, "9 V : R1=3");
        long assignment = teacher.post(
                        "/api/classes/" + id + "/assignments",
                        "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}")
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
        String answers = "\"answers\":[{\"box\":\"1/1.1\",\"text\":\"3 A\"}]";
        for (int revision = 0; revision < 5; revision++) {
            if (learner.put(path + "/draft", "{\"revision\":" + revision + "," + answers + "}")
                            .status()
                    != 200) return false;
        }
        return learner.post(path + "/submission", "{" + answers + "}").status() == 200;
    }

    @Test
    void aPastedListComesInAtOnceWithNamesThatAreFree() {
        Person teacher = school.signedIn("teacher");
        long id = School.classOf(teacher, "Pasted class");
        String path = "/api/classes/" + id + "/learners";
        String list =
                "Name;sign-in\\n\\u00c5sa Lind\\n\\u00c5sa Lind;\\nT. Teasel;teacher\\nW. Willow;willow\\n\\nX. \\u738b;no good!\\n";
        Answer read = teacher.post(path + "/reading", "{\"text\":\"" + list + "\"}");
        assertEquals(
                List.of("Åsa Lind", "Åsa Lind", "T. Teasel", "W. Willow", "X. 王"),
                School.all(read.json(), "displayName"));
        assertEquals(
                List.of("asa.lind", "asa.lind2", "teacher2", "willow", "no.good"), School.all(read.json(), "username"));
        assertTrue(read.json().get(2).get("note").asString().contains("“teacher” cannot be had"));
        assertEquals(0, teacher.get("/api/classes/" + id).json().get("learners").size(), "reading makes nobody");

        StringBuilder sixty = new StringBuilder();
        for (int k = 0; k < 60; k++) sixty.append("L. Larch ").append(k).append("\\n");
        JsonNode proposed =
                teacher.post(path + "/reading", "{\"text\":\"" + sixty + "\"}").json();
        Answer made = teacher.post(path + "/list", "{\"learners\":" + proposed + "}");
        assertEquals(201, made.status(), made::toString);
        assertEquals(
                60, teacher.get("/api/classes/" + id).json().get("learners").size());
        assertEquals(60, School.all(made.json(), "password").stream().distinct().count());
        school.signedIn("l.larch.7", made.json().get(7).get("password").asString());

        Answer twice = teacher.post(path + "/list", "{\"learners\":" + proposed + "}");
        assertEquals(409, twice.status(), "all or none");
        assertEquals(
                60, teacher.get("/api/classes/" + id).json().get("learners").size());
        assertEquals(400, teacher.post(path + "/reading", "{\"text\":\" \\n\"}").status());
    }

    @Test
    void aLearnerIsPutBackIsInTwoClassesIsRenamedExportedAndErased() {
        Person teacher = school.signedIn("teacher");
        long first = School.classOf(teacher, "First class");
        long second = School.classOf(teacher, "Second class");
        Answer added = teacher.post("/api/classes/" + first + "/learners", learner("Nettle"));
        long nettle = added.json().get("learner").get("id").asLong();
        String inFirst = "/api/classes/" + first + "/learners/" + nettle;
        String inSecond = "/api/classes/" + second + "/learners/" + nettle;
        long question = questionOn(teacher, "9 V : R1=3");
        long assignment = teacher.post(
                        "/api/classes/" + first + "/assignments",
                        "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\"}")
                .json()
                .get("id")
                .asLong();
        assertTrue(worksThrough(
                school.signedIn("nettle", added.json().get("password").asString()), assignment));

        assertEquals(404, teacher.delete(inSecond).status());
        assertTrue(
                teacher.get("/api/classes/" + second + "/learners/known").body().contains("Nettle"));
        assertEquals(200, teacher.put(inSecond, "").status());
        assertEquals(204, teacher.delete(inFirst).status());
        assertEquals(
                List.of("Nettle"),
                School.all(teacher.get("/api/classes/" + first).json().get("former"), "displayName"));
        assertEquals(200, teacher.put(inFirst, "").status());
        assertEquals(
                0, teacher.get("/api/classes/" + first).json().get("former").size());
        assertEquals(
                2,
                teacher.get("/api/assignments/" + assignment + "/sheets/" + nettle)
                        .json()
                        .get("learner")
                        .get("marks")
                        .asInt());
        assertEquals(
                "N. Nettle",
                teacher.put(inFirst + "/name", "{\"displayName\":\"N. Nettle\"}")
                        .json()
                        .get("displayName")
                        .asString());

        JsonNode export = teacher.get(inFirst + "/export").json();
        assertEquals("nettle", export.get("username").asString());
        assertEquals(
                "3 A",
                export.get("sheets").get(0).get("answers").get(0).get("text").asString());

        assertEquals(204, teacher.delete(inFirst + "/everything").status());
        assertEquals(404, teacher.get(inSecond + "/export").status());
        int left = school.bean(JdbcClient.class)
                .sql("SELECT (SELECT count(*) FROM account WHERE id = :id)"
                        + " + (SELECT count(*) FROM submission s JOIN sheet h ON h.id = s.sheet_id WHERE h.learner_id = :id)"
                        + " + (SELECT count(*) FROM sheet WHERE learner_id = :id)")
                .param("id", nettle)
                .query(Integer.class)
                .single();
        assertEquals(0, left);
    }

    @Test
    void aClassIsRenamedCopiedPutAwayAndTwoOfOneNameAreAskedAbout() {
        Person teacher = school.signedIn("teacher");
        long id = School.classOf(teacher, "Autumn class");
        teacher.post("/api/classes/" + id + "/learners", learner("Oxlip"));
        Answer same = teacher.post("/api/classes", "{\"name\":\"autumn class\"}");
        assertEquals(409, same.status());
        assertEquals("same-name", same.json().get("reason").asString());
        assertEquals(
                201,
                teacher.post("/api/classes", "{\"name\":\"autumn class\",\"again\":true}")
                        .status());
        assertEquals(
                "Spring class",
                teacher.put("/api/classes/" + id + "/name", "{\"name\":\"Spring class\"}")
                        .json()
                        .get("name")
                        .asString());
        JsonNode copy = teacher.post("/api/classes/" + id + "/copy", "").json();
        assertEquals("Spring class 2", copy.get("name").asString());
        assertEquals(List.of("Oxlip"), School.all(copy.get("learners"), "displayName"));
        assertTrue(teacher.put("/api/classes/" + id + "/archived", "{\"archived\":true}")
                .json()
                .get("archived")
                .asBoolean());
        assertEquals(200, teacher.get("/api/classes/" + id + "/results").status(), "it can still be looked at");
    }
}
