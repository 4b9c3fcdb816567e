-- What the house keeps beside a revision, as JSON; a revision without it has none.
create table if not exists revision_house (
  revision_id char(36) not null primary key,
  kept longtext not null,
  constraint house_revision foreign key (revision_id) references revision (id)
);

-- Files that a draft adds to those of its base.
create table if not exists draft_entry (
  draft_id char(36) not null,
  path varchar(512) not null,
  sha256 char(64) not null,
  primary key (draft_id, path),
  constraint draft_entry_draft foreign key (draft_id) references draft (id),
  constraint draft_entry_content foreign key (sha256) references content (sha256)
);

-- Facts of a maker; rdm_id is the manufacturer id of ANSI E1.20.
create table if not exists manufacturer_facts (
  manufacturer_id char(36) not null primary key,
  version int not null,
  short_name varchar(40) not null,
  rdm_id int,
  website varchar(300) not null,
  contact varchar(500) not null,
  constraint facts_manufacturer foreign key (manufacturer_id) references manufacturer (id)
);

-- A channel with its functions, kept to be laid onto others; the functions as JSON.
create table if not exists stencil (
  id char(36) not null primary key,
  name varchar(120) not null,
  attribute varchar(200) not null,
  origin varchar(400) not null,
  author varchar(100) not null,
  created_at datetime(3) not null,
  functions longtext not null
);
create index if not exists stencil_name on stencil (name);
