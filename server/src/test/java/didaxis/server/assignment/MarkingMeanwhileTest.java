package didaxis.server.assignment;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mockStatic;

import didaxis.server.Person;
import didaxis.server.School;
import didaxis.server.School.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.mockito.MockedStatic;
import org.springframework.jdbc.core.simple.JdbcClient;

/** However long a sheet takes to be marked, nobody's draft waits for it: nothing is locked meanwhile. */
class MarkingMeanwhileTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static final String CIRCUIT = """
            {"title": "Meanwhile", "notation": "12 V : R1=4 + R2=2", "given": [
             {"subject": "R1", "quantity": "resistance"}, {"subject": "R2", "quantity": "resistance"}],
             "tasks": [{"kind": "calculate", "cells": [{"subject": "total", "quantity": "resistance"}]}]}
            """;

    private final Person teacher = school.signedIn("teacher");
    private final Person writer = school.signedIn("learner6");
    private long assignment;
    private int revision;

    @BeforeEach
    void handOut() {
        long question =
                teacher.post("/api/questions", CIRCUIT).done().json().get("id").asLong();
        String sheet = "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\",\"again\":true}";
        assignment = teacher.post("/api/classes/1/assignments", sheet)
                .done()
                .json()
                .get("id")
                .asLong();
    }

    private Answer keep(Person learner, int before) {
        return learner.put("/api/my/work/" + assignment + "/draft", "{\"revision\":" + before + ",\"answers\":[]}")
                .done();
    }

    /** Runs what marks a sheet; in the middle of it somebody else keeps a draft, as many times as are returned. */
    private int keptDuring(Runnable marks) {
        List<Integer> kept = new ArrayList<>();
        try (MockedStatic<Judgement> marking = mockStatic(Judgement.class)) {
            marking.when(() -> Judgement.of(any(Judging.class), any())).thenAnswer(call -> {
                // Once is enough: what is collected would be marked anew for every change.
                if (kept.isEmpty()) {
                    revision = keep(writer, revision).json().get("revision").asInt();
                    kept.add(revision);
                }
                return call.callRealMethod();
            });
            marks.run();
        }
        return kept.size();
    }

    private static long id(String username) {
        return school.bean(JdbcClient.class)
                .sql("SELECT id FROM account WHERE username = :username")
                .param("username", username)
                .query(Long.class)
                .single();
    }

    @Test
    void whatIsSentIsAnsweredBeforeItIsMarkedAndMarkedBeforeATeacherLooks() {
        Person sender = school.signedIn("learner7");
        String own = "/api/my/work/" + assignment;
        CountDownLatch busy = new CountDownLatch(1);
        try {
            school.bean(Remarking.class).worker.execute(() -> await(busy));
            sender.post(own + "/submission", "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"6 Ω\"}]}")
                    .done();
            assertEquals(List.of(false), marked(), "answered, and not marked yet");
            assertEquals("sent", sender.get(own).json().get("state").asString());
            assertEquals(
                    409,
                    sender.put(own + "/draft", "{\"revision\":0,\"answers\":[]}")
                            .status());
            assertEquals(
                    3,
                    teacher.get("/api/assignments/" + assignment + "/sheets/" + id("learner7"))
                            .json()
                            .get("attempts")
                            .get(0)
                            .get("marks")
                            .asInt());
            assertEquals(List.of(true), marked());
        } finally {
            busy.countDown();
        }
    }

    private List<Boolean> marked() {
        return school.bean(Sheets.class).of(assignment, id("learner7")).stream()
                .map(SubmittedSheet::marked)
                .toList();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void whileSheetsAreCollectedOthersKeepTheirsUntilAllAreHandedBack() {
        ReleaseService release = school.bean(ReleaseService.class);
        keep(school.signedIn("learner7"), 0);
        assertEquals(1, keptDuring(() -> release.release(assignment, true, id("teacher"))));
        // What was kept meanwhile was collected as well.
        assertEquals(2, school.bean(Sheets.class).all(assignment).size());
    }
}
