package wovenset.server;

import java.time.Clock;
import org.springframework.boot.CommandLineRunner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import wovenset.core.decode.Decoders;
import wovenset.core.picture.PhotoDecoder;

/** What belongs to no feature. */
@Configuration
@EnableScheduling
class Wiring {
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** The native imaging library takes seconds to unpack and load; the first photo should not wait for it. */
    @Bean
    CommandLineRunner warmUp() {
        return arguments -> {
            new Thread(PhotoDecoder::warm, "warm-up").start();
            new Thread(Decoders::warm, "warm-up of decoders").start();
        };
    }
}
