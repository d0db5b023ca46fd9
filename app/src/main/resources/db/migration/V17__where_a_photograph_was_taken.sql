-- Kept only where the person wished it.
alter table photograph add column lat double precision;
alter table photograph add column lon double precision;
