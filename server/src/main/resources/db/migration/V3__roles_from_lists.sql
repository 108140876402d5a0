-- The id under which another system's list gave the role; absent for roles given here, which no list takes away.
alter table class_adult add column source_id varchar(255);
