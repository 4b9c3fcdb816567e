-- What the DMX map of a mode is known by: modes of one map have the same, whatever their lamps are called. Null for modes that came in before.
alter table revision_mode add column if not exists map_sha256 char(64);
create index if not exists mode_map on revision_mode (map_sha256);
