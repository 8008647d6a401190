DROP TABLE submission_of_cells;
DROP TABLE draft_of_cells;
DROP TABLE question_draft_of_cells;
DROP TABLE assignment_of_cells;
DROP TABLE question_of_cells;
