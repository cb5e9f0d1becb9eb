package wovenset.server.rehearsal;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.springframework.web.context.support.ServletRequestHandledEvent;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wovenset.server.WovensetProperties;

/**
 * Right after a start nothing is compiled and no photo is in memory, and the first page that is opened would take three times as long as the
 * next one. So the application opens the pieces that were worked on last as a browser would, over its own door, at the side of what
 * people ask for: shelf, piece, photos, first page, its pictures, and those of a slider that moves. Nothing is changed, and it stands back
 * while anybody else asks for something.
 */
@Component
class Rehearsal {
    private static final Logger LOG = LoggerFactory.getLogger(Rehearsal.class);
    /** After about so many the platform has compiled what draws. */
    private static final int ROUNDS = 12;

    /** By how much the corners' radius differs from round to round, in micrometres. */
    private static final int STEP = 100;

    private static final int PIECES = 3;
    private static final int COVERS = 12;
    private static final int COVER_PX = 300;
    private static final int MOST_UNITS = 60;
    /** So many pixels long is a page on a common screen. */
    private static final double SCREEN_PX = 700;

    private static final int TIMEOUT_MS = 20_000;
    private static final int STAND_BACK_MS = 500;

    private final boolean wanted;
    private final Environment environment;
    private final JsonMapper mapper;
    private final AtomicInteger answered = new AtomicInteger();
    private int own;
    private long turn;

    Rehearsal(WovensetProperties properties, Environment environment, JsonMapper mapper) {
        this.wanted = properties.rehearsal();
        this.environment = environment;
        this.mapper = mapper;
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        if (wanted) {
            Thread thread = new Thread(this::run, "rehearsal");
            thread.setDaemon(true);
            thread.start();
        }
    }

    @EventListener
    void answered(ServletRequestHandledEvent event) {
        answered.incrementAndGet();
    }

    void run() {
        String address = "http://127.0.0.1:" + environment.getRequiredProperty("local.server.port") + "/api/pieces";
        try {
            // Whoever opens a piece at once is served first.
            Thread.sleep(STAND_BACK_MS);
            for (int round = 0; round < ROUNDS; round++) {
                JsonNode shelf = ask(address);
                if (round == 0) {
                    covers(address, shelf);
                }
                for (int i = 0; i < Math.min(PIECES, shelf.size()); i++) {
                    tried(address + "/" + shelf.get(i).path("id").asString(), round);
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (IOException | RuntimeException e) {
            LOG.debug("The rehearsal ended early", e);
        }
    }

    /** Whatever is wrong with a piece is told to the person who opens it, and keeps no other from being opened. */
    private void tried(String piece, int round) throws InterruptedException {
        try {
            open(piece, round);
        } catch (IOException | RuntimeException e) {
            LOG.debug("A piece was not rehearsed", e);
        }
    }

    /** The shelf's own pictures, whose photos are in memory from then on. */
    private void covers(String address, JsonNode shelf) throws IOException, InterruptedException {
        for (int i = 0; i < Math.min(COVERS, shelf.size()); i++) {
            JsonNode item = shelf.get(i);
            if (item.hasNonNull("coverPage")) {
                send(
                        address + "/" + item.path("id").asString() + "/pages/"
                                + item.path("coverPage").asString() + "/picture?look="
                                + item.path("coverLook").asLong() + "&width=" + COVER_PX,
                        new byte[0]);
            }
        }
    }

    private void open(String piece, int round) throws IOException, InterruptedException {
        JsonNode view = ask(piece);
        ask(piece + "/photos");
        String page = view.path("pages").path(0).path("id").asString();
        double scale = draw(piece, page, ask(piece + "/pages/" + page).path("scene"), round);
        JsonNode style = view.path("head").path("styles").path("frames").path(0);
        if (style instanceof ObjectNode moved) {
            moved.withObject("corners").put("size", STEP * (round + 1));
            Map<String, Object> edit = Map.of("kind", "setFrameStyle", "style", moved);
            send(
                    piece + "/preview/drawn",
                    mapper.writeValueAsBytes(Map.of(
                            "edit",
                            edit,
                            "window",
                            "rehearsal",
                            "turn",
                            ++turn,
                            "seen",
                            page,
                            "pixelsPerMm",
                            scale,
                            "known",
                            List.of())));
        }
    }

    /** @return pixels for each millimetre */
    private double draw(String piece, String page, JsonNode scene, int round) throws IOException, InterruptedException {
        List<Map<String, Object>> sprites = new ArrayList<>();
        for (JsonNode unit : scene.path("units")) {
            if (sprites.size() < MOST_UNITS) {
                sprites.add(Map.of("name", unit.path("name").asString(), "phaseX", round, "phaseY", 0));
            }
        }
        double scale = SCREEN_PX
                / Math.max(
                        scene.path("widthMm").asDouble(), scene.path("heightMm").asDouble());
        if (!sprites.isEmpty()) {
            byte[] asked = mapper.writeValueAsBytes(Map.of("sprites", sprites, "pixelsPerMm", scale));
            send(piece + "/pages/" + page + "/sprites", asked);
        }
        return scale;
    }

    private JsonNode ask(String address) throws IOException, InterruptedException {
        return mapper.readTree(send(address, new byte[0]));
    }

    private byte[] send(String address, byte[] body) throws IOException, InterruptedException {
        for (int all = answered.get(); all > own; all = answered.get()) {
            own = all;
            Thread.sleep(STAND_BACK_MS);
        }
        own++;
        HttpURLConnection connection =
                (HttpURLConnection) URI.create(address).toURL().openConnection();
        connection.setReadTimeout(TIMEOUT_MS);
        if (body.length > 0) {
            connection.setDoOutput(true);
            connection.setRequestProperty("Content-Type", "application/json");
            try (OutputStream out = connection.getOutputStream()) {
                out.write(body);
            }
        }
        try (InputStream in = connection.getInputStream()) {
            return in.readAllBytes();
        }
    }
}
