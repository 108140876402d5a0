-- How often somebody was wrong lately, by account, device, address or door; one count for all servers.
create table wrong_entry (
    what varchar(64) primary key,
    failures double precision not null,
    counted_at timestamp(6) with time zone not null
);
-- Effort that was shown already; each piece counts once.
create table spent_effort (
    id varchar(64) primary key,
    useless_after timestamp(6) with time zone not null
);
-- What servers of one school know, and nobody else.
create table server_secret (
    name varchar(40) primary key,
    secret varchar(100) not null
);
insert into server_secret (name, secret)
values ('effort', cast(gen_random_uuid() as varchar(40)) || cast(gen_random_uuid() as varchar(40)));
-- Devices on which an adult has signed in: wrong passwords from elsewhere do not hold them up there.
create table adult_device (
    adult_id bigint not null references adult,
    device_id bigint not null references known_device on delete cascade,
    primary key (adult_id, device_id)
);
