package wovenset.server.make;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.output.MakeRequest;
import wovenset.core.output.Passing;
import wovenset.server.piece.PieceService;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.RequiredFields;
import wovenset.server.web.UnfitRequestException;

/** Files being made: ask for one, watch it, stop it, take it away. */
@RestController
class MakeController {
    private final MakeRepository repository;
    private final MadeFiles made;
    private final MakeRunner runner;
    private final PieceService pieces;
    private final Scheduler scheduler;
    private final OneTimeTask<Void> task;
    private final TransactionTemplate transaction;
    private final Clock clock;

    MakeController(
            MakeRepository repository,
            MadeFiles made,
            MakeRunner runner,
            PieceService pieces,
            Scheduler scheduler,
            OneTimeTask<Void> task,
            TransactionTemplate transaction,
            Clock clock) {
        this.repository = repository;
        this.made = made;
        this.runner = runner;
        this.pieces = pieces;
        this.scheduler = scheduler;
        this.task = task;
        this.transaction = transaction;
        this.clock = clock;
    }

    @PostMapping("/api/pieces/{piece}/makes")
    @ResponseStatus(HttpStatus.ACCEPTED)
    MakeView start(@PathVariable UUID piece, @RequestBody MakeRequest request) {
        RequiredFields.check(request);
        pieces.get(piece);
        UUID id = UUID.randomUUID();
        transaction.executeWithoutResult(status -> {
            repository.insert(id, piece, request, LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
            scheduler.schedule(task.instance(id.toString()), clock.instant());
        });
        return get(id);
    }

    /** How many photos would go into a PDF in each way: untouched, or made anew and why. */
    record PassingView(int untouched, int finer, int changed, int sharpened, int otherKind) {}

    @PostMapping("/api/pieces/{piece}/makes/passing")
    PassingView passing(@PathVariable UUID piece, @RequestBody MakeRequest request) {
        RequiredFields.check(request);
        Map<Passing, Integer> counts = runner.passing(piece, request);
        return new PassingView(
                counts.getOrDefault(Passing.UNTOUCHED, 0),
                counts.getOrDefault(Passing.FINER, 0),
                counts.getOrDefault(Passing.CHANGED, 0),
                counts.getOrDefault(Passing.SHARPENED, 0),
                counts.getOrDefault(Passing.OTHER_KIND, 0));
    }

    @GetMapping("/api/pieces/{piece}/makes")
    List<MakeView> recent(@PathVariable UUID piece) {
        return repository.recent(piece).stream().map(made::sized).toList();
    }

    @GetMapping("/api/makes/{id}")
    MakeView get(@PathVariable UUID id) {
        return repository
                .find(id)
                .map(made::sized)
                .orElseThrow(() -> new NotFoundException("There is no such file being made."));
    }

    @PostMapping("/api/makes/{id}/cancel")
    MakeView cancel(@PathVariable UUID id) {
        get(id);
        repository.askCancel(id);
        return get(id);
    }

    /** Removes what was made; what is still being made is to be stopped first. */
    @DeleteMapping("/api/makes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        if (!get(id).state().ended()) {
            throw new UnfitRequestException("This file is still being made. Stop it first.");
        }
        made.remove(id);
    }

    @GetMapping(path = "/api/makes/{id}/file", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<Resource> file(@PathVariable UUID id) {
        MakeView job = get(id);
        if (job.fileName() == null || !Files.exists(made.file(id))) {
            throw new NotFoundException("This file is not made, or no longer here.");
        }
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(job.fileName(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(new FileSystemResource(made.file(id)));
    }
}
