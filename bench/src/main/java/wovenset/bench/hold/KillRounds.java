package wovenset.bench.hold;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import tools.jackson.databind.JsonNode;
import wovenset.bench.figure.Figure;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.ApplicationProcess;
import wovenset.server.testing.PrivateDatabase;

/** Application and database are killed at a moment of chance while edits are made and photos come in, again and again. */
final class KillRounds {
    static final int ROUNDS = 40;
    private static final long SHORTEST_NS = 300_000_000L;
    private static final int SPREAD_MS = 1500;

    private final Path folder;
    private final Set<String> photos = ConcurrentHashMap.newKeySet();
    private final AtomicInteger names = new AtomicInteger();
    private final AtomicInteger files = new AtomicInteger();
    private int acknowledged;
    private int lost;

    KillRounds(Path folder) {
        this.folder = folder;
    }

    /** How many acknowledged edits and photos were gone after a round. */
    Figure lost() throws Exception {
        Random chance = new Random(40);
        try (PrivateDatabase database = PrivateDatabase.start(folder.resolve("db"), PrivateDatabase.Durability.FULL)) {
            ApplicationProcess application = start(database);
            String piece =
                    application.api().startPiece("Killed", 300, 200).path("id").asString();
            for (int round = 0; round < ROUNDS; round++) {
                Api api = application.api();
                CompletableFuture<Void> editing = CompletableFuture.runAsync(() -> rename(api, piece));
                CompletableFuture<Void> bringing = CompletableFuture.runAsync(() -> bring(api, piece));
                LockSupport.parkNanos(SHORTEST_NS + chance.nextInt(SPREAD_MS) * 1_000_000L);
                application.kill();
                database.kill();
                ended(editing);
                ended(bringing);
                database.start();
                application = start(database);
                count(application.api(), piece);
            }
            application.close();
        }
        return Figure.atMost(
                "acknowledged edits and photos gone after " + ROUNDS + " kills", lost, "of all", acknowledged, 0);
    }

    private ApplicationProcess start(PrivateDatabase database) throws IOException {
        return ApplicationProcess.start(database, folder.resolve("data"), folder.resolve("log"));
    }

    /** Each name is the number of the edit, and known once it was acknowledged. */
    private void rename(Api api, String piece) {
        long revision = api.piece(piece).path("revision").asLong();
        for (int name = names.get() + 1; ; name++) {
            Api.Answer answer = api.edit(piece, revision, "renamePiece", "name", Integer.toString(name));
            if (answer.status() == 409) {
                revision = answer.json().path("revision").asLong();
                name--;
            } else if (answer.status() == 200) {
                names.set(name);
                revision = answer.json().path("revision").asLong();
            } else {
                return;
            }
        }
    }

    private void bring(Api api, String piece) {
        while (true) {
            int number = files.incrementAndGet();
            for (JsonNode result : api.bring(piece, Map.of(number + ".jpg", TestPhotos.jpeg(600, 400, number)))) {
                photos.add(result.path("photo").asString());
            }
        }
    }

    private static void ended(CompletableFuture<Void> work) {
        try {
            work.join();
        } catch (CompletionException e) {
            // Its connection was cut, as it should be.
        }
    }

    private void count(Api api, String piece) {
        JsonNode now = api.piece(piece);
        Set<String> there = new HashSet<>();
        now.path("entries").forEach(entry -> there.add(entry.path("photo").asString()));
        acknowledged = names.get() + photos.size();
        lost += (int) photos.stream().filter(photo -> !there.contains(photo)).count();
        lost += (int) there.stream()
                .filter(photo -> api.get("/api/photos/" + photo + "/small").status() != 200)
                .count();
        String name = now.path("head").path("name").asString();
        // The edit that was on its way may be stored as well.
        int stored = name.equals("Killed") ? 0 : Integer.parseInt(name);
        lost += stored < names.get() ? 1 : 0;
        names.accumulateAndGet(stored, Math::max);
    }
}
