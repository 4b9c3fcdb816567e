-- Ids and hashes are plain letters: they take a byte a letter, and are compared by it. The tables are written anew once, each by itself;
-- what refers to another row is let go for that time. What belongs to a row goes with it from here on.
-- [jooq ignore start]
alter table chart drop constraint if exists chart_content;
alter table chart drop constraint if exists chart_profile;
alter table draft drop constraint if exists draft_base;
alter table draft drop constraint if exists draft_open_profile;
alter table draft drop constraint if exists draft_profile;
alter table draft_entry drop constraint if exists draft_entry_content;
alter table draft_entry drop constraint if exists draft_entry_draft;
alter table draft_step drop constraint if exists step_draft;
alter table gobo drop constraint if exists gobo_outline_content;
alter table gobo drop constraint if exists gobo_picture_content;
alter table intake_file drop constraint if exists intake_file_run;
alter table manufacturer_facts drop constraint if exists facts_manufacturer;
alter table manufacturer_spelling drop constraint if exists spelling_manufacturer;
alter table production_version drop constraint if exists load_origin;
alter table production_version drop constraint if exists load_profile;
alter table profile drop constraint if exists profile_manufacturer;
alter table profile_facts drop constraint if exists profile_facts_profile;
alter table profile_origin drop constraint if exists origin_profile;
alter table profile_origin drop constraint if exists origin_revision;
alter table profile_source drop constraint if exists source_content;
alter table profile_source drop constraint if exists source_profile;
alter table release_profile drop constraint if exists release_profile_profile;
alter table release_profile drop constraint if exists release_profile_release;
alter table release_profile drop constraint if exists release_profile_revision;
alter table revision drop constraint if exists revision_description;
alter table revision drop constraint if exists revision_profile;
alter table revision_entry drop constraint if exists entry_content;
alter table revision_entry drop constraint if exists entry_revision;
alter table revision_facts drop constraint if exists facts_revision;
alter table revision_house drop constraint if exists house_revision;
alter table revision_mode drop constraint if exists mode_revision;
alter table revision_synopsis drop constraint if exists synopsis_revision;
alter table revision_withdrawn drop constraint if exists withdrawn_revision;
alter table wanted drop constraint if exists wanted_answer;
alter table wanted_file drop constraint if exists wanted_file_content;
alter table wanted_file drop constraint if exists wanted_file_wanted;
alter table chart
  modify column id char(36) character set ascii collate ascii_bin not null,
  modify column profile_id char(36) character set ascii collate ascii_bin not null,
  modify column sha256 char(64) character set ascii collate ascii_bin not null;
alter table content
  modify column sha256 char(64) character set ascii collate ascii_bin not null;
alter table draft
  modify column id varchar(64) character set ascii collate ascii_bin not null,
  modify column profile_id char(36) character set ascii collate ascii_bin not null,
  modify column open_profile_id char(36) character set ascii collate ascii_bin null default null,
  modify column base_revision_id char(36) character set ascii collate ascii_bin null default null,
  modify column closing_change char(36) character set ascii collate ascii_bin null default null;
alter table draft_entry
  modify column draft_id varchar(64) character set ascii collate ascii_bin not null,
  modify column sha256 char(64) character set ascii collate ascii_bin not null;
alter table draft_step
  modify column draft_id varchar(64) character set ascii collate ascii_bin not null,
  modify column change_id char(36) character set ascii collate ascii_bin null default null;
alter table gobo
  modify column id char(36) character set ascii collate ascii_bin not null,
  modify column picture_sha256 char(64) character set ascii collate ascii_bin not null,
  modify column outline_sha256 char(64) character set ascii collate ascii_bin not null;
alter table intake_file
  modify column run_id char(36) character set ascii collate ascii_bin not null,
  modify column profile_id char(36) character set ascii collate ascii_bin null default null;
alter table intake_run
  modify column id char(36) character set ascii collate ascii_bin not null;
alter table library_release
  modify column id char(36) character set ascii collate ascii_bin not null,
  modify column manifest_sha256 char(64) character set ascii collate ascii_bin null default null;
alter table manufacturer
  modify column id char(36) character set ascii collate ascii_bin not null;
