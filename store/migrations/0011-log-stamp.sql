-- Which logs have changed since they were read: home reads the newest entries of those alone. A stamp is never the same again.
ALTER TABLE outlook ADD COLUMN log_stamp TEXT NOT NULL DEFAULT '';
CREATE TRIGGER stamp_of_new_entry AFTER INSERT ON log_entry BEGIN
  UPDATE outlook SET log_stamp = hex(randomblob(8)) WHERE filter_id = NEW.filter_id;
END;
CREATE TRIGGER stamp_of_changed_entry AFTER UPDATE ON log_entry BEGIN
  UPDATE outlook SET log_stamp = hex(randomblob(8)) WHERE filter_id IN (NEW.filter_id, OLD.filter_id);
END;
CREATE TRIGGER stamp_of_removed_entry AFTER DELETE ON log_entry BEGIN
  UPDATE outlook SET log_stamp = hex(randomblob(8)) WHERE filter_id = OLD.filter_id;
END;
