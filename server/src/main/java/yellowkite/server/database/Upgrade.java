package yellowkite.server.database;

import org.flywaydb.core.api.FlywayException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Brings the tables of an older version up to this one. A statement of MariaDB that changes a table stands at once, so a crash in between
 * leaves a step half done: each statement of each step can be carried out again, and what was noted of a step that failed is forgotten
 * first.
 */
@Configuration(proxyBeanMethods = false)
class Upgrade {
    private static final Logger LOG = LoggerFactory.getLogger(Upgrade.class);

    @Bean
    FlywayMigrationStrategy againAfterACrash() {
        return flyway -> {
            try {
                LongStep.saying("The tables are brought up to this version; each is written anew once", () -> {
                    flyway.repair();
                    flyway.migrate();
                });
            } catch (FlywayException failed) {
                LOG.error("The tables could not be brought up to this version", failed);
                throw new CannotStart("The data could not be brought up to this version of Yellow Kite; nothing of it is lost. "
                        + "Keep a copy of the data folder, start the version that you had before, and tell its makers what the log says.");
            }
        };
    }
}
