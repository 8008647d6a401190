package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What learners write is kept, counted once and judged; teachers see how far everybody is. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WorkTest {
    @RegisterExtension
    final School school = School.DEMO;

    private static String answers(String text) {
        return "[{\"box\":\"1/1.1-1\",\"text\":\"" + text + "\"}]";
    }

    @Test
    void theDemoShowsEachFindingAndWhoIsWhere() {
        Person teacher = school.signedIn("teacher");
        JsonNode results = teacher.get("/api/classes/1/results").json();
        List<String> states = new ArrayList<>();
        List<Integer> marks = new ArrayList<>();
        for (JsonNode row : results.get("rows")) {
            JsonNode cell = row.get("cells").get(0);
            states.add(cell.get("state").asString());
            if (!cell.get("marks").isNull()) marks.add(cell.get("marks").asInt());
        }
        assertEquals(List.of("sent", "sent", "sent", "sent", "sent", "sent", "working", "not-begun"), states);
        assertEquals(List.of(8, 8, 7, 7, 7, 5), marks);
        List<String> findings = new ArrayList<>();
        for (long learner = 2; learner <= 7; learner++) {
            for (JsonNode finding :
                    teacher.get("/api/assignments/1/sheets/" + learner).json().get("findings")) {
                findings.add(finding.get("finding").asString());
                assertTrue(finding.get("sentence").asString().endsWith("."), finding::toString);
                assertEquals(
                        List.of("wrong", "slip").contains(finding.get("finding").asString()),
                        finding.get("origin").asBoolean());
                assertEquals(
                        finding.get("finding").asString().equals("slip"),
                        !finding.get("slip").isNull());
            }
        }
        assertTrue(
                findings.containsAll(List.of("right", "follow-through", "slip", "blank", "unreadable")),
                findings::toString);
    }

    @Test
    void aClassIsSeenBoxByBoxWithEqualWrongValuesTogether() {
        Person teacher = school.signedIn("teacher");
        JsonNode view = teacher.get("/api/assignments/1/boxes").json();
        JsonNode first = view.get("boxes").get(0);
        assertEquals("resistance of R23", first.get("name").asString());
        assertEquals("3.00\u2009Ω", first.get("expected").asString());
        assertEquals(4, first.get("right").asInt());
        assertEquals(2, first.get("slipped").asInt());
        List<String> wrong = new ArrayList<>();
        first.get("wrongValues").forEach(one -> wrong.add(one.get("shown").asString()));
        assertEquals(
                List.of("0.333\u2009Ω", "16\u2009Ω"), wrong.stream().sorted().toList());
        for (JsonNode box : view.get("boxes")) {
            int all = 0;
            for (String count : List.of("right", "follows", "partly", "slipped", "wrong", "blank", "unreadable"))
                all += box.get(count).asInt();
            assertEquals(6, all, box::toString);
        }
        assertEquals(8, view.get("learners").size());
    }

    /** Counted by the findings of every sheet, one by one. */
    @Test
    void theSlipsOfAClassAreThoseOfItsSheets() {
        Person teacher = school.signedIn("teacher");
        Map<String, Set<Long>> learners = new HashMap<>();
        Map<String, Integer> answers = new HashMap<>();
        for (long learner = 2; learner <= 7; learner++)
            for (JsonNode finding :
                    teacher.get("/api/assignments/1/sheets/" + learner).json().get("findings")) {
                if (finding.get("slip").isNull()) continue;
                String slip = finding.get("slip").asString();
                learners.computeIfAbsent(slip, first -> new HashSet<>()).add(learner);
                answers.merge(slip, 1, Integer::sum);
            }
        assertTrue(
                learners.keySet().containsAll(List.of("reciprocal-not-turned-over", "parallel-added-as-series")),
                learners::toString);
        JsonNode slips = teacher.get("/api/assignments/1/boxes").json().get("slips");
        assertEquals(learners.size(), slips.size());
        for (JsonNode slip : slips) {
            String code = slip.get("slip").asString();
            assertEquals(learners.get(code).size(), slip.get("learners").asInt());
            assertEquals(answers.get(code), slip.get("answers").size());
        }
    }

    @Test
    void aDraftIsKeptAndTheOlderOfTwoTabsIsTold() {
        Person learner = school.signedIn("learner1");
        String path = "/api/my/work/2/draft";
        Answer first = learner.put(path, "{\"revision\":0,\"answers\":" + answers("2400 mohm") + "}");
        assertEquals(1, first.json().get("revision").asInt(), first::toString);
        assertEquals(
                "2.4 Ω",
                first.json().get("readings").get(0).get("shown").asString().replace('\u2009', ' '));
        assertEquals(
                200,
                learner.put(path, "{\"revision\":1,\"answers\":" + answers("24") + "}")
                        .status());
        Answer older = learner.put(path, "{\"revision\":1,\"answers\":" + answers("99") + "}");
        assertEquals(409, older.status());
        assertEquals("changed-elsewhere", older.json().get("reason").asString());
        JsonNode sheet = learner.get("/api/my/work/2").json();
        assertEquals("24", School.box(sheet, 0).get("text").asString());
        assertEquals("working", sheet.get("state").asString());
    }

    @Test
    void sendingTwiceEvenAtOnceCountsOnce() throws Exception {
        Person learner = school.signedIn("learner2");
        ExecutorService threads = Executors.newFixedThreadPool(8);
        CountDownLatch start = new CountDownLatch(1);
        List<Future<Answer>> sent = new ArrayList<>();
        for (int k = 0; k < 8; k++) {
            String body = "{\"answers\":" + answers(String.valueOf(20 + k)) + "}";
            sent.add(threads.submit(() -> {
                start.await();
                return learner.post("/api/my/work/2/submission", body);
            }));
        }
        start.countDown();
        List<String> times = new ArrayList<>();
        for (Future<Answer> one : sent) {
            assertEquals(200, one.get().status(), one.get()::toString);
            times.add(one.get().json().get("sentAt").asString());
        }
        threads.shutdown();
        assertEquals(1, times.stream().distinct().count(), times::toString);
        int kept = school.bean(JdbcClient.class)
                .sql(
                        "SELECT count(*) FROM submission s JOIN sheet h ON h.id = s.sheet_id WHERE h.assignment_id = 2 AND h.learner_id = 3")
                .query(Integer.class)
                .single();
        assertEquals(1, kept);
        Answer after = learner.put("/api/my/work/2/draft", "{\"revision\":0,\"answers\":[]}");
        assertEquals("sent", after.json().get("reason").asString());
    }

    @Test
    void afterAnAssignmentWasHandedBackNothingIsKeptOrSentAndAllIsTold() {
        Person teacher = school.signedIn("teacher");
        Person learner = school.signedIn("learner4");
        Person late = school.signedIn("learner5");
        long id = School.handedOut(teacher, """
                {"title":"Back","notation":"12 V : R1=2 + R2=4","given":[{"subject":"total","quantity":"voltage"},
                 {"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"}],
                 "tasks":[{"kind":"chart","cells":[{"subject":"total","quantity":"resistance","marks":2},
                 {"subject":"total","quantity":"current","marks":3},
                 {"subject":"R1","quantity":"voltage","marks":1}]}]}""");
        String work = "/api/my/work/" + id;
        String answers = "[" + answer(1, "8 ohm") + "," + answer(2, "1.5 A") + "," + answer(3, "") + "]";
        assertEquals(
                "not-released",
                learner.get(work + "/feedback").json().get("reason").asString());
        assertEquals(
                200,
                learner.post(work + "/submission", "{\"answers\":" + answers + "}")
                        .status());
        assertEquals(
                200, teacher.post("/api/assignments/" + id + "/release", "").status());
        for (Answer refused : List.of(
                late.put(work + "/draft", "{\"revision\":0,\"answers\":" + answers + "}"),
                late.post(work + "/submission", "{\"answers\":" + answers + "}"))) {
            assertEquals(409, refused.status(), refused::toString);
            assertEquals("released", refused.json().get("reason").asString());
        }
        // Who sent sees points with reasons; who did not sees what would have been right.
        JsonNode feedback = learner.get(work + "/feedback").json();
        assertEquals(3, feedback.get("marks").asInt());
        assertEquals(List.of("wrong", "follow-through", "blank"), findings(feedback));
        assertTrue(
                feedback.get("findings").get(1).get("sentence").asString().startsWith("Follows correctly from your"));
        JsonNode without = late.get(work + "/feedback").json();
        assertEquals(0, without.get("marks").asInt());
        assertEquals(List.of("blank", "blank", "blank"), findings(without));
        // A second time changes nothing.
        assertEquals(
                200, teacher.post("/api/assignments/" + id + "/release", "").status());
        assertEquals(
                List.of("wrong", "follow-through", "blank"),
                findings(learner.get(work + "/feedback").json()));
    }

    private static String answer(int box, String text) {
        return "{\"box\":\"1/1.1-" + box + "\",\"text\":\"" + text + "\"}";
    }

    private static List<String> findings(JsonNode feedback) {
        List<String> findings = new ArrayList<>();
        feedback.get("findings").forEach(one -> findings.add(one.get("finding").asString()));
        return findings;
    }

    @Test
    void whatWasHandedOutStaysAsItWasWhenTheQuestionChanges() {
        Person teacher = school.signedIn("teacher");
        Person learner = school.signedIn("learner3");
        String before = learner.get("/api/my/work/2").json().get("questions").toString();
        JsonNode question = teacher.get("/api/questions/2").json();
        String body = question.get("body").toString().replace("H1=48", "H1=60");
        String changed = body.replace("\"title\":null", "\"title\":" + question.get("title"));
        assertEquals(200, teacher.put("/api/questions/2", changed).status());
        assertEquals(
                before, learner.get("/api/my/work/2").json().get("questions").toString());
        assertEquals(204, teacher.delete("/api/questions/2").status());
        assertEquals(404, teacher.get("/api/questions/2").status());
        assertEquals(200, learner.get("/api/my/work/2").status());
        assertEquals(200, teacher.post("/api/questions/2/restoration", "{}").status());
        assertEquals(200, teacher.get("/api/questions/2").status());
    }

    @Test
    void theDatabaseIsWrittenAsPromised() {
        JdbcClient writes = school.bean(JdbcClient.class);
        assertEquals(
                "wal", writes.sql("PRAGMA journal_mode").query(String.class).single());
        assertEquals(2, writes.sql("PRAGMA synchronous").query(Integer.class).single());
        assertEquals(1, writes.sql("PRAGMA foreign_keys").query(Integer.class).single());
    }
}
