package didaxis.server;

import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;

/** A question that was handed out, and a teacher who puts its memo right. */
record Correcting(School school, Person teacher, long id) {
    static final String I = "1/1.1";
    static final String V = "1/1.2";
    static final String WHY = "1/1.3";
    static final String R1_IS_10 = "{\"kind\":\"value\",\"question\":1,\"thing\":\"R1\",\"value\":\"10\"}";

    /** R1 4 Ω and R2 2 Ω at 12 V: I is 2 A, V2 4 V. With R1 10 Ω they would be 1 A and 2 V. */
    static Correcting of(School school, Person teacher) {
        return new Correcting(school, teacher, School.handedOut(teacher, """
                {"title":"Radio","notation":"12 V : R1=4 + R2=2","given":[
                {"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},
                {"subject":"total","quantity":"voltage"}],
                "states":[{"act":{"act":"set","part":"R1","value":"1"},"given":[{"subject":"R1","quantity":"resistance"}]}],
                "tasks":[{"kind":"calculate","marks":3,"cells":[{"subject":"total","quantity":"current"}]},
                {"kind":"calculate","marks":2,"cells":[{"subject":"R2","quantity":"voltage"}]},
                {"kind":"change","state":1,"cells":[{"subject":"R2","quantity":"voltage"}]}]}"""));
    }

    void send(String learner, String... typed) {
        List<String> boxes = List.of(I, V, WHY);
        List<String> answers = new ArrayList<>();
        for (int k = 0; k < typed.length; k++)
            answers.add("{\"box\":\"" + boxes.get(k) + "\",\"text\":\"" + typed[k] + "\"}");
        school.signedIn(learner)
                .post("/api/my/work/" + id + "/submission", "{\"answers\":" + answers + "}")
                .done();
    }

    static String accept(String box, String text) {
        return "{\"kind\":\"accept\",\"boxes\":[\"" + box + "\"],\"text\":\"" + text + "\"}";
    }

    static String on(String kind, String box) {
        return "{\"kind\":\"" + kind + "\",\"boxes\":[\"" + box + "\"]}";
    }

    String path() {
        return "/api/assignments/" + id + "/corrections";
    }

    JsonNode corrections() {
        return teacher.get(path()).done().json();
    }

    Answer correcting(String correction, int revision) {
        return teacher.post(
                path(), "{\"correction\":" + correction + ",\"reason\":\"as agreed\",\"revision\":" + revision + "}");
    }

    /** Puts it right and waits until every sheet is marked by it. */
    JsonNode correct(String correction) throws InterruptedException {
        JsonNode now = correcting(correction, corrections().get("revision").asInt())
                .done()
                .json();
        while (now.get("done").asInt() < now.get("of").asInt()) {
            Thread.sleep(20);
            now = corrections();
        }
        return now;
    }

    Map<String, String> preview(String correction) {
        JsonNode preview = teacher.post(path() + "/preview", correction).done().json();
        Map<String, String> changes = new LinkedHashMap<>();
        for (JsonNode one : preview.get("changes"))
            changes.put(one.get("learner").get("username").asString(), one.get("before") + " " + one.get("after"));
        return changes;
    }

    JsonNode summary() {
        return teacher.get("/api/assignments/" + id + "/boxes").done().json();
    }

    /** "5 of 6": the marks of those who sent it, in the order of the class. */
    List<String> marks() {
        JsonNode boxes = summary();
        String total = boxes.get("assignment").get("total").asString();
        return StreamSupport.stream(boxes.get("learners").spliterator(), false)
                .filter(one -> !one.get("marks").isNull())
                .map(one -> one.get("marks").asString() + " of " + total)
                .toList();
    }

    long learner(String username) {
        for (JsonNode one : summary().get("learners"))
            if (one.get("learner").get("username").asString().equals(username))
                return one.get("learner").get("id").asLong();
        throw new AssertionError(username);
    }
}
