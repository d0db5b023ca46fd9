-- The way a reading was made may decide its grade (a card or a meter); older rows have their method's.
alter table result add column grade varchar(1);
-- A measure that stands for a class and was not measured.
alter table measure add column estimated boolean default false not null;
-- "mg CO2-C per kg and day".
alter table measure alter column unit varchar(60);
