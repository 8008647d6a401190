package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A teacher's word stands above the marker's: for all who wrote the same, with its reason, until it is taken back. */
class ReviewTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static final String BOX = "1/1.1";

    private final Person teacher = school.signedIn("teacher");
    private long id;

    /** Learners 1 and 2 add the branches of a parallel, 3 is right, 4 leaves it empty; 5 has not sent it. */
    @BeforeEach
    void handOut() {
        long question =
                teacher.post("/api/questions", """
                        {"title":"Lamps of the hut","notation":"16 V : R1=5 + (R2=12 || R3=4)","given":[
                        {"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},
                        {"subject":"R3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}],
                        "tasks":[{"kind":"calculate","marks":3,"cells":[{"subject":"R23","quantity":"resistance"}]},
                        {"kind":"calculate","marks":2,"cells":[{"subject":"total","quantity":"resistance"}]}]}""").done().json().get("id").asLong();
        id = teacher.post(
                        "/api/classes/1/assignments",
                        "{\"questionIds\":[" + question + "],\"again\":true,\"dueAt\":\"2999-01-01T00:00:00Z\"}")
                .done()
                .json()
                .get("id")
                .asLong();
        List<String> typed = List.of("16", "16 ohm", "3", "");
        for (int k = 0; k < typed.size(); k++)
            school.signedIn("learner" + (k + 1))
                    .post(
                            "/api/my/work/" + id + "/submission",
                            "{\"answers\":[{\"box\":\"" + BOX + "\",\"text\":\"" + typed.get(k) + "\"}]}")
                    .done();
    }

    private JsonNode review(Person by) {
        return by.get("/api/assignments/" + id + "/review?box=" + BOX).done().json();
    }

    private Answer give(Person by, JsonNode seen, int group, String points, String reason) {
        List<Long> learners = new ArrayList<>();
        seen.get("groups")
                .get(group)
                .get("learners")
                .forEach(one -> learners.add(one.get("id").asLong()));
        return by.post(
                "/api/assignments/" + id + "/overrides",
                "{\"box\":\"" + BOX + "\",\"learners\":" + learners + ",\"points\":" + points + ",\"reason\":\""
                        + reason + "\",\"revision\":" + seen.get("revision") + "}");
    }

    /** "slip 2 0/0": the marker's word, how many wrote it, what the marker gives and what counts. */
    private static List<String> groups(JsonNode review) {
        return StreamSupport.stream(review.get("groups").spliterator(), false)
                .map(one -> one.get("finding").asString() + " "
                        + one.get("learners").size() + " " + one.get("own") + "/" + one.get("points"))
                .toList();
    }

    private List<String> marks() {
        List<String> marks = new ArrayList<>();
        for (JsonNode row :
                teacher.get("/api/assignments/" + id + "/boxes").json().get("learners"))
            if (!row.get("marks").isNull()) marks.add(row.get("marks").asString());
        return marks;
    }

    @Test
    void whatIsGivenReachesAllWhoWroteItAndIsTakenBack() {
        JsonNode before = review(teacher);
        assertEquals(List.of("slip 2 0/0", "blank 1 0/0", "right 1 3/3"), groups(before));
        assertEquals(
                "Parallel added as if in series",
                before.get("groups").get(0).get("slip").asString());
        assertEquals(List.of("0", "0", "3", "0"), marks());
        JsonNode after = give(teacher, before, 0, "1", "  drawn right  ").done().json();
        assertEquals(List.of("slip 2 0/1", "blank 1 0/0", "right 1 3/3"), groups(after));
        assertEquals(
                "drawn right",
                after.get("groups").get(0).get("given").get("reason").asString());
        assertEquals(List.of("1", "1", "3", "0"), marks());
        JsonNode sheet = teacher.get("/api/assignments/" + id + "/sheets/2")
                .json()
                .get("findings")
                .get(0);
        assertEquals("slip", sheet.get("finding").asString(), "the marker's own word stays");
        assertEquals(1, sheet.get("points").asInt());
        JsonNode box = teacher.get("/api/assignments/" + id + "/boxes")
                .json()
                .get("boxes")
                .get(0);
        assertEquals(2, box.get("partly").asInt());
        assertEquals(7, box.get("lost").asInt());
        JsonNode undone = give(teacher, after, 0, "null", "").done().json();
        assertEquals(groups(before), groups(undone));
        assertTrue(undone.get("groups").get(0).get("given").isNull());
        assertEquals(List.of("0", "0", "3", "0"), marks());
    }

    @Test
    void aLearnerSeesItWithItsReasonWhenTheWorkIsBackAndNotBefore() {
        give(teacher, review(teacher), 0, "2", "the sum itself is right").done();
        String work = school.signedIn("learner1").get("/api/my/work/" + id).body();
        assertFalse(work.contains("the sum itself"), work);
        teacher.post("/api/assignments/" + id + "/release", "").done();
        JsonNode feedback = school.signedIn("learner1")
                .get("/api/my/work/" + id + "/feedback")
                .done()
                .json();
        assertEquals(2, feedback.get("marks").asInt());
        JsonNode given = feedback.get("findings").get(0).get("given");
        assertEquals("the sum itself is right", given.get("reason").asString());
        assertEquals("", given.get("by").asString());
        assertTrue(changedAt().isNull(), "nothing has changed since it was handed back");
        give(teacher, review(teacher), 0, "3", "").done();
        assertFalse(changedAt().isNull(), "the learner is told");
    }

    private JsonNode changedAt() {
        for (JsonNode one :
                school.signedIn("learner1").get("/api/my/work").done().json())
            if (one.get("id").asLong() == id) return one.get("changedAt");
        throw new AssertionError("the work is not there");
    }

    @Test
    void ofTwoTeachersTheLaterIsTold() {
        Person other = school.invited(teacher, "reviewer" + id);
        // The newest of the school's teachers.
        long colleague = 0;
        for (JsonNode one : teacher.get("/api/teachers").json())
            colleague = Math.max(colleague, one.get("id").asLong());
        teacher.put("/api/classes/1/teachers/" + colleague, "").done();
        JsonNode seen = review(other);
        give(teacher, review(teacher), 0, "1", "").done();
        Answer late = give(other, seen, 0, "3", "");
        assertEquals(409, late.status());
        assertEquals("changed-elsewhere", late.json().get("reason").asString());
        assertEquals(List.of("1", "1", "3", "0"), marks());
        give(other, review(other), 0, "3", "").done();
        assertEquals(List.of("3", "3", "3", "0"), marks());
    }

    @Test
    void whatCannotBeGivenIsRefused() {
        JsonNode seen = review(teacher);
        assertEquals(400, give(teacher, seen, 0, "4", "").status());
        assertEquals(400, give(teacher, seen, 0, "-1", "").status());
        assertEquals(400, give(teacher, seen, 0, "1", "x".repeat(301)).status());
        Person stranger = school.invited(teacher, "stranger" + id);
        assertEquals(404, give(stranger, seen, 0, "1", "").status());
        assertEquals(404, stranger.get("/api/assignments/" + id + "/review").status());
        assertEquals(
                403,
                school.signedIn("learner1")
                        .get("/api/assignments/" + id + "/review")
                        .status());
        assertEquals(List.of("0", "0", "3", "0"), marks());
    }
}
