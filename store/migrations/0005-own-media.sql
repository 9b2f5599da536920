-- Whether a pack is made of a medium of the keeper's own: those packs are asked which media there are.
ALTER TABLE pack ADD COLUMN own_media INTEGER GENERATED ALWAYS AS (instr(doc, '"own":{') > 0) VIRTUAL;
CREATE INDEX pack_with_own_media ON pack (own_media) WHERE own_media = 1;
