package didaxis.server.demo;

import didaxis.server.account.Accounts;
import didaxis.server.account.Passwords;
import didaxis.server.account.Role;
import didaxis.server.account.SignedIn;
import didaxis.server.assignment.Assignments;
import didaxis.server.assignment.DemoSheets;
import didaxis.server.assignment.PaperLayout;
import didaxis.server.assignment.Versions;
import didaxis.server.classroom.Classrooms;
import didaxis.server.classroom.Learners;
import didaxis.server.paper.Papers;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.Questions;
import didaxis.server.question.ReadyQuestion;
import didaxis.server.shelf.Shelf;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty school with demo data; a school that has anyone in it stays as it is. */
@Component
@ConditionalOnProperty("didaxis.demo")
@Order(0)
class DemoData implements ApplicationRunner {
    private static final String PASSWORD = "didaxis-demo";
    private static final List<String> LEARNERS =
            List.of("A. Alder", "B. Birch", "C. Cedar", "D. Dogwood", "E. Elm", "F. Fir", "H. Hazel", "J. Juniper");

    private final Accounts accounts;
    private final Passwords passwords;
    private final Classrooms classrooms;
    private final Learners learners;
    private final Questions questions;
    private final Assignments assignments;
    private final DemoSheets sheets;
    private final Papers papers;
    private final Shelf shelf;
    private final JsonMapper json;
    private final Clock clock;

    DemoData(
            Accounts accounts,
            Passwords passwords,
            Classrooms classrooms,
            Learners learners,
            Questions questions,
            Assignments assignments,
            DemoSheets sheets,
            Papers papers,
            Shelf shelf,
            JsonMapper json,
            Clock clock) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.classrooms = classrooms;
        this.learners = learners;
        this.questions = questions;
        this.assignments = assignments;
        this.sheets = sheets;
        this.papers = papers;
        this.shelf = shelf;
        this.json = json;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!accounts.none()) return;
        // One for all of them: nine would take a second of every first start.
        String hash = passwords.hash(PASSWORD);
        SignedIn teacher = accounts.create("teacher", "M. Thorne", Role.TEACHER, hash);
        long classroom = classrooms.add("Workshop class", teacher.id());
        List<Long> ids = new ArrayList<>();
        for (String name : LEARNERS) {
            SignedIn learner = accounts.create("learner" + (ids.size() + 1), name, Role.LEARNER, hash);
            learners.add(classroom, learner.id());
            ids.add(learner.id());
        }
        List<ReadyQuestion> ready = questions();
        List<QuestionContent> made = ready.stream().map(ReadyQuestion::content).toList();
        List<Long> kept =
                ready.stream().map(one -> questions.add(one, teacher.id())).toList();
        PaperLayout layout = new PaperLayout(
                "Answer all questions. Show your working.", 30, true, "A4", "paper", Versions.EACH, 1L, List.of());
        papers.add(
                new Papers.Content("Hut circuits, term test", layout, List.of(kept.get(6), kept.get(4), kept.get(7))),
                teacher.id());
        QuestionContent deIcer = made.get(1);
        QuestionContent dryer = made.get(2);
        long first = assignments.handOut(classroom, dryer.title(), List.of(dryer), afternoon(2));
        assignments.handOut(classroom, deIcer.title(), List.of(deIcer), afternoon(6));
        assignments.handOut(classroom, "Battery and beacons", made.subList(4, 6), afternoon(9));
        // Answers in the order asked; each sheet shows another finding.
        sheets.send(first, ids.get(0), dryer, "3", "8", "2 A", "10 V", "6 V", "0.5", "1.5 A", "9 W");
        sheets.send(first, ids.get(1), dryer, "3 ohm", "8 Ω", "2000 mA", "10", "6", "500 mA", "1,5", "9.0");
        sheets.send(first, ids.get(2), dryer, "0.333", "5.33", "3.00", "15.0", "1.0", "0.0833", "0.25", "0.25");
        sheets.send(first, ids.get(3), dryer, "16", "21", "0.762", "3.81", "12.2", "1.02", "3.05", "37.2");
        sheets.send(first, ids.get(4), dryer, "3", "8", "2", "10", "6", "1", "1", "4");
        sheets.send(first, ids.get(5), dryer, "3", "8", "2", "10", "about six", "1.5", "0.5", "");
        sheets.begin(first, ids.get(6), dryer, "3", "8");
        shelf.add(
                "Radio with its meters",
                "9 V r=0.5 : A1 + S1 + V1[L1=6{6 V, 3 W}] + .B + (R2=4k7 || (A2 + R3=2.2k))",
                teacher.id());
        shelf.add("Four beacons on the bank", "12 V : L1=6 || L2=12 || L3=12 || L4=4", teacher.id());
        shelf.add("Boot dryer with a switch", "24 V r=0.4 : F1=5A + H1=4 + (H2=12 || (S1=open + H3=6))", teacher.id());
    }

    private List<ReadyQuestion> questions() {
        try (var file = new ClassPathResource("demo/questions.json").getInputStream()) {
            List<QuestionBody> bodies = json.readValue(file, new TypeReference<>() {});
            return bodies.stream().map(ReadyQuestion::of).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The end of a school day, so many days ahead. */
    private Instant afternoon(int daysAhead) {
        ZoneId here = ZoneId.systemDefault();
        return LocalDate.now(clock.withZone(here))
                .plusDays(daysAhead)
                .atTime(16, 0)
                .atZone(here)
                .toInstant();
    }
}
