PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE account (
    id INTEGER PRIMARY KEY,
    username TEXT NOT NULL UNIQUE COLLATE NOCASE,
    display_name TEXT NOT NULL,
    role TEXT NOT NULL CHECK (role IN ('teacher', 'learner')),
    password_hash TEXT NOT NULL,
    created_at INTEGER NOT NULL DEFAULT 0) STRICT;
INSERT INTO "account" VALUES(1,'teacher','M. Thorne','teacher','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458545);
INSERT INTO "account" VALUES(2,'learner1','A. Alder','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458560);
INSERT INTO "account" VALUES(3,'learner2','B. Birch','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458560);
INSERT INTO "account" VALUES(4,'learner3','C. Cedar','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458561);
INSERT INTO "account" VALUES(5,'learner4','D. Dogwood','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458561);
INSERT INTO "account" VALUES(6,'learner5','E. Elm','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458562);
INSERT INTO "account" VALUES(7,'learner6','F. Fir','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458562);
INSERT INTO "account" VALUES(8,'learner7','H. Hazel','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458562);
INSERT INTO "account" VALUES(9,'learner8','J. Juniper','learner','$2a$10$aBEJIWrzsmRMeIZKaB0Tzua7Fs3QdUl34VgRMyymcRNK7qBDWuKxi',1795851458565);
CREATE TABLE assignment ( id INTEGER PRIMARY KEY, classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE, title TEXT NOT NULL, handed_out_at INTEGER NOT NULL, due_at INTEGER NOT NULL, released_at INTEGER, withdrawn_at INTEGER , style TEXT, versions TEXT NOT NULL DEFAULT 'same' CHECK (versions IN ('same', 'two', 'each')), layout TEXT) STRICT;
INSERT INTO "assignment" VALUES(4,1,'Radio and lamp',1795851460928,32472144000000,NULL,NULL,NULL,'same','{"instructions":null,"minutes":null,"dataSheet":null,"page":null,"room":null,"versions":null,"seed":null,"sections":null}');
CREATE TABLE assignment_question ( id INTEGER PRIMARY KEY, assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE, place INTEGER NOT NULL, format INTEGER NOT NULL, body TEXT NOT NULL, boxes INTEGER NOT NULL, marks INTEGER NOT NULL, sets TEXT, UNIQUE (assignment_id, place) ) STRICT;
INSERT INTO "assignment_question" VALUES(5,4,1,1,'{"format":1,"title":null,"stem":"","notation":"12 V : R1=4 + R2=2","drawing":null,"plan":null,"names":null,"running":null,"tariff":null,"given":[{"subject":"total","quantity":"voltage"},{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"}],"states":[],"vary":null,"conditions":null,"tasks":[{"id":null,"state":null,"kind":"calculate","cells":[{"subject":"total","quantity":"current","marks":null,"unit":null}],"things":null,"quantity":null,"parts":null,"otherState":null,"factor":null,"reason":null,"first":null,"count":null,"letters":null,"bandsAsked":null,"value":null,"term":null,"prompt":null,"phrases":null,"model":null,"text":null,"gaps":null,"marks":3,"deeper":null},{"id":null,"state":null,"kind":"calculate","cells":[{"subject":"R1","quantity":"voltage","marks":null,"unit":null}],"things":null,"quantity":null,"parts":null,"otherState":null,"factor":null,"reason":null,"first":null,"count":null,"letters":null,"bandsAsked":null,"value":null,"term":null,"prompt":null,"phrases":null,"model":null,"text":null,"gaps":null,"marks":1,"deeper":null},{"id":null,"state":null,"kind":"words","cells":null,"things":null,"quantity":null,"parts":null,"otherState":null,"factor":null,"reason":null,"first":null,"count":null,"letters":null,"bandsAsked":null,"value":null,"term":null,"prompt":"Why?","phrases":[{"says":["same current"],"not":null}],"model":null,"text":null,"gaps":null,"marks":null,"deeper":null}]}',3,5,NULL);
CREATE TABLE classroom (
    id INTEGER PRIMARY KEY,
    teacher_id INTEGER NOT NULL REFERENCES account (id),
    name TEXT NOT NULL,
    created_at INTEGER NOT NULL DEFAULT 0, archived_at INTEGER, style TEXT) STRICT;
INSERT INTO "classroom" VALUES(1,1,'Workshop class',1795851458559,NULL,NULL);
CREATE TABLE classroom_colleague (
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    teacher_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    PRIMARY KEY (classroom_id, teacher_id)
) STRICT, WITHOUT ROWID;
CREATE TABLE classroom_former (
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    left_at INTEGER NOT NULL,
    PRIMARY KEY (classroom_id, learner_id)
) STRICT, WITHOUT ROWID;
CREATE TABLE classroom_learner (
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    PRIMARY KEY (classroom_id, learner_id)
) STRICT, WITHOUT ROWID;
INSERT INTO "classroom_learner" VALUES(1,2);
INSERT INTO "classroom_learner" VALUES(1,3);
INSERT INTO "classroom_learner" VALUES(1,4);
INSERT INTO "classroom_learner" VALUES(1,5);
INSERT INTO "classroom_learner" VALUES(1,6);
INSERT INTO "classroom_learner" VALUES(1,7);
INSERT INTO "classroom_learner" VALUES(1,8);
INSERT INTO "classroom_learner" VALUES(1,9);
CREATE TABLE finding ( submission_id INTEGER NOT NULL REFERENCES submission (id) ON DELETE CASCADE, box TEXT NOT NULL, code TEXT NOT NULL, points INTEGER NOT NULL, detail TEXT, working TEXT, slip TEXT, slips TEXT, amended INTEGER, PRIMARY KEY (submission_id, box) ) STRICT, WITHOUT ROWID;
INSERT INTO "finding" VALUES(7,'1/1.1','RIGHT',3,NULL,'{"amount":"2 A","credits":[{"point":"FORMULA","earned":true,"line":0},{"point":"SUBSTITUTION","earned":true,"line":1},{"point":"ANSWER","earned":true,"line":1}],"unitLost":false,"open":false,"given":null}',NULL,NULL,3);
INSERT INTO "finding" VALUES(7,'1/1.2','RIGHT',1,NULL,NULL,NULL,NULL,NULL);
INSERT INTO "finding" VALUES(7,'1/1.3','RIGHT',1,NULL,NULL,NULL,NULL,NULL);
INSERT INTO "finding" VALUES(8,'1/1.1','WRONG',0,NULL,NULL,NULL,NULL,0);
INSERT INTO "finding" VALUES(8,'1/1.2','FOLLOW_THROUGH',1,'{"from":[{"cell":{"subject":"total","quantity":"current"},"value":3.0}],"law":"OHM","formula":["×",["V","R1","current"],["V","R1","resistance"]],"inputs":[{"cell":{"subject":"R1","quantity":"current"},"value":3},{"cell":{"subject":"R1","quantity":"resistance"},"value":4}]}',NULL,NULL,NULL,NULL);
INSERT INTO "finding" VALUES(8,'1/1.3','RIGHT',1,NULL,NULL,NULL,NULL,NULL);
INSERT INTO "finding" VALUES(9,'1/1.1','WRONG',0,NULL,NULL,NULL,NULL,3);
INSERT INTO "finding" VALUES(9,'1/1.2','BLANK',0,NULL,NULL,NULL,NULL,NULL);
INSERT INTO "finding" VALUES(9,'1/1.3','BLANK',0,NULL,NULL,NULL,NULL,NULL);
CREATE TABLE "flyway_schema_history" (
    "installed_rank" INT NOT NULL PRIMARY KEY,
    "version" VARCHAR(50),
    "description" VARCHAR(200) NOT NULL,
    "type" VARCHAR(20) NOT NULL,
    "script" VARCHAR(1000) NOT NULL,
    "checksum" INT,
    "installed_by" VARCHAR(100) NOT NULL,
    "installed_on" TEXT NOT NULL DEFAULT (strftime('%Y-%m-%d %H:%M:%f','now')),
    "execution_time" INT NOT NULL,
    "success" BOOLEAN NOT NULL
);
INSERT INTO "flyway_schema_history" VALUES(1,'1','school','SQL','V1__school.sql',-2043708188,'','2026-11-28 07:37:36.652',5,1);
INSERT INTO "flyway_schema_history" VALUES(2,'2','shelf','SQL','V2__shelf.sql',293616625,'','2026-11-28 07:37:36.661',0,1);
INSERT INTO "flyway_schema_history" VALUES(3,'3','times in milliseconds','SQL','V3__times_in_milliseconds.sql',-678977884,'','2026-11-28 07:37:36.711',25,1);
INSERT INTO "flyway_schema_history" VALUES(4,'4','FindingsAsCodes','JDBC','didaxis.server.assignment.V4__FindingsAsCodes',NULL,'','2026-11-28 07:37:36.716',1,1);
INSERT INTO "flyway_schema_history" VALUES(5,'5','collected withdrawn drafts','SQL','V5__collected_withdrawn_drafts.sql',-529356318,'','2026-11-28 07:37:36.725',1,1);
INSERT INTO "flyway_schema_history" VALUES(6,'6','people','SQL','V6__people.sql',340198582,'','2026-11-28 07:37:36.734',2,1);
INSERT INTO "flyway_schema_history" VALUES(7,'7','QuestionsInBoxes','JDBC','didaxis.server.assignment.V7__QuestionsInBoxes',NULL,'','2026-11-28 07:37:36.752',14,1);
INSERT INTO "flyway_schema_history" VALUES(8,'8','class styles','SQL','V8__class_styles.sql',-1095665501,'','2026-11-28 07:37:36.763',1,1);
INSERT INTO "flyway_schema_history" VALUES(9,'9','wordings','SQL','V9__wordings.sql',-1874985684,'','2026-11-28 07:37:36.766',0,1);
INSERT INTO "flyway_schema_history" VALUES(10,'10','papers','SQL','V10__papers.sql',-1016239387,'','2026-11-28 07:37:36.780',6,1);
INSERT INTO "flyway_schema_history" VALUES(11,'11','Difficulty','JDBC','didaxis.server.question.V11__Difficulty',NULL,'','2026-11-28 07:37:36.785',2,1);
INSERT INTO "flyway_schema_history" VALUES(12,'12','workings','SQL','V12__workings.sql',-128003655,'','2026-11-28 07:37:36.788',0,1);
INSERT INTO "flyway_schema_history" VALUES(13,'13','slips','SQL','V13__slips.sql',1440147498,'','2026-11-28 07:37:36.797',3,1);
INSERT INTO "flyway_schema_history" VALUES(14,'14','overrides','SQL','V14__overrides.sql',-1361708388,'','2026-11-28 07:37:36.801',0,1);
INSERT INTO "flyway_schema_history" VALUES(15,'15','memo revisions','SQL','V15__memo_revisions.sql',-1499406139,'','2026-11-28 07:37:36.809',1,1);
CREATE TABLE invitation (
    id INTEGER PRIMARY KEY,
    by_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    digest TEXT NOT NULL UNIQUE,
    made_at INTEGER NOT NULL,
    ends_at INTEGER NOT NULL,
    used_by INTEGER REFERENCES account (id) ON DELETE SET NULL
) STRICT;
CREATE TABLE memo_revision (
    id INTEGER PRIMARY KEY,
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    revision INTEGER NOT NULL,
    format INTEGER NOT NULL,
    body TEXT NOT NULL,
    correction TEXT NOT NULL,
    reason TEXT NOT NULL,
    by_id INTEGER NOT NULL REFERENCES account (id),
    at INTEGER NOT NULL,
    UNIQUE (assignment_id, revision)
) STRICT;
INSERT INTO "memo_revision" VALUES(1,4,1,1,'{"questions":{},"boxes":{"1/1.1":{"amendment":{"fate":"COUNTS","accepted":[{"text":"1.9 A","points":3}]},"revision":1}}}','{"kind":"accept","boxes":["1/1.1"],"text":"1.9 A","points":3,"marks":null,"question":null,"thing":null,"value":null,"was":null}','the meter',1,1795851461891);
CREATE TABLE override (
    id INTEGER PRIMARY KEY,
    submission_id INTEGER NOT NULL REFERENCES submission (id) ON DELETE CASCADE,
    box TEXT NOT NULL,
    points INTEGER,
    reason TEXT NOT NULL,
    by_id INTEGER NOT NULL REFERENCES account (id),
    at INTEGER NOT NULL
) STRICT;
INSERT INTO "override" VALUES(1,8,'1/1.1',1,'nearly',1,1795851461731);
CREATE TABLE paper (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    title TEXT NOT NULL,
    layout TEXT NOT NULL,
    revision INTEGER NOT NULL,
    updated_at INTEGER NOT NULL,
    removed_at INTEGER
) STRICT;
CREATE TABLE paper_question (
    paper_id INTEGER NOT NULL REFERENCES paper (id) ON DELETE CASCADE,
    place INTEGER NOT NULL,
    question_id INTEGER NOT NULL REFERENCES question (id),
    PRIMARY KEY (paper_id, place)
) STRICT, WITHOUT ROWID;
CREATE TABLE paper_revision (
    paper_id INTEGER NOT NULL REFERENCES paper (id) ON DELETE CASCADE,
    revision INTEGER NOT NULL,
    title TEXT NOT NULL,
    layout TEXT NOT NULL,
    questions TEXT NOT NULL,
    at INTEGER NOT NULL,
    PRIMARY KEY (paper_id, revision)
) STRICT, WITHOUT ROWID;
CREATE TABLE question ( id INTEGER PRIMARY KEY, owner_id INTEGER NOT NULL REFERENCES account (id), title TEXT NOT NULL, format INTEGER NOT NULL, body TEXT NOT NULL, boxes INTEGER NOT NULL, marks INTEGER NOT NULL, updated_at INTEGER NOT NULL, removed_at INTEGER , revision INTEGER NOT NULL DEFAULT 1, difficulty TEXT NOT NULL DEFAULT 'middling'
CHECK (difficulty IN ('easy', 'middling', 'demanding'))) STRICT;
CREATE TABLE question_draft ( id INTEGER PRIMARY KEY, owner_id INTEGER NOT NULL REFERENCES account (id), question_id INTEGER REFERENCES question (id), body TEXT NOT NULL, revision INTEGER NOT NULL, updated_at INTEGER NOT NULL, removed_at INTEGER ) STRICT;
CREATE TABLE question_revision (
    question_id INTEGER NOT NULL REFERENCES question (id) ON DELETE CASCADE,
    revision INTEGER NOT NULL,
    title TEXT NOT NULL,
    format INTEGER NOT NULL,
    body TEXT NOT NULL,
    at INTEGER NOT NULL,
    PRIMARY KEY (question_id, revision)
) STRICT, WITHOUT ROWID;
CREATE TABLE sheet ( id INTEGER PRIMARY KEY, assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE, learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE, answers TEXT NOT NULL, revision INTEGER NOT NULL, kept_at INTEGER, UNIQUE (assignment_id, learner_id) ) STRICT;
INSERT INTO "sheet" VALUES(8,4,2,'[]',0,NULL);
INSERT INTO "sheet" VALUES(9,4,3,'[]',0,NULL);
INSERT INTO "sheet" VALUES(10,4,4,'[]',0,NULL);
INSERT INTO "sheet" VALUES(11,4,5,'[{"box":"1/1.1","text":"2"}]',1,1795851461604);
CREATE TABLE shelf_circuit (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    name TEXT NOT NULL,
    notation TEXT NOT NULL,
    updated_at INTEGER NOT NULL DEFAULT 0, removed_at INTEGER) STRICT;
CREATE TABLE submission ( id INTEGER PRIMARY KEY, sheet_id INTEGER NOT NULL UNIQUE REFERENCES sheet (id) ON DELETE CASCADE, answers TEXT NOT NULL, marks INTEGER NOT NULL, sent_at INTEGER NOT NULL, collected INTEGER NOT NULL , keyed INTEGER NOT NULL DEFAULT 0, memo_revision INTEGER NOT NULL DEFAULT 0, remarked_at INTEGER) STRICT;
INSERT INTO "submission" VALUES(7,8,'[{"box":"1/1.1","text":"I = V/R\n= 12/6 = 2 A"},{"box":"1/1.2","text":"8 V"},{"box":"1/1.3","text":"series"}]',5,1795851461174,0,0,1,NULL);
INSERT INTO "submission" VALUES(8,9,'[{"box":"1/1.1","text":"3 A"},{"box":"1/1.2","text":"12 V"},{"box":"1/1.3","text":"same current"}]',3,1795851461338,0,0,1,NULL);
INSERT INTO "submission" VALUES(9,10,'[{"box":"1/1.1","text":"1.9 A"},{"box":"1/1.2","text":""},{"box":"1/1.3","text":""}]',3,1795851461486,0,0,1,1795851461945);
CREATE TABLE wording (
    id INTEGER PRIMARY KEY,
    task TEXT NOT NULL,
    normalised TEXT NOT NULL,
    points INTEGER,
    by_id INTEGER NOT NULL REFERENCES account (id),
    at INTEGER NOT NULL
) STRICT;
INSERT INTO "wording" VALUES(1,'73489dbee83f581d87d2ea8145f61ad12e8201ee9a989a701553c1200f673132','series',1,1,1795851461795);
CREATE INDEX "flyway_schema_history_s_idx" ON "flyway_schema_history" ("success");
CREATE INDEX classroom_teacher ON classroom (teacher_id);
CREATE INDEX classroom_learner_learner ON classroom_learner (learner_id);
CREATE INDEX shelf_circuit_owner ON shelf_circuit (owner_id);
CREATE INDEX classroom_colleague_teacher ON classroom_colleague (teacher_id);
CREATE VIEW teaches AS
    SELECT id AS classroom_id, teacher_id FROM classroom
    UNION ALL SELECT classroom_id, teacher_id FROM classroom_colleague;
CREATE INDEX classroom_former_learner ON classroom_former (learner_id);
CREATE INDEX question_owner ON question (owner_id);
CREATE INDEX question_draft_owner ON question_draft (owner_id);
CREATE UNIQUE INDEX question_draft_question ON question_draft (owner_id, question_id) WHERE question_id IS NOT NULL AND removed_at IS NULL;
CREATE INDEX assignment_classroom ON assignment (classroom_id);
CREATE INDEX sheet_learner ON sheet (learner_id);
CREATE INDEX wording_task ON wording (task, normalised);
CREATE INDEX paper_owner ON paper (owner_id);
CREATE INDEX paper_question_question ON paper_question (question_id);
CREATE INDEX override_of ON override (submission_id, box, id);
COMMIT;
