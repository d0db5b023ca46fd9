-- How a field stood year by year and when its zones are due again stand with its summary.
alter table field_summary drop column look_from;
alter table field_summary drop column look_to;
alter table field_summary drop column look_why;
alter table field_summary add column standings_json character large object;
alter table field_summary add column due_json character large object;
update field_summary set computed_at = changes - 1;
