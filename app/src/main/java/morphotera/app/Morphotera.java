package morphotera.app;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import morphotera.app.backup.Command;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** One process, one file of data, one page. */
@SpringBootApplication
@EnableScheduling
@MapperScan(basePackages = "morphotera.app", annotationClass = org.apache.ibatis.annotations.Mapper.class)
public class Morphotera {
    public static void main(String[] args) {
        if (Command.isFor(args)) {
            System.exit(new Command(System.out).run(args));
        }
        SpringApplication.run(Morphotera.class, args);
    }

    /** The one file of data; its folder may be said from here or from the root. */
    @Bean
    JdbcConnectionDetails data(@Value("${morphotera.data}") Path folder) {
        String file = folder.toAbsolutePath().normalize().resolve("morphotera").toString();
        return new JdbcConnectionDetails() {
            @Override
            public String getJdbcUrl() {
                // A reading is acknowledged only when it is on disk: no write delay. Statements are read once and kept.
                return "jdbc:h2:file:" + file
                        + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE;LOCK_TIMEOUT=10000;QUERY_CACHE_SIZE=512";
            }

            @Override
            public String getUsername() {
                return "sa";
            }

            @Override
            public String getPassword() {
                return "";
            }
        };
    }

    /** The time of day, on the day it is, or on the day it is pinned to. */
    @Bean
    Clock clock(@Value("${morphotera.today}") String today) {
        Clock system = Clock.systemUTC();
        if (today.isBlank()) {
            return system;
        }
        LocalDate now = LocalDate.ofInstant(system.instant(), ZoneOffset.UTC);
        long days = LocalDate.parse(today).toEpochDay() - now.toEpochDay();
        return Clock.offset(system, Duration.ofDays(days));
    }
}
