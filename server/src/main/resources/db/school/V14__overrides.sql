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
