-- By whom something was promised, for the score that is kept of forecasts; null: written before that was kept.
alter table promise add column promised_by uuid references person (id);
