-- The simplest slip that gives an answer, by its name, to be counted; and all that give it, with where and how, as JSON.
ALTER TABLE finding ADD COLUMN slip TEXT;
ALTER TABLE finding ADD COLUMN slips TEXT;
UPDATE finding SET code = 'SLIP', slip = 'CUT_OFF', slips = '[{"slip":"CUT_OFF"}]' WHERE code IN ('CUT_OFF', 'SLIP');
