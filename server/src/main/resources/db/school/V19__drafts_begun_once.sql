-- What a page calls what it begins: where it sends that again, since no answer came, it is the same.
ALTER TABLE question_draft ADD COLUMN begun_as TEXT;
