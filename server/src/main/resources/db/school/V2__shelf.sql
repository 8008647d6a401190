CREATE TABLE shelf_circuit (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    name TEXT NOT NULL,
    notation TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    removed_at TEXT
) STRICT;
CREATE INDEX shelf_circuit_owner ON shelf_circuit (owner_id);
