-- What comes in is kept at once and marked a little later: its memo_revision is -1 until then, and it does not count yet.
CREATE INDEX submission_unmarked ON submission (sheet_id) WHERE memo_revision < 0;

DROP VIEW attempt_now;
-- The attempt everybody is at. It is back where nothing more can be written or sent and all that came of it may be seen: what
-- was sent before the last handing back, and what was allowed before it and never sent. Of what is marked the last counts, or
-- the best, of equals the later.
CREATE VIEW attempt_now AS
SELECT a.id AS assignment_id, l.learner_id, h.id AS sheet_id, h.kept_at,
    COALESCE(t.number, 1) AS number,
    COALESCE(t.seed, l.learner_id) AS seed,
    COALESCE(t.due_at, a.due_at) AS due_at,
    COALESCE(t.shown, 0) AS shown,
    s.sent_at,
    a.released_at IS NOT NULL AND COALESCE(s.sent_at, t.allowed_at, 0) <= a.released_at AS back,
    CASE a.counts
        WHEN 'best' THEN (SELECT c.id FROM submission c WHERE c.sheet_id = h.id AND c.memo_revision >= 0
            ORDER BY c.marks DESC, c.attempt DESC LIMIT 1)
        ELSE (SELECT c.id FROM submission c WHERE c.sheet_id = h.id AND c.memo_revision >= 0
            ORDER BY c.attempt DESC LIMIT 1)
    END AS counting
FROM assignment a
JOIN classroom_learner l ON l.classroom_id = a.classroom_id AND a.withdrawn_at IS NULL
LEFT JOIN sheet h ON h.assignment_id = a.id AND h.learner_id = l.learner_id
LEFT JOIN attempt t ON t.sheet_id = h.id AND t.number = (SELECT MAX(number) FROM attempt WHERE sheet_id = h.id)
LEFT JOIN submission s ON s.sheet_id = h.id AND s.attempt = COALESCE(t.number, 1);
