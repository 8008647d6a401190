package didaxis.server.assignment;

import didaxis.server.config.JsonColumn;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/** Sheets in the database: of a learner and an assignment one, with its draft, and what was sent of it. */
@Repository
class Sheets {
    private static final String DRAFT = """
            SELECT answers, revision, kept_at FROM sheet
            WHERE assignment_id = :assignment AND learner_id = :learner AND kept_at IS NOT NULL
            """;
    private static final String BEGIN_DRAFT = """
            INSERT INTO sheet (assignment_id, learner_id, answers, revision, kept_at)
            SELECT :assignment, :learner, :answers, 1, :now WHERE :revision = 0
            ON CONFLICT (assignment_id, learner_id) DO NOTHING
            """;
    private static final String CHANGE_DRAFT = """
            UPDATE sheet SET answers = :answers, revision = revision + 1, kept_at = :now
            WHERE assignment_id = :assignment AND learner_id = :learner AND revision = :revision
            """;
    private static final String SUBMISSIONS = """
            SELECT s.id, h.learner_id, s.answers, s.marks, s.sent_at, s.collected, s.keyed, s.memo_revision
            FROM submission s JOIN sheet h ON h.id = s.sheet_id WHERE h.assignment_id = :assignment
            """;
    private static final String SUBMISSION = SUBMISSIONS + """
            AND h.learner_id = :learner
            """;
    private static final String SUBMISSIONS_IN_ORDER = SUBMISSIONS + """
            ORDER BY s.sent_at, s.id
            """;
    private static final String BEGIN_UNKEPT = """
            INSERT INTO sheet (assignment_id, learner_id, answers, revision)
            VALUES (:assignment, :learner, '[]', 0) ON CONFLICT (assignment_id, learner_id) DO NOTHING
            """;
    private static final String SEND = """
            INSERT INTO submission (sheet_id, answers, marks, sent_at, collected, keyed, memo_revision)
            SELECT id, :answers, :marks, :at, :collected, :keyed, :revision FROM sheet
            WHERE assignment_id = :assignment AND learner_id = :learner
            ON CONFLICT (sheet_id) DO NOTHING RETURNING id
            """;
    private static final String REMARK = """
            UPDATE submission SET marks = :marks, memo_revision = :revision,
                remarked_at = CASE WHEN marks = :marks THEN remarked_at ELSE :now END
            WHERE id = :id
            """;
    private static final String SET_MARKS = """
            UPDATE submission SET marks = :marks WHERE id = :id
            """;
    private static final String UNSENT = """
            SELECT h.learner_id, h.answers, h.revision, h.kept_at FROM sheet h
            JOIN assignment a ON a.id = h.assignment_id
            JOIN classroom_learner l ON l.classroom_id = a.classroom_id AND l.learner_id = h.learner_id
            WHERE h.assignment_id = :assignment AND h.kept_at IS NOT NULL
            AND NOT EXISTS (SELECT 1 FROM submission s WHERE s.sheet_id = h.id)
            ORDER BY h.learner_id
            """;
    private static final String UNKEY = """
            DELETE FROM submission WHERE keyed = 1
            AND sheet_id IN (SELECT id FROM sheet WHERE assignment_id = :assignment AND learner_id = :learner)
            """;
    private static final String UNCOLLECT = """
            DELETE FROM submission WHERE collected = 1
            AND sheet_id IN (SELECT id FROM sheet WHERE assignment_id = :assignment)
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Findings findings;
    private final Clock clock;

    Sheets(JdbcClient database, JsonColumn json, Findings findings, Clock clock) {
        this.database = database;
        this.json = json;
        this.findings = findings;
        this.clock = clock;
    }

    record Draft(List<Answer> answers, int revision, Instant keptAt) {
        /** How many boxes have something in them. */
        int filled() {
            return (int) answers.stream().filter(one -> !one.text().isBlank()).count();
        }
    }

    /**
     * What was sent, or collected as it stood.
     *
     * @param memo the revision of the memo by which it is marked
     */
    record Submission(
            long id,
            long learnerId,
            List<Answer> answers,
            List<StoredFinding> findings,
            int marks,
            Instant sentAt,
            boolean collected,
            boolean keyed,
            int memo) {
        Optional<StoredFinding> finding(String box) {
            return findings.stream().filter(one -> one.box().equals(box)).findFirst();
        }

        /** What was typed into a box. */
        String text(String box) {
            return answers.stream()
                    .filter(one -> one.box().equals(box))
                    .map(Answer::text)
                    .findFirst()
                    .orElse("");
        }
    }

    Optional<Draft> draft(long assignment, long learner) {
        return database.sql(DRAFT)
                .param("assignment", assignment)
                .param("learner", learner)
                .query(this::mapDraft)
                .optional();
    }

    private Draft mapDraft(ResultSet row, int number) throws SQLException {
        return new Draft(
                json.read(row.getString("answers"), new TypeReference<>() {}),
                row.getInt("revision"),
                Instant.ofEpochMilli(row.getLong("kept_at")));
    }

    /** The drafts of an assignment's learners who have not sent it, by learner. */
    Map<Long, Draft> unsent(long assignment) {
        Map<Long, Draft> drafts = new LinkedHashMap<>();
        database.sql(UNSENT).param("assignment", assignment).query((ResultSet row) -> {
            drafts.put(row.getLong("learner_id"), mapDraft(row, 0));
        });
        return drafts;
    }

    /** Keeps a draft that was begun from this revision (0 for none); false if another has come between. */
    boolean keep(long assignment, long learner, List<Answer> answers, int revision) {
        return revision == 0
                ? draftChanged(BEGIN_DRAFT, assignment, learner, answers, revision)
                : draftChanged(CHANGE_DRAFT, assignment, learner, answers, revision);
    }

    private boolean draftChanged(String sql, long assignment, long learner, List<Answer> answers, int revision) {
        return database.sql(sql)
                        .param("assignment", assignment)
                        .param("learner", learner)
                        .param("answers", json.write(answers))
                        .param("revision", revision)
                        .param("now", clock.millis())
                        .update()
                == 1;
    }

    Optional<Submission> submission(long assignment, long learner) {
        return submissions(
                        database.sql(SUBMISSION).param("assignment", assignment).param("learner", learner),
                        findings.of(assignment, learner))
                .stream()
                .findFirst();
    }

    List<Submission> submissions(long assignment) {
        return submissions(database.sql(SUBMISSIONS_IN_ORDER).param("assignment", assignment), findings.of(assignment));
    }

    private List<Submission> submissions(JdbcClient.StatementSpec sent, Map<Long, List<StoredFinding>> found) {
        return sent.query((row, number) -> new Submission(
                        row.getLong("id"),
                        row.getLong("learner_id"),
                        json.read(row.getString("answers"), new TypeReference<>() {}),
                        found.getOrDefault(row.getLong("id"), List.of()),
                        row.getInt("marks"),
                        Instant.ofEpochMilli(row.getLong("sent_at")),
                        row.getBoolean("collected"),
                        row.getBoolean("keyed"),
                        row.getInt("memo_revision")))
                .list();
    }

    /** Keeps a submission; one that is there already stays as it is. */
    void send(long assignment, long learner, List<Answer> answers, Judgement judgement) {
        insert(assignment, learner, answers, judgement, clock.instant(), How.SENT);
    }

    /** Keeps what was written on paper, in the place of what was keyed in for it before. */
    void keyIn(long assignment, long learner, List<Answer> answers, Judgement judgement) {
        unkey(assignment, learner);
        insert(assignment, learner, answers, judgement, clock.instant(), How.KEYED);
    }

    /** Takes back what was keyed in; false if nothing was. */
    boolean unkey(long assignment, long learner) {
        return database.sql(UNKEY)
                        .param("assignment", assignment)
                        .param("learner", learner)
                        .update()
                == 1;
    }

    /** How a sheet came in. */
    private enum How {
        SENT,
        COLLECTED,
        KEYED
    }

    /** Keeps a draft as it stands, as if it had been sent. */
    void collect(long assignment, long learner, List<Answer> answers, Judgement judgement, Instant at) {
        insert(assignment, learner, answers, judgement, at, How.COLLECTED);
    }

    private void insert(long assignment, long learner, List<Answer> answers, Judgement judgement, Instant at, How how) {
        database.sql(BEGIN_UNKEPT)
                .param("assignment", assignment)
                .param("learner", learner)
                .update();
        database.sql(SEND)
                .param("assignment", assignment)
                .param("learner", learner)
                .param("answers", json.write(answers))
                .param("marks", judgement.marks())
                .param("at", at.toEpochMilli())
                .param("collected", how == How.COLLECTED)
                .param("keyed", how == How.KEYED)
                .param("revision", judgement.memo())
                .query(Long.class)
                .optional()
                .ifPresent(submission -> judgement.stored().forEach(found -> findings.put(submission, found)));
    }

    /**
     * Other findings in the place of those that are kept, by another memo; what teachers gave stays. False, with nothing done,
     * where the sheet is not as it was when it was marked anew.
     */
    boolean remark(long assignment, Remark.Remarked sheet, int memo) {
        Submission before = sheet.before();
        List<StoredFinding> now = findings.of(assignment, before.learnerId()).getOrDefault(before.id(), List.of());
        if (!Set.copyOf(now).equals(Set.copyOf(before.findings()))) return false;
        sheet.findings().stream()
                .filter(found -> !now.contains(found))
                .forEach(found -> findings.put(before.id(), found));
        database.sql(REMARK)
                .param("id", before.id())
                .param("marks", sheet.marks())
                .param("revision", memo)
                .param("now", clock.millis())
                .update();
        return true;
    }

    /** Another finding in the place of one that is kept. */
    void correct(long submission, StoredFinding other) {
        findings.put(submission, other);
    }

    /** Adds up anew what these sheets of an assignment earn. */
    void count(long assignment, Variants variants, Set<Long> some) {
        for (Submission one : submissions(assignment))
            if (some.contains(one.id()))
                database.sql(SET_MARKS)
                        .param("id", one.id())
                        .param("marks", variants.of(one.learnerId()).marks(one.findings()))
                        .update();
    }

    /** Gives collected sheets back to be written on. */
    void uncollect(long assignment) {
        database.sql(UNCOLLECT).param("assignment", assignment).update();
    }
}
