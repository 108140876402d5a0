-- Whether an arrangement is for everybody who works in its class, for one adult alone, or to be used by the school.
alter table arrangement add column sight varchar(10) default 'CLASS' not null;
alter table arrangement add column kept_by bigint references adult;
