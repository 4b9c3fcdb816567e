-- One word for one thing: a manufacturer is not also a maker, and what a production puts into a fixture is not also a load.
alter table gobo rename column maker to manufacturer;
alter table gobo rename column maker_number to manufacturer_number;
alter table wanted rename column maker to manufacturer;
alter table production_load rename to production_version;
