-- Makers' charts that are being read into a profile: the file as it came, its lines, and what people said of them.
create table if not exists chart (
  id char(36) not null primary key,
  profile_id char(36) not null,
  name varchar(200) not null,
  sha256 char(64) not null,
  -- of a file whose pages can be drawn; 0 for a table or a text
  pages int not null,
  -- as it was taken apart when it came
  sheets longtext not null,
  corrections longtext not null,
  -- to be named with the next change
  version int not null,
  added_by varchar(100) not null,
  added_at datetime(3) not null,
  constraint chart_profile foreign key (profile_id) references profile (id),
  constraint chart_content foreign key (sha256) references content (sha256)
);
create index if not exists chart_of_profile on chart (profile_id, added_at);
