-- Classes that are taught by more than the one who owns them, and classes that are put away.
ALTER TABLE classroom ADD COLUMN archived_at INTEGER;
CREATE TABLE classroom_colleague (
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    teacher_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    PRIMARY KEY (classroom_id, teacher_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX classroom_colleague_teacher ON classroom_colleague (teacher_id);
CREATE VIEW teaches AS
    SELECT id AS classroom_id, teacher_id FROM classroom
    UNION ALL SELECT classroom_id, teacher_id FROM classroom_colleague;

-- Who was taken out of a class, to be put back.
CREATE TABLE classroom_former (
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    left_at INTEGER NOT NULL,
    PRIMARY KEY (classroom_id, learner_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX classroom_former_learner ON classroom_former (learner_id);

-- A code that makes one teacher's account, once. Only its digest is kept.
CREATE TABLE invitation (
    id INTEGER PRIMARY KEY,
    by_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    digest TEXT NOT NULL UNIQUE,
    made_at INTEGER NOT NULL,
    ends_at INTEGER NOT NULL,
    used_by INTEGER REFERENCES account (id) ON DELETE SET NULL
) STRICT;
