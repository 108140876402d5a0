-- A child's code goes once, and for ten minutes, to the browser that asked.
alter table join_request add column browser_hash varchar(64) default '' not null;
alter table join_request add column let_in_at timestamp(6) with time zone;
alter table join_request add column told_at timestamp(6) with time zone;
