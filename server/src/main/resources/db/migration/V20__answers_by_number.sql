-- Answers are told apart by numbers, not by clocks; parts of a question have names of their own in every attempt.
alter table attempt add column part_secret varchar(40) default '' not null;
update attempt set part_secret = cast(gen_random_uuid() as varchar(40));
alter table attempt add column written_number bigint default 0 not null;
alter table attempt add column written_device varchar(40) default '' not null;
alter table attempt add column written_given bigint default 0 not null;
alter table attempt add column flags_number bigint default 0 not null;
update attempt set written_number = 1 where written <> '';
update attempt set flags_number = 1 where flagged <> '';
alter table attempt_answer add column saved_number bigint default 1 not null;
alter table attempt_answer add column saved_device varchar(40) default '' not null;
alter table attempt_answer add column saved_given bigint default 0 not null;
