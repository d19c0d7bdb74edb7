package craftypocket.app.folder;

import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Opens the folder before the database in it. */
@Configuration
class FolderBeans {

    @Bean
    DataFolder dataFolder(@Value("${crafty.data:./data}") String folder, @Value("${crafty.restore:}") String restore) {
        return DataFolder.open(folder, restore);
    }

    @Bean
    JdbcConnectionDetails database(DataFolder folder) {
        return new JdbcConnectionDetails() {
            @Override
            public String getUsername() {
                return "sa";
            }

            @Override
            public String getPassword() {
                return "";
            }

            @Override
            public String getJdbcUrl() {
                return folder.url();
            }
        };
    }

    /** A read-only folder was looked at before: it is up to date. */
    @Bean
    FlywayMigrationStrategy broughtUpToDate(DataFolder folder) {
        return folder.readOnly() ? flyway -> {} : Flyway::migrate;
    }
}
