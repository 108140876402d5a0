-- What a session rests on: it is over as soon as this is counted up.
alter table adult add column sign_in_count bigint default 0 not null;
alter table entry_code add column sign_in_count bigint default 0 not null;
-- A closed account cannot be opened; its roles stay for when it is opened again.
alter table adult add column closed_at timestamp(6) with time zone;
-- Whom administrators name to look after what all classes share: measures, skills and the calendar.
alter table adult add column keeps_shared boolean default false not null;
