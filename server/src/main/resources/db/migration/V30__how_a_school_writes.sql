-- What is not chosen follows from where the school is, or stays as the language has it.
alter table school add column week_starts integer not null default 1;
alter table school add column paper varchar(10);
alter table school add column hours varchar(10);
