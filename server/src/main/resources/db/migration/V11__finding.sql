-- HOUSE: ours, edited here. REFERENCE: arrives in releases. A fixture type may stand on both.
alter table profile add column if not exists shelf varchar(9) not null default 'HOUSE';
alter table profile drop constraint if exists profile_fixture_type;
alter table profile add constraint profile_fixture_type unique (shelf, fixture_type_id);
-- Since when a profile lies in the bin, and who put it there.
alter table profile add column if not exists binned_at datetime(3);
alter table profile add column if not exists binned_by varchar(100);

-- What a list knows of a revision, as JSON.
create table if not exists revision_synopsis (
  revision_id char(36) not null primary key,
  kept longtext not null,
  constraint synopsis_revision foreign key (revision_id) references revision (id)
);
drop table if exists revision_attribute;
drop table if exists revision_placeholder;

-- Whatever changes what a profile is found by notes the profile here, with the next stamp of the one counter, at the end of
-- its transaction: so stamps become visible in their order, and each copy of the server learns what it has to read again.
create table if not exists library_stamp (
  id int not null primary key,
  stamp bigint not null
);
-- [jooq ignore start]
insert ignore into library_stamp (id, stamp) values (1, 0);
-- [jooq ignore stop]
create table if not exists profile_change (
  profile_id char(36) not null primary key,
  stamp bigint not null
);
create index if not exists change_stamp on profile_change (stamp);

-- Searches that the house keeps under a name; the search as the page's address has it.
create table if not exists saved_search (
  id char(36) not null primary key,
  name varchar(120) not null,
  search varchar(2000) not null,
  author varchar(100) not null,
  created_at datetime(3) not null
);
