-- What a class has for itself; without a class, the whole school shares it.
alter table measure add column class_id bigint references school_class;
alter table skill add column class_id bigint references school_class;

-- Two classes may each have one of a name. The old columns were unique by constraints without a name of their own, which
-- go with the column on every database.
alter table measure add column own_name varchar(120) default '' not null;
update measure set own_name = name;
alter table measure drop column name;
alter table measure rename column own_name to name;
alter table skill add column own_name varchar(120) default '' not null;
update skill set own_name = name;
alter table skill drop column name;
alter table skill rename column own_name to name;
create index skill_name on skill (name);

-- The name and whose it is, in one, so that two who make the same at once do not both make it.
alter table measure add column name_in_class varchar(150);
update measure set name_in_class = '/' || name;
alter table measure alter column name_in_class set not null;
alter table measure add constraint measure_name_in_class unique (name_in_class);
alter table skill add column name_in_class varchar(150);
update skill set name_in_class = '/' || name;
alter table skill alter column name_in_class set not null;
alter table skill add constraint skill_name_in_class unique (name_in_class);
