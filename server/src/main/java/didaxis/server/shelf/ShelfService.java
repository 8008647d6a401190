package didaxis.server.shelf;

import didaxis.core.notation.Notation;
import didaxis.core.wording.Words;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;

/** Keeps a teacher's circuits under names. */
@Service
class ShelfService {
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
    record KeptCircuit(long id, String name, String notation, String words, Instant updatedAt) {
        static KeptCircuit of(Shelf.ShelfCircuit kept) {
            String words = Words.describe(Circuits.read(kept.notation()));
            return new KeptCircuit(kept.id(), kept.name(), kept.notation(), words, kept.updatedAt());
        }
    }

    private final Shelf shelf;
    private final Transactions transactions;

    ShelfService(Shelf shelf, Transactions transactions) {
        this.shelf = shelf;
        this.transactions = transactions;
    }

    List<KeptCircuit> own(long owner) {
        return transactions.read(() -> shelf.of(owner)).stream()
                .map(KeptCircuit::of)
                .toList();
    }

    KeptCircuit keep(ToKeep circuit, long owner) {
        ToKeep checked = circuit.checked();
        return KeptCircuit.of(
                transactions.write(() -> shelf.one(shelf.add(checked.name(), checked.notation(), owner), owner)));
    }

    KeptCircuit change(long id, ToKeep circuit, long owner) {
        ToKeep checked = circuit.checked();
        return KeptCircuit.of(transactions.write(() -> {
            shelf.change(id, checked.name(), checked.notation(), owner);
            return shelf.one(id, owner);
        }));
    }

    KeptCircuit copy(long id, long owner) {
        return KeptCircuit.of(transactions.write(() -> {
            Shelf.ShelfCircuit kept = shelf.one(id, owner);
            List<String> names =
                    shelf.of(owner).stream().map(Shelf.ShelfCircuit::name).toList();
            int number = 2;
            while (names.contains(kept.name() + " " + number)) number++;
            return shelf.one(shelf.add(kept.name() + " " + number, kept.notation(), owner), owner);
        }));
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
