-- What a line of the trail is about, so that it can be read per student, group, task and arrangement.
create table audit_subject (
    line_id bigint not null references audit_line,
    kind varchar(12) not null,
    subject_id bigint not null,
    primary key (line_id, kind, subject_id)
);
create index audit_subject_about on audit_subject (kind, subject_id);

insert into audit_subject (line_id, kind, subject_id)
select id, 'STUDENT', subject_id from audit_line
where subject_id is not null and (what like 'student.%' or what like 'need%' or what like 'aim.%' or what like 'work.%'
    or what like 'try.%' or what like 'late-answer.%' or what like 'skill.evidence%'
    or (what like 'mark.%' and what <> 'mark.accepted-for-all'));
insert into audit_subject (line_id, kind, subject_id)
select id, 'TASK', subject_id from audit_line
where subject_id is not null and (what like 'task.%' or what = 'marks.task' or what = 'mark.accepted-for-all');
insert into audit_subject (line_id, kind, subject_id)
select id, 'GROUP', subject_id from audit_line
where subject_id is not null and (what like 'group.%' or what like 'shelf.%');
insert into audit_subject (line_id, kind, subject_id)
select id, 'ADULT', subject_id from audit_line
where subject_id is not null and (what like 'role.%' or what like 'adult.%' or what like 'password.%');
insert into audit_subject (line_id, kind, subject_id)
select id, 'ARRANGEMENT', subject_id from audit_line
where subject_id is not null and (what like 'arrangement.%' or what like 'bench.%');
