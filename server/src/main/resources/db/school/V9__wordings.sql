-- What teachers decided of answers in words: once for each wording of what is asked, for all learners and later hand-outs.
-- Decisions are added, the latest counts; one without points leaves the wording to the marker again.
CREATE TABLE wording (
    id INTEGER PRIMARY KEY,
    task TEXT NOT NULL,
    normalised TEXT NOT NULL,
    points INTEGER,
    by_id INTEGER NOT NULL REFERENCES account (id),
    at INTEGER NOT NULL
) STRICT;
CREATE INDEX wording_task ON wording (task, normalised);
