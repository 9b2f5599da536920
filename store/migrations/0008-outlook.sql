-- What lies ahead of each filter, as worked out last. It is derived from the other tables and can be lost: triggers
-- count what it is made of, and it is worked out anew when that has changed since.
CREATE TABLE outlook (
  filter_id TEXT PRIMARY KEY NOT NULL REFERENCES filter (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 1,
  made_of INTEGER,
  made_at TEXT,
  doc TEXT CHECK (doc IS NULL OR json_valid(doc))
) STRICT;
INSERT INTO outlook (filter_id) SELECT id FROM filter;

CREATE TRIGGER outlook_of_new_filter AFTER INSERT ON filter BEGIN
  INSERT INTO outlook (filter_id) VALUES (NEW.id) ON CONFLICT DO NOTHING;
  UPDATE outlook SET revision = revision + 1, made_of = NULL
    WHERE filter_id IN (SELECT id FROM filter WHERE tank_id = NEW.tank_id);
END;
-- Filters on one tank share its dirt: what changes one changes what lies ahead of all. Where filter or tank are no longer
-- what they were, what was learned of them does not count either: made_of says of what it was made, NULL of nothing.
CREATE TRIGGER outlook_of_changed_filter AFTER UPDATE ON filter BEGIN
  UPDATE outlook SET revision = revision + 1, made_of = NULL
    WHERE filter_id IN (SELECT id FROM filter WHERE tank_id IN (NEW.tank_id, OLD.tank_id));
END;
CREATE TRIGGER outlook_of_removed_filter AFTER DELETE ON filter BEGIN
  UPDATE outlook SET revision = revision + 1, made_of = NULL
    WHERE filter_id IN (SELECT id FROM filter WHERE tank_id = OLD.tank_id);
END;
CREATE TRIGGER outlook_of_changed_tank AFTER UPDATE ON tank BEGIN
  UPDATE outlook SET revision = revision + 1, made_of = NULL
    WHERE filter_id IN (SELECT id FROM filter WHERE tank_id = NEW.id);
END;
-- A job counts once it is done: what it packed is in.
CREATE TRIGGER outlook_of_new_job AFTER INSERT ON job WHEN NEW.stage = 'done' BEGIN
  UPDATE outlook SET revision = revision + 1
    WHERE filter_id IN (SELECT id FROM filter
      WHERE tank_id = (SELECT tank_id FROM filter WHERE id = NEW.filter_id));
END;
CREATE TRIGGER outlook_of_changed_job AFTER UPDATE ON job WHEN NEW.stage = 'done' OR OLD.stage = 'done' BEGIN
  UPDATE outlook SET revision = revision + 1
    WHERE filter_id IN (SELECT id FROM filter
      WHERE tank_id = (SELECT tank_id FROM filter WHERE id = NEW.filter_id));
END;
CREATE TRIGGER outlook_of_new_entry AFTER INSERT ON log_entry
WHEN NEW.kind IN ('flow', 'level', 'service', 'repacked', 'change') BEGIN
  UPDATE outlook SET revision = revision + 1 WHERE filter_id = NEW.filter_id;
END;
CREATE TRIGGER outlook_of_changed_entry AFTER UPDATE ON log_entry
WHEN NEW.kind IN ('flow', 'level', 'service', 'repacked', 'change') BEGIN
  UPDATE outlook SET revision = revision + 1 WHERE filter_id = NEW.filter_id;
END;
CREATE TRIGGER outlook_of_removed_entry AFTER DELETE ON log_entry
WHEN OLD.kind IN ('flow', 'level', 'service', 'repacked', 'change') BEGIN
  UPDATE outlook SET revision = revision + 1 WHERE filter_id = OLD.filter_id;
END;
