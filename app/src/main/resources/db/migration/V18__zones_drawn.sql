-- A part of a field may have an outline of its own; null: known by its spots alone.
alter table zone add column outline_json varchar(100000);
