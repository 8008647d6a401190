CREATE TABLE account (
    id INTEGER PRIMARY KEY,
    username TEXT NOT NULL UNIQUE COLLATE NOCASE,
    display_name TEXT NOT NULL,
    role TEXT NOT NULL CHECK (role IN ('teacher', 'learner')),
    password_hash TEXT NOT NULL,
    created_at TEXT NOT NULL
) STRICT;

CREATE TABLE classroom (
    id INTEGER PRIMARY KEY,
    teacher_id INTEGER NOT NULL REFERENCES account (id),
    name TEXT NOT NULL,
    created_at TEXT NOT NULL
) STRICT;
CREATE INDEX classroom_teacher ON classroom (teacher_id);

CREATE TABLE classroom_learner (
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    PRIMARY KEY (classroom_id, learner_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX classroom_learner_learner ON classroom_learner (learner_id);

CREATE TABLE question (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    title TEXT NOT NULL,
    notation TEXT NOT NULL,
    given TEXT NOT NULL,
    asked TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    removed_at TEXT
) STRICT;
CREATE INDEX question_owner ON question (owner_id);

-- What was handed out is frozen: the question stands here as it was then.
CREATE TABLE assignment (
    id INTEGER PRIMARY KEY,
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    question_id INTEGER REFERENCES question (id),
    title TEXT NOT NULL,
    notation TEXT NOT NULL,
    given TEXT NOT NULL,
    asked TEXT NOT NULL,
    handed_out_at TEXT NOT NULL,
    due_at TEXT NOT NULL,
    released_at TEXT
) STRICT;
CREATE INDEX assignment_classroom ON assignment (classroom_id);

CREATE TABLE draft (
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    answers TEXT NOT NULL,
    revision INTEGER NOT NULL,
    kept_at TEXT NOT NULL,
    PRIMARY KEY (assignment_id, learner_id)
) STRICT, WITHOUT ROWID;

CREATE TABLE submission (
    id INTEGER PRIMARY KEY,
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    answers TEXT NOT NULL,
    findings TEXT NOT NULL,
    marks INTEGER NOT NULL,
    sent_at TEXT NOT NULL,
    UNIQUE (assignment_id, learner_id)
) STRICT;