alter table manufacturer_facts
  modify column manufacturer_id char(36) character set ascii collate ascii_bin not null;
alter table manufacturer_spelling
  modify column manufacturer_id char(36) character set ascii collate ascii_bin not null;
alter table production_version
  modify column profile_id char(36) character set ascii collate ascii_bin not null,
  modify column origin_revision_id char(36) character set ascii collate ascii_bin not null;
alter table profile
  modify column id char(36) character set ascii collate ascii_bin not null,
  modify column manufacturer_id char(36) character set ascii collate ascii_bin not null;
alter table profile_change
  modify column profile_id char(36) character set ascii collate ascii_bin not null;
alter table profile_facts
  modify column profile_id char(36) character set ascii collate ascii_bin not null;
alter table profile_origin
  modify column profile_id char(36) character set ascii collate ascii_bin not null,
  modify column origin_revision_id char(36) character set ascii collate ascii_bin not null;
alter table profile_source
  modify column profile_id char(36) character set ascii collate ascii_bin not null,
  modify column sha256 char(64) character set ascii collate ascii_bin not null;
alter table release_profile
  modify column release_id char(36) character set ascii collate ascii_bin not null,
  modify column profile_id char(36) character set ascii collate ascii_bin not null,
  modify column revision_id char(36) character set ascii collate ascii_bin not null;
alter table revision
  modify column id char(36) character set ascii collate ascii_bin not null,
  modify column profile_id char(36) character set ascii collate ascii_bin not null,
  modify column description_sha256 char(64) character set ascii collate ascii_bin not null,
  modify column file_sha256 char(64) character set ascii collate ascii_bin not null;
alter table revision_entry
  modify column revision_id char(36) character set ascii collate ascii_bin not null,
  modify column sha256 char(64) character set ascii collate ascii_bin not null;
alter table revision_facts
  modify column revision_id char(36) character set ascii collate ascii_bin not null;
alter table revision_house
  modify column revision_id char(36) character set ascii collate ascii_bin not null;
alter table revision_mode
  modify column revision_id char(36) character set ascii collate ascii_bin not null,
  modify column map_sha256 char(64) character set ascii collate ascii_bin null default null;
alter table revision_synopsis
  modify column revision_id char(36) character set ascii collate ascii_bin not null;
alter table revision_withdrawn
  modify column revision_id char(36) character set ascii collate ascii_bin not null;
alter table saved_search
  modify column id char(36) character set ascii collate ascii_bin not null;
alter table stencil
  modify column id char(36) character set ascii collate ascii_bin not null;
alter table wanted
  modify column id char(36) character set ascii collate ascii_bin not null,
  modify column answer_revision_id char(36) character set ascii collate ascii_bin null default null;
alter table wanted_file
  modify column wanted_id char(36) character set ascii collate ascii_bin not null,
  modify column sha256 char(64) character set ascii collate ascii_bin not null;
update intake_file set profile_id = null where profile_id is not null and profile_id not in (select id from profile);
update library_release set manifest_sha256 = null where manifest_sha256 is not null and manifest_sha256 not in (select sha256 from content);
alter table chart
  add constraint chart_content foreign key (sha256) references content (sha256),
  add constraint chart_profile foreign key (profile_id) references profile (id) on delete cascade;
alter table draft
  add constraint draft_base foreign key (base_revision_id) references revision (id),
  add constraint draft_open_profile foreign key (open_profile_id) references profile (id),
  add constraint draft_profile foreign key (profile_id) references profile (id);
alter table draft_entry
  add constraint draft_entry_content foreign key (sha256) references content (sha256),
  add constraint draft_entry_draft foreign key (draft_id) references draft (id) on delete cascade;
alter table draft_step
  add constraint step_draft foreign key (draft_id) references draft (id) on delete cascade;
alter table gobo
  add constraint gobo_outline_content foreign key (outline_sha256) references content (sha256),
  add constraint gobo_picture_content foreign key (picture_sha256) references content (sha256);
alter table intake_file
  add constraint intake_file_run foreign key (run_id) references intake_run (id) on delete cascade;
