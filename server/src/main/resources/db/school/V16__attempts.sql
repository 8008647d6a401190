-- A sheet may be tried again: what was sent stands by attempts. Parents cannot lose a UNIQUE, so they are made anew with their
-- children, which would go with them.
CREATE TABLE submission_once AS SELECT * FROM submission;
CREATE TABLE finding_once AS SELECT * FROM finding;
CREATE TABLE override_once AS SELECT * FROM override;
DROP TABLE override;
DROP TABLE finding;
DROP TABLE submission;

CREATE TABLE submission (
    id INTEGER PRIMARY KEY,
    sheet_id INTEGER NOT NULL REFERENCES sheet (id) ON DELETE CASCADE,
    attempt INTEGER NOT NULL,
    answers TEXT NOT NULL,
    marks INTEGER NOT NULL,
    sent_at INTEGER NOT NULL,
    collected INTEGER NOT NULL,
    keyed INTEGER NOT NULL,
    memo_revision INTEGER NOT NULL,
    remarked_at INTEGER,
    UNIQUE (sheet_id, attempt)
) STRICT;
INSERT INTO submission (id, sheet_id, attempt, answers, marks, sent_at, collected, keyed, memo_revision, remarked_at)
    SELECT id, sheet_id, 1, answers, marks, sent_at, collected, keyed, memo_revision, remarked_at FROM submission_once;

-- What core said, as codes; sentences are made when read.
CREATE TABLE finding (
    submission_id INTEGER NOT NULL REFERENCES submission (id) ON DELETE CASCADE,
    box TEXT NOT NULL,
    code TEXT NOT NULL,
    points INTEGER NOT NULL,
    detail TEXT,
    working TEXT,
    slip TEXT,
    slips TEXT,
    amended INTEGER,
    PRIMARY KEY (submission_id, box)
) STRICT, WITHOUT ROWID;
INSERT INTO finding (submission_id, box, code, points, detail, working, slip, slips, amended)
    SELECT submission_id, box, code, points, detail, working, slip, slips, amended FROM finding_once;

-- What teachers gave for an answer above the marker's word. Overrides are added, the latest counts; one without points leaves
-- the answer to the marker again. What the marker said stays in the finding.
CREATE TABLE override (
    id INTEGER PRIMARY KEY,
    submission_id INTEGER NOT NULL REFERENCES submission (id) ON DELETE CASCADE,
    box TEXT NOT NULL,
    points INTEGER,
    reason TEXT NOT NULL,
    by_id INTEGER NOT NULL REFERENCES account (id),
    at INTEGER NOT NULL
) STRICT;
CREATE INDEX override_of ON override (submission_id, box, id);
INSERT INTO override (id, submission_id, box, points, reason, by_id, at)
    SELECT id, submission_id, box, points, reason, by_id, at FROM override_once;

DROP TABLE override_once;
DROP TABLE finding_once;
DROP TABLE submission_once;

-- A further attempt at a sheet; the first needs none. The seed says which variant it has; shown says whether its learner sees
-- what came of the attempt before while it runs.
CREATE TABLE attempt (
    id INTEGER PRIMARY KEY,
    sheet_id INTEGER NOT NULL REFERENCES sheet (id) ON DELETE CASCADE,
    number INTEGER NOT NULL CHECK (number > 1),
    seed INTEGER NOT NULL,
    due_at INTEGER NOT NULL,
    shown INTEGER NOT NULL,
    by_id INTEGER NOT NULL REFERENCES account (id),
    allowed_at INTEGER NOT NULL,
    UNIQUE (sheet_id, number)
) STRICT;

-- Which attempt counts; and when it was handed back before the last time, so that the last can be taken back.
ALTER TABLE assignment ADD COLUMN counts TEXT NOT NULL DEFAULT 'best' CHECK (counts IN ('best', 'last'));
ALTER TABLE assignment ADD COLUMN released_before INTEGER;

-- The attempt everybody is at. It is back where nothing more can be written or sent and all that came of it may be seen: what
-- was sent before the last handing back, and what was allowed before it and never sent. Of what came in the last counts, or the
-- best, of equals the later.
CREATE VIEW attempt_now AS
SELECT a.id AS assignment_id, l.learner_id, h.id AS sheet_id, h.kept_at,
    COALESCE(t.number, 1) AS number,
    COALESCE(t.seed, l.learner_id) AS seed,
    COALESCE(t.due_at, a.due_at) AS due_at,
    COALESCE(t.shown, 0) AS shown,
    s.sent_at,
    a.released_at IS NOT NULL AND COALESCE(s.sent_at, t.allowed_at, 0) <= a.released_at AS back,
    CASE a.counts
        WHEN 'best' THEN (SELECT c.id FROM submission c WHERE c.sheet_id = h.id ORDER BY c.marks DESC, c.attempt DESC LIMIT 1)
        ELSE (SELECT c.id FROM submission c WHERE c.sheet_id = h.id ORDER BY c.attempt DESC LIMIT 1)
    END AS counting
FROM assignment a
JOIN classroom_learner l ON l.classroom_id = a.classroom_id AND a.withdrawn_at IS NULL
LEFT JOIN sheet h ON h.assignment_id = a.id AND h.learner_id = l.learner_id
LEFT JOIN attempt t ON t.sheet_id = h.id AND t.number = (SELECT MAX(number) FROM attempt WHERE sheet_id = h.id)
LEFT JOIN submission s ON s.sheet_id = h.id AND s.attempt = COALESCE(t.number, 1);
