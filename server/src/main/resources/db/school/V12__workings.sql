-- What a calculation in lines earned, point by point, as JSON.
ALTER TABLE finding ADD COLUMN working TEXT;
