package didaxis.server.assignment;

import didaxis.server.config.JsonColumn;
import java.time.Clock;
import java.time.Instant;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;

/**
 * What came in of sheets, in the database: sent, keyed in or collected, by attempts. What learners send is kept unmarked, so
 * that how long it takes tells them nothing; {@link Remarking} marks it.
 */
@Repository
class Sheets {
    private static final String SUBMISSIONS = """
            SELECT s.id, h.learner_id, s.attempt, COALESCE(t.seed, h.learner_id) AS seed,
                COALESCE(t.due_at, a.due_at) AS due_at, s.answers, s.marks, s.sent_at, s.collected, s.keyed,
                s.memo_revision
            FROM submission s JOIN sheet h ON h.id = s.sheet_id JOIN assignment a ON a.id = h.assignment_id
            LEFT JOIN attempt t ON t.sheet_id = h.id AND t.number = s.attempt
            WHERE h.assignment_id = :assignment
            """;
    private static final String IN_ORDER = """
            ORDER BY s.sent_at, s.id
            """;
    private static final String COUNTING = SUBMISSIONS + """
            AND s.id IN (SELECT n.counting FROM attempt_now n WHERE n.assignment_id = :assignment)
            """ + IN_ORDER;
    private static final String ALL = SUBMISSIONS + """
            AND s.memo_revision >= 0
            """ + IN_ORDER;
    private static final String BEHIND = SUBMISSIONS + """
            AND s.memo_revision < :memo
            """ + IN_ORDER;
    private static final String OF_LEARNER = SUBMISSIONS + """
            AND h.learner_id = :learner ORDER BY s.attempt
            """;
    private static final String SEND = """
            INSERT INTO submission (sheet_id, attempt, answers, marks, sent_at, collected, keyed, memo_revision)
            SELECT h.id, :attempt, :answers, :marks, MAX(:at, COALESCE(
                    (SELECT t.allowed_at FROM attempt t WHERE t.sheet_id = h.id AND t.number = :attempt), 0)),
                :collected, :keyed, :revision
            FROM sheet h WHERE h.assignment_id = :assignment AND h.learner_id = :learner
            ON CONFLICT (sheet_id, attempt) DO NOTHING RETURNING id
            """;
    private static final String REMARK = """
            UPDATE submission SET marks = :marks, memo_revision = :revision,
                remarked_at = CASE WHEN marks = :marks OR memo_revision < 0 THEN remarked_at ELSE :now END
            WHERE id = :id
            """;
    private static final String SET_MARKS = """
            UPDATE submission SET marks = :marks WHERE id = :id
            """;
    private static final String REKEY = """
            UPDATE submission SET answers = :answers, marks = :marks, sent_at = :at, memo_revision = :revision
            WHERE id = :id
            """;
    private static final String UNKEY = """
            DELETE FROM submission WHERE keyed = 1 AND attempt = 1
            AND sheet_id IN (SELECT id FROM sheet WHERE assignment_id = :assignment AND learner_id = :learner)
            """;
    private static final String UNCOLLECT = """
            DELETE FROM submission WHERE collected = 1
            AND sent_at > (SELECT COALESCE(released_at, -1) FROM assignment WHERE id = :assignment)
            AND sheet_id IN (SELECT id FROM sheet WHERE assignment_id = :assignment)
            """;

    private final JdbcClient database;
    private final JsonColumn json;
    private final Findings findings;
    private final Drafts drafts;
    private final Clock clock;

    Sheets(JdbcClient database, JsonColumn json, Findings findings, Drafts drafts, Clock clock) {
        this.database = database;
        this.json = json;
        this.findings = findings;
        this.drafts = drafts;
        this.clock = clock;
    }

    /** Of everybody in the class who sent it the attempt that counts. */
    List<SubmittedSheet> counting(long assignment) {
        return submissions(database.sql(COUNTING).param("assignment", assignment), findings.of(assignment));
    }

    /** All that came in and is marked, whether it counts or not. */
    List<SubmittedSheet> all(long assignment) {
        return submissions(database.sql(ALL).param("assignment", assignment), findings.of(assignment));
    }

    /** What is not marked yet, or by an earlier revision of the memo than this. */
    List<SubmittedSheet> behind(long assignment, int memo) {
        StatementSpec asked =
                database.sql(BEHIND).param("assignment", assignment).param("memo", memo);
        return submissions(asked, findings.behind(assignment, memo));
    }

