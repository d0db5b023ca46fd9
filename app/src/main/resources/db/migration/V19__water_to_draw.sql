-- Where water can be drawn near a field.
alter table field add column water_json varchar(200);
