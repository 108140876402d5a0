-- Whether an adult still wants to be led through the first steps.
alter table adult add column led_through boolean default true not null;
