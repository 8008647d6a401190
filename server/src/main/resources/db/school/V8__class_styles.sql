-- A class's own style, and the style that each hand-out was given with it; nothing where it is the usual one.
ALTER TABLE classroom ADD COLUMN style TEXT;
ALTER TABLE assignment ADD COLUMN style TEXT;
