package didaxis.server.shelf;

import didaxis.core.notation.Notation;
import didaxis.core.notation.Words;
import didaxis.server.account.SignedIn;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's shelf of circuits. */
@RestController
@Transactional(readOnly = true)
class ShelfController {
    private static final int LONGEST_NAME = 120;

    /** A circuit to keep under a name. */
    record ToKeep(String name, String notation) {
        /**
         * The same, if it can be kept.
         *
         * @throws Problem if it has no name or its circuit cannot be read
         */
        ToKeep checked() {
            if (name == null || name.isBlank()) throw Problem.badRequest("The circuit needs a name.");
            if (name.strip().length() > LONGEST_NAME)
                throw Problem.badRequest("A name has at most " + LONGEST_NAME + " characters.");
            return new ToKeep(name.strip(), Notation.print(Circuits.read(notation)));
        }
    }

    /** A kept circuit; its words are for finding it again. */
    record KeptCircuit(long id, String name, String notation, String words, String updatedAt) {
        static KeptCircuit of(Shelf.ShelfCircuit kept) {
            String words = Words.describe(Circuits.read(kept.notation()));
            return new KeptCircuit(kept.id(), kept.name(), kept.notation(), words, kept.updatedAt());
        }
    }

    private final Shelf shelf;

    ShelfController(Shelf shelf) {
        this.shelf = shelf;
    }

    @GetMapping("/api/shelf")
    List<KeptCircuit> own(@AuthenticationPrincipal SignedIn me) {
        return shelf.of(me.id()).stream().map(KeptCircuit::of).toList();
    }

    @Transactional
    @PostMapping("/api/shelf")
    @ResponseStatus(HttpStatus.CREATED)
    KeptCircuit keep(@RequestBody ToKeep circuit, @AuthenticationPrincipal SignedIn me) {
        ToKeep checked = circuit.checked();
        return one(shelf.add(checked.name(), checked.notation(), me.id()), me);
    }

    @Transactional
    @PutMapping("/api/shelf/{id}")
    KeptCircuit change(@PathVariable long id, @RequestBody ToKeep circuit, @AuthenticationPrincipal SignedIn me) {
        ToKeep checked = circuit.checked();
        shelf.change(id, checked.name(), checked.notation(), me.id());
        return one(id, me);
    }

    /** Keeps the same circuit once more under a name of its own. */
    @Transactional
    @PostMapping("/api/shelf/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    KeptCircuit copy(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        Shelf.ShelfCircuit kept = shelf.one(id, me.id());
        List<String> names =
                shelf.of(me.id()).stream().map(Shelf.ShelfCircuit::name).toList();
        int number = 2;
        while (names.contains(kept.name() + " " + number)) number++;
        return one(shelf.add(kept.name() + " " + number, kept.notation(), me.id()), me);
    }

    @Transactional
    @DeleteMapping("/api/shelf/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        shelf.remove(id, me.id());
    }

    /** Takes back a removal. */
    @Transactional
    @PostMapping("/api/shelf/{id}/restoration")
    KeptCircuit bringBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        shelf.bringBack(id, me.id());
        return one(id, me);
    }

    private KeptCircuit one(long id, SignedIn me) {
        return KeptCircuit.of(shelf.one(id, me.id()));
    }
}