alter table manufacturer_facts
  add constraint facts_manufacturer foreign key (manufacturer_id) references manufacturer (id) on delete cascade;
alter table manufacturer_spelling
  add constraint spelling_manufacturer foreign key (manufacturer_id) references manufacturer (id) on delete cascade;
alter table production_version
  add constraint load_origin foreign key (origin_revision_id) references revision (id),
  add constraint load_profile foreign key (profile_id) references profile (id) on delete cascade;
alter table profile
  add constraint profile_manufacturer foreign key (manufacturer_id) references manufacturer (id);
alter table profile_facts
  add constraint profile_facts_profile foreign key (profile_id) references profile (id) on delete cascade;
alter table profile_origin
  add constraint origin_profile foreign key (profile_id) references profile (id) on delete cascade,
  add constraint origin_revision foreign key (origin_revision_id) references revision (id);
alter table profile_source
  add constraint source_content foreign key (sha256) references content (sha256),
  add constraint source_profile foreign key (profile_id) references profile (id) on delete cascade;
alter table release_profile
  add constraint release_profile_profile foreign key (profile_id) references profile (id),
  add constraint release_profile_release foreign key (release_id) references library_release (id) on delete cascade,
  add constraint release_profile_revision foreign key (revision_id) references revision (id);
alter table revision
  add constraint revision_description foreign key (description_sha256) references content (sha256),
  add constraint revision_profile foreign key (profile_id) references profile (id) on delete cascade;
alter table revision_entry
  add constraint entry_content foreign key (sha256) references content (sha256),
  add constraint entry_revision foreign key (revision_id) references revision (id) on delete cascade;
alter table revision_facts
  add constraint facts_revision foreign key (revision_id) references revision (id) on delete cascade;
alter table revision_house
  add constraint house_revision foreign key (revision_id) references revision (id) on delete cascade;
alter table revision_mode
  add constraint mode_revision foreign key (revision_id) references revision (id) on delete cascade;
alter table revision_synopsis
  add constraint synopsis_revision foreign key (revision_id) references revision (id) on delete cascade;
alter table revision_withdrawn
  add constraint withdrawn_revision foreign key (revision_id) references revision (id) on delete cascade;
alter table wanted
  add constraint wanted_answer foreign key (answer_revision_id) references revision (id);
alter table wanted_file
  add constraint wanted_file_content foreign key (sha256) references content (sha256),
  add constraint wanted_file_wanted foreign key (wanted_id) references wanted (id) on delete cascade;
-- [jooq ignore stop]

alter table intake_file drop constraint if exists intake_file_to_profile;
alter table intake_file add constraint intake_file_to_profile foreign key (profile_id) references profile (id) on delete set null;
alter table library_release drop constraint if exists release_manifest;
alter table library_release add constraint release_manifest foreign key (manifest_sha256) references content (sha256);

-- Lists show a picture of each: which content that is stands with the revision.
alter table revision add column if not exists picture_sha256 char(64) character set ascii collate ascii_bin;
-- [jooq ignore start]
update revision r join revision_synopsis s on s.revision_id = r.id join revision_entry e on e.revision_id = r.id
  set r.picture_sha256 = e.sha256 where e.path = coalesce(json_value(s.kept, '$.is.picture'), json_value(s.kept, '$.picture'));
-- [jooq ignore stop]
alter table revision drop constraint if exists revision_picture;
alter table revision add constraint revision_picture foreign key (picture_sha256) references content (sha256);

-- When somebody last wanted to keep it: what nothing refers to is only removed when that is a while ago.
alter table content add column if not exists put_at datetime(3) not null default '2026-01-01 00:00:00';
create index if not exists content_put on content (put_at);

-- A draft that is only looked at is none: it is called by its revision and by how many drafts of the profile were discarded before.
alter table profile add column if not exists discarded int not null default 0;

-- Two people may describe a gobo at once.
alter table gobo add column if not exists version int not null default 0;

-- What the checks found in a revision, by the rules of an edition.
create table if not exists revision_findings (
  revision_id char(36) character set ascii collate ascii_bin not null primary key,
  edition int not null,
  kept longtext not null,
  constraint findings_revision foreign key (revision_id) references revision (id) on delete cascade
);
