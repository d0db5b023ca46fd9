-- The units a person reads and types in, one word for each quantity in a fixed order; metric where nothing is said.
alter table person add column units varchar(200);
