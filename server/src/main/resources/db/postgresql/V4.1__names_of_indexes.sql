-- In PostgreSQL tables and indexes share their names; the two tables that come later are called like these indexes.
alter index arrangement_class rename to arrangement_of_class;
alter index task_class rename to task_of_class;
