-- Values that vary: who gets which variant, and of each question the sets of values there are, found when it was handed out.
ALTER TABLE assignment ADD COLUMN versions TEXT NOT NULL DEFAULT 'same' CHECK (versions IN ('same', 'two', 'each'));
ALTER TABLE assignment ADD COLUMN layout TEXT;
ALTER TABLE assignment_question ADD COLUMN sets TEXT;

-- What a question was before it was changed.
ALTER TABLE question ADD COLUMN revision INTEGER NOT NULL DEFAULT 1;
CREATE TABLE question_revision (
    question_id INTEGER NOT NULL REFERENCES question (id) ON DELETE CASCADE,
    revision INTEGER NOT NULL,
    title TEXT NOT NULL,
    format INTEGER NOT NULL,
    body TEXT NOT NULL,
    at INTEGER NOT NULL,
    PRIMARY KEY (question_id, revision)
) STRICT, WITHOUT ROWID;

-- Papers: questions in their order, how they are laid out, and what a paper was before it was changed.
CREATE TABLE paper (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    title TEXT NOT NULL,
    layout TEXT NOT NULL,
    revision INTEGER NOT NULL,
    updated_at INTEGER NOT NULL,
    removed_at INTEGER
) STRICT;
CREATE INDEX paper_owner ON paper (owner_id);
CREATE TABLE paper_question (
    paper_id INTEGER NOT NULL REFERENCES paper (id) ON DELETE CASCADE,
    place INTEGER NOT NULL,
    question_id INTEGER NOT NULL REFERENCES question (id),
    PRIMARY KEY (paper_id, place)
) STRICT, WITHOUT ROWID;
CREATE INDEX paper_question_question ON paper_question (question_id);
CREATE TABLE paper_revision (
    paper_id INTEGER NOT NULL REFERENCES paper (id) ON DELETE CASCADE,
    revision INTEGER NOT NULL,
    title TEXT NOT NULL,
    layout TEXT NOT NULL,
    questions TEXT NOT NULL,
    at INTEGER NOT NULL,
    PRIMARY KEY (paper_id, revision)
) STRICT, WITHOUT ROWID;

-- A sheet that was answered on paper and keyed in by a teacher, who may key it in again.
ALTER TABLE submission ADD COLUMN keyed INTEGER NOT NULL DEFAULT 0;
