-- Which version of the model gave a stored answer: one of another version is worked out anew.
ALTER TABLE outlook ADD COLUMN model INTEGER;
