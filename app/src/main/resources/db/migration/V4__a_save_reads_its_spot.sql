-- A save reads the readings of its own spot alone.
create index reading_at_spot on reading (visit_id, spot_id);
