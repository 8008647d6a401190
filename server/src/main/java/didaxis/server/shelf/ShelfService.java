package didaxis.server.shelf;

import didaxis.core.notation.Notation;
import didaxis.core.wording.Words;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import didaxis.server.config.Removed;
import didaxis.server.config.Transactions;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Keeps a teacher's circuits under names. */
@Service
class ShelfService {
    private static final int LONGEST_NAME = 120;

    /** A circuit to keep under a name, and what is to be done where the name is taken: nothing, if that is not said. */
    record ToKeep(
            String name,
            String notation,

            @Schema(
                    types = {"string", "null"},
                    allowableValues = {"number", "replace"})
            String ifTaken) {
        /**
         * The same, if it can be kept.
         *
         * @throws Problem if it has no name or its circuit cannot be read
         */
        ToKeep checked() {
            return new ToKeep(named(name), Notation.print(Circuits.read(notation)), ifTaken);
        }
    }

    private static String named(String name) {
        if (name == null || name.isBlank()) throw Problem.badRequest("The circuit needs a name.");
        if (name.strip().length() > LONGEST_NAME)
            throw Problem.badRequest("A name has at most " + LONGEST_NAME + " characters.");
        return name.strip();
    }

    /** A kept circuit; its words are for finding it again. */
    record KeptCircuit(long id, String name, String notation, String words, Instant updatedAt) {
        static KeptCircuit of(Shelf.ShelfCircuit kept) {
            String words = Words.describe(Circuits.read(kept.notation()));
            return new KeptCircuit(kept.id(), kept.name(), kept.notation(), words, kept.updatedAt());
        }
    }

    private final Shelf shelf;
    private final Transactions transactions;
    private final Clock clock;

    ShelfService(Shelf shelf, Transactions transactions, Clock clock) {
        this.shelf = shelf;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<KeptCircuit> own(long owner) {
        return transactions.read(() -> shelf.of(owner)).stream()
                .map(KeptCircuit::of)
                .toList();
    }

    List<KeptCircuit> removed(long owner) {
        return transactions.read(() -> shelf.removed(owner, Removed.since(clock))).stream()
                .map(KeptCircuit::of)
                .toList();
    }

    /** Keeps a circuit; another under its name is never lost: one that is replaced can be brought back. */
    KeptCircuit keep(ToKeep circuit, long owner) {
        ToKeep checked = circuit.checked();
        return KeptCircuit.of(transactions.write(() -> {
            List<Shelf.ShelfCircuit> same = shelf.of(owner).stream()
                    .filter(one -> one.name().equals(checked.name()))
                    .toList();
            String name = checked.name();
            if (!same.isEmpty()) {
                if ("number".equals(checked.ifTaken())) name = numbered(name, owner);
                else if ("replace".equals(checked.ifTaken())) same.forEach(one -> shelf.remove(one.id(), owner));
                else throw taken(name, owner);
            }
            return shelf.one(shelf.add(name, checked.notation(), owner), owner);
        }));
    }

    KeptCircuit rename(long id, String typed, long owner) {
        String name = named(typed);
        return KeptCircuit.of(transactions.write(() -> {
            boolean others = shelf.of(owner).stream()
                    .anyMatch(one -> one.id() != id && one.name().equals(name));
            if (others) throw taken(name, owner);
            shelf.rename(id, name, owner);
            return shelf.one(id, owner);
        }));
    }

    private Problem taken(String name, long owner) {
        return Problem.of(HttpStatus.CONFLICT, "There is a circuit called “" + name + "” on the shelf already.")
                .with("reason", "taken")
                .with("free", numbered(name, owner));
    }

    KeptCircuit copy(long id, long owner) {
        return KeptCircuit.of(transactions.write(() -> {
            Shelf.ShelfCircuit kept = shelf.one(id, owner);
            return shelf.one(shelf.add(numbered(kept.name(), owner), kept.notation(), owner), owner);
        }));
    }

    /** The name with the next number that is free, and no longer than a name may be. */
    private String numbered(String name, long owner) {
        List<String> names =
                shelf.of(owner).stream().map(Shelf.ShelfCircuit::name).toList();
        for (int number = 2; ; number++) {
            String end = " " + number;
            String next = name.substring(0, Math.min(name.length(), LONGEST_NAME - end.length())) + end;
            if (!names.contains(next)) return next;
        }
    }

    void remove(long id, long owner) {
        transactions.write(() -> shelf.remove(id, owner));
    }

    KeptCircuit bringBack(long id, long owner) {
        return KeptCircuit.of(transactions.write(() -> {
            shelf.bringBack(id, owner);
            return shelf.one(id, owner);
        }));
    }
}