    /** A learner's attempts that came in, marked or not, in their order. */
    List<SubmittedSheet> of(long assignment, long learner) {
        return submissions(
                database.sql(OF_LEARNER).param("assignment", assignment).param("learner", learner),
                findings.of(assignment, learner));
    }

    private List<SubmittedSheet> submissions(StatementSpec sent, Map<Long, Map<String, StoredFinding>> found) {
        return sent.query((row, number) -> new SubmittedSheet(
                        row.getLong("id"),
                        row.getLong("learner_id"),
                        row.getInt("attempt"),
                        row.getLong("seed"),
                        Instant.ofEpochMilli(row.getLong("due_at")),
                        typed(json.read(row.getString("answers"), new TypeReference<>() {})),
                        found.getOrDefault(row.getLong("id"), Map.of()),
                        row.getInt("marks"),
                        Instant.ofEpochMilli(row.getLong("sent_at")),
                        row.getBoolean("collected"),
                        row.getBoolean("keyed"),
                        row.getInt("memo_revision")))
                .list();
    }

    private static Map<String, String> typed(List<Answer> answers) {
        Map<String, String> typed = new LinkedHashMap<>();
        answers.forEach(answer -> typed.putIfAbsent(answer.box(), answer.text()));
        return Collections.unmodifiableMap(typed);
    }

    /**
     * Whose sheet, in which attempt.
     *
     * @param attempt the first is 1
     */
    record Whose(long assignment, long learner, int attempt) {}

    /** Keeps a submission, not marked yet; one that is there already stays as it is. */
    void send(Whose sheet, List<Answer> answers) {
        insert(sheet, answers, Judgement.NONE, clock.instant(), How.SENT);
    }

    /** Keeps what was written on paper. */
    void keyIn(long assignment, long learner, List<Answer> answers, Judgement judgement) {
        insert(new Whose(assignment, learner, 1), answers, judgement, clock.instant(), How.KEYED);
    }

    /** Keeps other answers in the place of those that were keyed in; what teachers gave stays. */
    void keyAnew(SubmittedSheet keyed, List<Answer> answers, Judgement judgement) {
        database.sql(REKEY)
                .param("id", keyed.id())
                .param("answers", json.write(answers))
                .param("marks", judgement.marks())
                .param("at", clock.millis())
                .param("revision", judgement.memo())
                .update();
        findings.put(keyed.id(), judgement.stored());
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
    void collect(Whose sheet, List<Answer> answers, Judgement judgement, Instant at) {
        insert(sheet, answers, judgement, at, How.COLLECTED);
    }

    private void insert(Whose sheet, List<Answer> answers, Judgement judgement, Instant at, How how) {
        drafts.begin(sheet.assignment(), sheet.learner());
        database.sql(SEND)
                .param("assignment", sheet.assignment())
                .param("learner", sheet.learner())
                .param("attempt", sheet.attempt())
                .param("answers", json.write(answers))
                .param("marks", judgement.marks())
                .param("at", at.toEpochMilli())
                .param("collected", how == How.COLLECTED)
                .param("keyed", how == How.KEYED)
                .param("revision", judgement.memo())
                .query(Long.class)
                .optional()
                .ifPresent(submission -> findings.put(submission, judgement.stored()));
    }

    /**
     * Other findings in the place of those that are kept, by another memo; what teachers gave stays. False, with nothing done,
     * where the sheet is not as it was when it was marked anew.
     */
    boolean remark(long assignment, Remark.Remarked sheet, int memo) {
        SubmittedSheet before = sheet.before();
        Map<String, StoredFinding> now =
                findings.of(assignment, before.learnerId()).getOrDefault(before.id(), Map.of());
        if (!now.equals(before.found())) return false;
        findings.put(
                before.id(),
                sheet.findings().stream()
                        .filter(found -> !found.equals(now.get(found.box())))
                        .toList());
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
        findings.put(submission, List.of(other));
    }

    /** Adds up anew what these sheets of an assignment earn. */
    void count(long assignment, Variants variants, Set<Long> some) {
        for (SubmittedSheet one : all(assignment))
            if (some.contains(one.id()))
                database.sql(SET_MARKS)
                        .param("id", one.id())
                        .param("marks", variants.of(one.seed()).marks(one.findings()))
                        .update();
    }

    /** Gives sheets that were collected after the handing back that stands, or at all if none does, back to be written on. */
    void uncollect(long assignment) {
        database.sql(UNCOLLECT).param("assignment", assignment).update();
    }
}
