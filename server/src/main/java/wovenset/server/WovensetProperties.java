package wovenset.server;

import java.nio.file.Path;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * @param data the folder of photos and made files
 * @param demo the folder of the demo's photos and pieces; empty for none
 * @param hosts names besides localhost by which the application may be addressed
 * @param rehearsal whether the pieces worked on last are opened once after a start, so that nobody waits for the first
 * @param pictureMemory what pictures of files being made may take together of the heap; others wait for their turn
 */
@ConfigurationProperties("wovenset")
public record WovensetProperties(
        Path data,
        @DefaultValue("") String demo,
        @DefaultValue List<String> hosts,
        @DefaultValue("true") boolean rehearsal,
        @DefaultValue("256MB") DataSize pictureMemory) {}
