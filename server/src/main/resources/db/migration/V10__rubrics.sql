-- Points for each criterion of an answer, in the order of the criteria, with a space between; empty where a person gave
-- points for the answer as a whole or none.
alter table attempt_answer add column by_criterion varchar(400) default '' not null;
