-- Whether a mail has left for a mail server, how often that was tried, and what the server last said against it.
alter table mail add column sent_at timestamp(6) with time zone;
alter table mail add column tries integer default 0 not null;
alter table mail add column failure varchar(500) default '' not null;
