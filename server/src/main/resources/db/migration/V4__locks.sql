-- A student who is locked in a group is moved by no method and no cut.
alter table membership add column locked boolean default false not null;
