-- What the answers of one learner come to where a class is looked at together. Of what was handed out before it is not known,
-- and no class is refused anything for it.
ALTER TABLE assignment ADD COLUMN weight INTEGER NOT NULL DEFAULT 0;
