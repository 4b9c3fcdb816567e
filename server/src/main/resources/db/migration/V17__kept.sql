-- What differs in a letter's case, an accent or a sign is something else: files, manufacturers and fixtures are known by their exact names.
alter table wanted_file modify column name varchar(200) character set utf8mb4 collate utf8mb4_bin not null;
alter table profile_source modify column name varchar(200) character set utf8mb4 collate utf8mb4_bin not null;
alter table manufacturer modify column name varchar(200) character set utf8mb4 collate utf8mb4_bin not null;
alter table manufacturer_spelling modify column name varchar(200) character set utf8mb4 collate utf8mb4_bin not null;
alter table profile modify column name varchar(200) character set utf8mb4 collate utf8mb4_bin not null;
-- Ids of fixture types are hexadecimal: they are kept in capitals, however a file writes them.
-- [jooq ignore start]
update profile set fixture_type_id = upper(fixture_type_id) where fixture_type_id is not null;
-- [jooq ignore stop]
alter table profile modify column fixture_type_id varchar(64) character set utf8mb4 collate utf8mb4_bin;

-- Two houses that release one fixture have a profile each on the Reference shelf; the House shelf has no house's name.
alter table profile add column if not exists upstream varchar(120) character set utf8mb4 collate utf8mb4_bin not null default '';
-- [jooq ignore start]
update profile p set upstream = coalesce((select r.house from library_release r join release_profile l on l.release_id = r.id
  where l.profile_id = p.id and r.origin = 'THEIRS' order by r.created_at desc limit 1), '') where p.shelf = 'REFERENCE';
-- [jooq ignore stop]
alter table profile drop constraint if exists profile_fixture_type;
alter table profile add constraint profile_fixture_type unique (shelf, upstream, fixture_type_id);

create index if not exists profile_binned on profile (binned_at);
create index if not exists revision_file on revision (file_sha256);
create index if not exists intake_file_profile on intake_file (profile_id);

-- A draft is open for a profile that is there, and goes with it.
-- [jooq ignore start]
update draft set open_profile_id = null where open_profile_id is not null and open_profile_id not in (select id from profile);
-- [jooq ignore stop]
alter table draft drop constraint if exists draft_open_profile;
alter table draft add constraint draft_open_profile foreign key (open_profile_id) references profile (id);

-- What the house as a whole has been through: one row for each thing that is said once.
create table if not exists house_state (
  name varchar(40) not null primary key,
  at datetime(3) not null
);

-- The archive of a release is made of this, and of the files that it names: the same bytes whenever it is asked for.
alter table library_release add column if not exists manifest_sha256 char(64);
