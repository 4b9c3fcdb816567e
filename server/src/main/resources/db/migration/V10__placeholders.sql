-- Revisions that hold a footprint and nothing else: they stand apart from real ones.
create table if not exists revision_placeholder (
  revision_id char(36) not null primary key,
  constraint placeholder_revision foreign key (revision_id) references revision (id)
);
