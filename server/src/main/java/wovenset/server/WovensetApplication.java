package wovenset.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/** The server's entry point. */
@SpringBootApplication
@EnableConfigurationProperties(WovensetProperties.class)
public class WovensetApplication {
    public static void main(String[] args) {
        SpringApplication.run(WovensetApplication.class, args);
    }
}
