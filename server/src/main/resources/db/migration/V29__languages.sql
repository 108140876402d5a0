-- In which language Zafu speaks to a person; absent where they have not chosen one.
alter table adult add column language varchar(12);
alter table student_ease add column language varchar(12);
