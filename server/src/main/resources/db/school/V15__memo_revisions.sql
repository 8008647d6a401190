-- What was put right in the memo of an assignment after it was handed out. Revisions are added; each holds all that differs
-- then from what was handed out, as JSON, and what was changed by it. What was handed out stays as it was.
CREATE TABLE memo_revision (
    id INTEGER PRIMARY KEY,
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    revision INTEGER NOT NULL,
    format INTEGER NOT NULL,
    body TEXT NOT NULL,
    correction TEXT NOT NULL,
    reason TEXT NOT NULL,
    by_id INTEGER NOT NULL REFERENCES account (id),
    at INTEGER NOT NULL,
    UNIQUE (assignment_id, revision)
) STRICT;

-- By which revision a sheet is marked (0: as it was handed out), and when that last changed its marks.
ALTER TABLE submission ADD COLUMN memo_revision INTEGER NOT NULL DEFAULT 0;
ALTER TABLE submission ADD COLUMN remarked_at INTEGER;
-- What the memo gives for an answer above the marker's word.
ALTER TABLE finding ADD COLUMN amended INTEGER;
