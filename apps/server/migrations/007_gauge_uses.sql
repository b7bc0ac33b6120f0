-- Touches with a gauge since it was last checked are counted whenever the shop is looked at.
CREATE INDEX readings_by_gauge ON readings (gauge_id, taken_at, setup_id);
