-- A sheet that was collected as it stood when an assignment was handed back; its learner had not sent it.
ALTER TABLE submission ADD COLUMN collected INTEGER NOT NULL DEFAULT 0;
ALTER TABLE assignment ADD COLUMN withdrawn_at INTEGER;

-- A question in the making: of a new question, or of changes to one that is kept.
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
