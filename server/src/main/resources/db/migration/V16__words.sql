-- One word for one thing: a manufacturer is not also a maker, and what a production puts into a fixture is not also a load.
alter table gobo rename column if exists maker to manufacturer;
alter table gobo rename column if exists maker_number to manufacturer_number;
alter table wanted rename column if exists maker to manufacturer;
alter table if exists production_load rename to production_version;
