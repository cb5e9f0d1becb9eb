package wovenset.server;

import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import wovenset.core.decode.DecoderChild;
import wovenset.core.decode.Decoders;

/** The server's entry point. */
@SpringBootApplication
@EnableConfigurationProperties(WovensetProperties.class)
public class WovensetApplication {
    private static final String LAUNCHER = "org.springframework.boot.loader.launch.PropertiesLauncher";

    public static void main(String[] args) {
        String jar = System.getProperty("java.class.path");
        if (jar.endsWith(".jar") && WovensetApplication.class.getResource("/BOOT-INF") != null) {
            // Libraries lie inside the application's one file, where Java alone does not find them.
            Decoders.launchedBy(List.of("-cp", jar, "-Dloader.main=" + DecoderChild.class.getName(), LAUNCHER));
        }
        SpringApplication.run(WovensetApplication.class, args);
    }
}
