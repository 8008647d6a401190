-- Around V7: the tables of bodies and boxes, with what stays as it was; what is left of cells stands beside until it is moved.
-- Renamed parents would take their children with them, so that new children are made and old ones dropped at the end.
CREATE TABLE question_of_cells AS SELECT * FROM question;
CREATE TABLE assignment_of_cells AS SELECT * FROM assignment;
CREATE TABLE submission_of_cells AS SELECT * FROM submission;
CREATE TABLE draft_of_cells AS SELECT * FROM draft;
CREATE TABLE question_draft_of_cells AS SELECT * FROM question_draft;
DROP TABLE submission;
DROP TABLE draft;
DROP TABLE assignment;
DROP TABLE question_draft;
DROP TABLE question;

CREATE TABLE question (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    title TEXT NOT NULL,
    format INTEGER NOT NULL,
    body TEXT NOT NULL,
    boxes INTEGER NOT NULL,
    marks INTEGER NOT NULL,
    updated_at INTEGER NOT NULL,
    removed_at INTEGER
) STRICT;
CREATE INDEX question_owner ON question (owner_id);

CREATE TABLE question_draft (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    question_id INTEGER REFERENCES question (id),
    body TEXT NOT NULL,
    revision INTEGER NOT NULL,
    updated_at INTEGER NOT NULL,
    removed_at INTEGER
) STRICT;
CREATE INDEX question_draft_owner ON question_draft (owner_id);
CREATE UNIQUE INDEX question_draft_question ON question_draft (owner_id, question_id)
    WHERE question_id IS NOT NULL AND removed_at IS NULL;

CREATE TABLE assignment (
    id INTEGER PRIMARY KEY,
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    title TEXT NOT NULL,
    handed_out_at INTEGER NOT NULL,
    due_at INTEGER NOT NULL,
    released_at INTEGER,
    withdrawn_at INTEGER
) STRICT;
CREATE INDEX assignment_classroom ON assignment (classroom_id);
INSERT INTO assignment (id, classroom_id, title, handed_out_at, due_at, released_at, withdrawn_at)
    SELECT id, classroom_id, title, handed_out_at, due_at, released_at, withdrawn_at FROM assignment_of_cells;

-- What was handed out is frozen: its questions stand here as they were then.
CREATE TABLE assignment_question (
    id INTEGER PRIMARY KEY,
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    place INTEGER NOT NULL,
    format INTEGER NOT NULL,
    body TEXT NOT NULL,
    boxes INTEGER NOT NULL,
    marks INTEGER NOT NULL,
    UNIQUE (assignment_id, place)
) STRICT;

-- A learner's sheet with its draft; kept_at is null where a sheet was sent at once.
CREATE TABLE sheet (
    id INTEGER PRIMARY KEY,
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    answers TEXT NOT NULL,
    revision INTEGER NOT NULL,
    kept_at INTEGER,
    UNIQUE (assignment_id, learner_id)
) STRICT;
CREATE INDEX sheet_learner ON sheet (learner_id);
INSERT INTO sheet (assignment_id, learner_id, answers, revision, kept_at)
    SELECT assignment_id, learner_id, answers, revision, kept_at FROM draft_of_cells;
INSERT INTO sheet (assignment_id, learner_id, answers, revision)
    SELECT assignment_id, learner_id, '[]', 0 FROM submission_of_cells WHERE true
    ON CONFLICT (assignment_id, learner_id) DO NOTHING;

CREATE TABLE submission (
    id INTEGER PRIMARY KEY,
    sheet_id INTEGER NOT NULL UNIQUE REFERENCES sheet (id) ON DELETE CASCADE,
    answers TEXT NOT NULL,
    marks INTEGER NOT NULL,
    sent_at INTEGER NOT NULL,
    collected INTEGER NOT NULL
) STRICT;
INSERT INTO submission (id, sheet_id, answers, marks, sent_at, collected)
    SELECT s.id, h.id, s.answers, s.marks, s.sent_at, s.collected FROM submission_of_cells s
    JOIN sheet h ON h.assignment_id = s.assignment_id AND h.learner_id = s.learner_id;

-- What core said, as codes; sentences are made when read.
CREATE TABLE finding (
    submission_id INTEGER NOT NULL REFERENCES submission (id) ON DELETE CASCADE,
    box TEXT NOT NULL,
    code TEXT NOT NULL,
    points INTEGER NOT NULL,
    detail TEXT,
    PRIMARY KEY (submission_id, box)
) STRICT, WITHOUT ROWID;
