-- Whether a group meets on the page of ours that says who is there, where no address of another place is given.
alter table corner add column meets_here boolean default false not null;
