PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE IF NOT EXISTS "flyway_schema_history" (
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
INSERT INTO flyway_schema_history VALUES(1,'1','school','SQL','V1__school.sql',-2043708188,'','2026-11-26 23:12:48.647',9,1);
INSERT INTO flyway_schema_history VALUES(2,'2','shelf','SQL','V2__shelf.sql',293616625,'','2026-11-26 23:12:48.657',0,1);
INSERT INTO flyway_schema_history VALUES(3,'3','times in milliseconds','SQL','V3__times_in_milliseconds.sql',-678977884,'','2026-11-26 23:12:48.704',27,1);
INSERT INTO flyway_schema_history VALUES(4,'4','FindingsAsCodes','JDBC','didaxis.server.assignment.V4__FindingsAsCodes',NULL,'','2026-11-26 23:12:48.713',1,1);
INSERT INTO flyway_schema_history VALUES(5,'5','collected withdrawn drafts','SQL','V5__collected_withdrawn_drafts.sql',-529356318,'','2026-11-26 23:12:48.722',1,1);
INSERT INTO flyway_schema_history VALUES(6,'6','people','SQL','V6__people.sql',340198582,'','2026-11-26 23:12:48.735',1,1);
CREATE TABLE account (
    id INTEGER PRIMARY KEY,
    username TEXT NOT NULL UNIQUE COLLATE NOCASE,
    display_name TEXT NOT NULL,
    role TEXT NOT NULL CHECK (role IN ('teacher', 'learner')),
    password_hash TEXT NOT NULL,
    created_at INTEGER NOT NULL DEFAULT 0) STRICT;
INSERT INTO account VALUES(1,'teacher','M. Thorne','teacher','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771646);
INSERT INTO account VALUES(2,'learner1','A. Alder','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771665);
INSERT INTO account VALUES(3,'learner2','B. Birch','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771667);
INSERT INTO account VALUES(4,'learner3','C. Cedar','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771668);
INSERT INTO account VALUES(5,'learner4','D. Dogwood','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771668);
INSERT INTO account VALUES(6,'learner5','E. Elm','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771668);
INSERT INTO account VALUES(7,'learner6','F. Fir','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771669);
INSERT INTO account VALUES(8,'learner7','H. Hazel','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771669);
INSERT INTO account VALUES(9,'learner8','J. Juniper','learner','$2a$10$8P5HWzCPRBPBBY9NYI/O.um3ffK.8AKSvuHH6F1RBRHKN71n3Iemy',1795734771669);
CREATE TABLE classroom (
    id INTEGER PRIMARY KEY,
    teacher_id INTEGER NOT NULL REFERENCES account (id),
    name TEXT NOT NULL,
    created_at INTEGER NOT NULL DEFAULT 0, archived_at INTEGER) STRICT;
INSERT INTO classroom VALUES(1,1,'Workshop class',1795734771661,NULL);
CREATE TABLE classroom_learner (
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    PRIMARY KEY (classroom_id, learner_id)
) STRICT, WITHOUT ROWID;
INSERT INTO classroom_learner VALUES(1,2);
INSERT INTO classroom_learner VALUES(1,3);
INSERT INTO classroom_learner VALUES(1,4);
INSERT INTO classroom_learner VALUES(1,5);
INSERT INTO classroom_learner VALUES(1,6);
INSERT INTO classroom_learner VALUES(1,7);
INSERT INTO classroom_learner VALUES(1,8);
INSERT INTO classroom_learner VALUES(1,9);
CREATE TABLE question (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    title TEXT NOT NULL,
    notation TEXT NOT NULL,
    given TEXT NOT NULL,
    asked TEXT NOT NULL,
    updated_at INTEGER NOT NULL DEFAULT 0, removed_at INTEGER) STRICT;
INSERT INTO question VALUES(1,1,'Beacon lamps in a row','12 V : L1=8 + L2=4 + L3=12','[{"subject":"L1","quantity":"resistance"},{"subject":"L2","quantity":"resistance"},{"subject":"L3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1},{"cell":{"subject":"L1","quantity":"voltage"},"marks":1},{"cell":{"subject":"L2","quantity":"voltage"},"marks":1},{"cell":{"subject":"L3","quantity":"voltage"},"marks":1}]',1795734771958,NULL);
INSERT INTO question VALUES(2,1,'Sensor de-icer and radio','24 V : H1=48 || R2=120 || R3=80','[{"subject":"H1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"H1","quantity":"current"},"marks":1},{"cell":{"subject":"R2","quantity":"current"},"marks":1},{"cell":{"subject":"R3","quantity":"current"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1}]',1795734771963,NULL);
INSERT INTO question VALUES(3,1,'Boot dryer','16 V : R1=5 + (R2=12 || R3=4)','[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"R23","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1},{"cell":{"subject":"R1","quantity":"voltage"},"marks":1},{"cell":{"subject":"R2","quantity":"voltage"},"marks":1},{"cell":{"subject":"R2","quantity":"current"},"marks":1},{"cell":{"subject":"R3","quantity":"current"},"marks":1},{"cell":{"subject":"R3","quantity":"power"},"marks":1}]',1795734771964,NULL);
INSERT INTO question VALUES(4,1,'Hut and weather station','24 V r=0.4 : R1=3.6 + (R2=24 || (R3=6 + (R4=20 || R5=5)))','[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},{"subject":"R4","quantity":"resistance"},{"subject":"R5","quantity":"resistance"},{"subject":"internal","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"R45","quantity":"resistance"},"marks":1},{"cell":{"subject":"R345","quantity":"resistance"},"marks":1},{"cell":{"subject":"R2345","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1},{"cell":{"subject":"external","quantity":"voltage"},"marks":1},{"cell":{"subject":"R2","quantity":"voltage"},"marks":1},{"cell":{"subject":"R3","quantity":"current"},"marks":1},{"cell":{"subject":"R5","quantity":"power"},"marks":1}]',1795734771965,NULL);
CREATE TABLE assignment (
    id INTEGER PRIMARY KEY,
    classroom_id INTEGER NOT NULL REFERENCES classroom (id) ON DELETE CASCADE,
    question_id INTEGER REFERENCES question (id),
    title TEXT NOT NULL,
    notation TEXT NOT NULL,
    given TEXT NOT NULL,
    asked TEXT NOT NULL,
    handed_out_at INTEGER NOT NULL DEFAULT 0, due_at INTEGER NOT NULL DEFAULT 0, released_at INTEGER, withdrawn_at INTEGER) STRICT;
INSERT INTO assignment VALUES(1,1,3,'Boot dryer','16 V : R1=5 + (R2=12 || R3=4)','[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"R23","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1},{"cell":{"subject":"R1","quantity":"voltage"},"marks":1},{"cell":{"subject":"R2","quantity":"voltage"},"marks":1},{"cell":{"subject":"R2","quantity":"current"},"marks":1},{"cell":{"subject":"R3","quantity":"current"},"marks":1},{"cell":{"subject":"R3","quantity":"power"},"marks":1}]',1795734771966,1795881600000,NULL,NULL);
INSERT INTO assignment VALUES(2,1,2,'Sensor de-icer and radio','24 V : H1=48 || R2=120 || R3=80','[{"subject":"H1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"H1","quantity":"current"},"marks":1},{"cell":{"subject":"R2","quantity":"current"},"marks":1},{"cell":{"subject":"R3","quantity":"current"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1}]',1795734771966,1796227200000,NULL,NULL);
INSERT INTO assignment VALUES(3,1,4,'Hut and weather station','24 V r=0.4 : R1=3.6 + (R2=24 || (R3=6 + (R4=20 || R5=5)))','[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"R3","quantity":"resistance"},{"subject":"R4","quantity":"resistance"},{"subject":"R5","quantity":"resistance"},{"subject":"internal","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"R45","quantity":"resistance"},"marks":1},{"cell":{"subject":"R345","quantity":"resistance"},"marks":1},{"cell":{"subject":"R2345","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1},{"cell":{"subject":"external","quantity":"voltage"},"marks":1},{"cell":{"subject":"R2","quantity":"voltage"},"marks":1},{"cell":{"subject":"R3","quantity":"current"},"marks":1},{"cell":{"subject":"R5","quantity":"power"},"marks":1}]',1795734790711,1811851200000,1795734791226,NULL);
INSERT INTO assignment VALUES(4,1,1,'Beacon lamps in a row','12 V : L1=8 + L2=4 + L3=12','[{"subject":"L1","quantity":"resistance"},{"subject":"L2","quantity":"resistance"},{"subject":"L3","quantity":"resistance"},{"subject":"total","quantity":"voltage"}]','[{"cell":{"subject":"total","quantity":"resistance"},"marks":1},{"cell":{"subject":"total","quantity":"current"},"marks":1},{"cell":{"subject":"L1","quantity":"voltage"},"marks":1},{"cell":{"subject":"L2","quantity":"voltage"},"marks":1},{"cell":{"subject":"L3","quantity":"voltage"},"marks":1}]',1795734790753,1811851200000,NULL,1795734790775);
CREATE TABLE draft (
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    answers TEXT NOT NULL,
    revision INTEGER NOT NULL,
    kept_at INTEGER NOT NULL DEFAULT 0,
    PRIMARY KEY (assignment_id, learner_id)
) STRICT, WITHOUT ROWID;
INSERT INTO draft VALUES(1,8,'[{"cell":{"subject":"R23","quantity":"resistance"},"text":"3"},{"cell":{"subject":"total","quantity":"resistance"},"text":"8"}]',1,1795734772215);
INSERT INTO draft VALUES(2,2,'[{"cell":{"subject":"total","quantity":"resistance"},"text":"24"},{"cell":{"subject":"H1","quantity":"current"},"text":"0,5 A"}]',1,1795734790924);
INSERT INTO draft VALUES(3,2,'[{"cell":{"subject":"R45","quantity":"resistance"},"text":"5"},{"cell":{"subject":"R345","quantity":"resistance"},"text":"11"},{"cell":{"subject":"total","quantity":"current"},"text":""}]',1,1795734790950);
INSERT INTO draft VALUES(3,3,'[{"cell":{"subject":"R45","quantity":"resistance"},"text":"4"}]',1,1795734791077);
CREATE TABLE submission (
    id INTEGER PRIMARY KEY,
    assignment_id INTEGER NOT NULL REFERENCES assignment (id) ON DELETE CASCADE,
    learner_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    answers TEXT NOT NULL,
    findings TEXT NOT NULL,
    marks INTEGER NOT NULL,
    sent_at INTEGER NOT NULL DEFAULT 0, collected INTEGER NOT NULL DEFAULT 0,
    UNIQUE (assignment_id, learner_id)
) STRICT;
INSERT INTO submission VALUES(1,1,2,'[{"cell":{"subject":"R23","quantity":"resistance"},"text":"3"},{"cell":{"subject":"total","quantity":"resistance"},"text":"8"},{"cell":{"subject":"total","quantity":"current"},"text":"2 A"},{"cell":{"subject":"R1","quantity":"voltage"},"text":"10 V"},{"cell":{"subject":"R2","quantity":"voltage"},"text":"6 V"},{"cell":{"subject":"R2","quantity":"current"},"text":"0.5"},{"cell":{"subject":"R3","quantity":"current"},"text":"1.5 A"},{"cell":{"subject":"R3","quantity":"power"},"text":"9 W"}]','[{"cell":{"subject":"R23","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R3","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"total","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R1","quantity":"voltage"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"voltage"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R3","quantity":"power"},"code":"RIGHT","derivation":null}]',8,1795734772039,0);
INSERT INTO submission VALUES(2,1,3,'[{"cell":{"subject":"R23","quantity":"resistance"},"text":"3 ohm"},{"cell":{"subject":"total","quantity":"resistance"},"text":"8 Ω"},{"cell":{"subject":"total","quantity":"current"},"text":"2000 mA"},{"cell":{"subject":"R1","quantity":"voltage"},"text":"10"},{"cell":{"subject":"R2","quantity":"voltage"},"text":"6"},{"cell":{"subject":"R2","quantity":"current"},"text":"500 mA"},{"cell":{"subject":"R3","quantity":"current"},"text":"1,5"},{"cell":{"subject":"R3","quantity":"power"},"text":"9.0"}]','[{"cell":{"subject":"R23","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R3","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"total","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R1","quantity":"voltage"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"voltage"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R3","quantity":"power"},"code":"RIGHT","derivation":null}]',8,1795734772068,0);
INSERT INTO submission VALUES(3,1,4,'[{"cell":{"subject":"R23","quantity":"resistance"},"text":"0.333"},{"cell":{"subject":"total","quantity":"resistance"},"text":"5.33"},{"cell":{"subject":"total","quantity":"current"},"text":"3.00"},{"cell":{"subject":"R1","quantity":"voltage"},"text":"15.0"},{"cell":{"subject":"R2","quantity":"voltage"},"text":"1.0"},{"cell":{"subject":"R2","quantity":"current"},"text":"0.0833"},{"cell":{"subject":"R3","quantity":"current"},"text":"0.25"},{"cell":{"subject":"R3","quantity":"power"},"text":"0.25"}]','[{"cell":{"subject":"R23","quantity":"resistance"},"code":"WRONG","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333}],"law":"SERIES_RESISTANCE","formula":["+",["V","R1","resistance"],["V","R23","resistance"]],"inputs":[{"cell":{"subject":"R1","quantity":"resistance"},"value":5},{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333}]}},{"cell":{"subject":"R2","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333},{"cell":{"subject":"total","quantity":"resistance"},"value":5.33}],"law":"CURRENT_DIVIDER","formula":["/",["×",["V","R23","current"],["V","R23","resistance"]],["V","R2","resistance"]],"inputs":[{"cell":{"subject":"R23","quantity":"current"},"value":3.002},{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333},{"cell":{"subject":"R2","quantity":"resistance"},"value":12}]}},{"cell":{"subject":"R3","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333},{"cell":{"subject":"total","quantity":"resistance"},"value":5.33}],"law":"CURRENT_DIVIDER","formula":["/",["×",["V","R23","current"],["V","R23","resistance"]],["V","R3","resistance"]],"inputs":[{"cell":{"subject":"R23","quantity":"current"},"value":3.00},{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333},{"cell":{"subject":"R3","quantity":"resistance"},"value":4}]}},{"cell":{"subject":"total","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"total","quantity":"resistance"},"value":5.33}],"law":"OHM","formula":["/",["V","total","voltage"],["V","total","resistance"]],"inputs":[{"cell":{"subject":"total","quantity":"voltage"},"value":16},{"cell":{"subject":"total","quantity":"resistance"},"value":5.33}]}},{"cell":{"subject":"R1","quantity":"voltage"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"total","quantity":"resistance"},"value":5.33}],"law":"VOLTAGE_DIVIDER","formula":["/",["×",["V","total","voltage"],["V","R1","resistance"]],["V","total","resistance"]],"inputs":[{"cell":{"subject":"total","quantity":"voltage"},"value":16},{"cell":{"subject":"R1","quantity":"resistance"},"value":5},{"cell":{"subject":"total","quantity":"resistance"},"value":5.33}]}},{"cell":{"subject":"R2","quantity":"voltage"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333},{"cell":{"subject":"total","quantity":"resistance"},"value":5.33}],"law":"SAME_VOLTAGE","formula":["V","R23","voltage"],"inputs":[{"cell":{"subject":"R23","quantity":"voltage"},"value":1.00}]}},{"cell":{"subject":"R3","quantity":"power"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":0.333},{"cell":{"subject":"total","quantity":"current"},"value":3.0}],"law":"POWER","formula":["/",["²",["V","R3","voltage"]],["V","R3","resistance"]],"inputs":[{"cell":{"subject":"R3","quantity":"voltage"},"value":0.999},{"cell":{"subject":"R3","quantity":"resistance"},"value":4}]}}]',7,1795734772142,0);
INSERT INTO submission VALUES(4,1,5,'[{"cell":{"subject":"R23","quantity":"resistance"},"text":"16"},{"cell":{"subject":"total","quantity":"resistance"},"text":"21"},{"cell":{"subject":"total","quantity":"current"},"text":"0.762"},{"cell":{"subject":"R1","quantity":"voltage"},"text":"3.81"},{"cell":{"subject":"R2","quantity":"voltage"},"text":"12.2"},{"cell":{"subject":"R2","quantity":"current"},"text":"1.02"},{"cell":{"subject":"R3","quantity":"current"},"text":"3.05"},{"cell":{"subject":"R3","quantity":"power"},"text":"37.2"}]','[{"cell":{"subject":"R23","quantity":"resistance"},"code":"WRONG","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":16.0}],"law":"SERIES_RESISTANCE","formula":["+",["V","R1","resistance"],["V","R23","resistance"]],"inputs":[{"cell":{"subject":"R1","quantity":"resistance"},"value":5},{"cell":{"subject":"R23","quantity":"resistance"},"value":16}]}},{"cell":{"subject":"R2","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":16.0},{"cell":{"subject":"total","quantity":"resistance"},"value":21.0}],"law":"CURRENT_DIVIDER","formula":["/",["×",["V","R23","current"],["V","R23","resistance"]],["V","R2","resistance"]],"inputs":[{"cell":{"subject":"R23","quantity":"current"},"value":0.7619},{"cell":{"subject":"R23","quantity":"resistance"},"value":16},{"cell":{"subject":"R2","quantity":"resistance"},"value":12}]}},{"cell":{"subject":"R3","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":16.0},{"cell":{"subject":"total","quantity":"resistance"},"value":21.0}],"law":"CURRENT_DIVIDER","formula":["/",["×",["V","R23","current"],["V","R23","resistance"]],["V","R3","resistance"]],"inputs":[{"cell":{"subject":"R23","quantity":"current"},"value":0.7619},{"cell":{"subject":"R23","quantity":"resistance"},"value":16},{"cell":{"subject":"R3","quantity":"resistance"},"value":4}]}},{"cell":{"subject":"total","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"total","quantity":"resistance"},"value":21.0}],"law":"OHM","formula":["/",["V","total","voltage"],["V","total","resistance"]],"inputs":[{"cell":{"subject":"total","quantity":"voltage"},"value":16},{"cell":{"subject":"total","quantity":"resistance"},"value":21}]}},{"cell":{"subject":"R1","quantity":"voltage"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"total","quantity":"resistance"},"value":21.0}],"law":"VOLTAGE_DIVIDER","formula":["/",["×",["V","total","voltage"],["V","R1","resistance"]],["V","total","resistance"]],"inputs":[{"cell":{"subject":"total","quantity":"voltage"},"value":16},{"cell":{"subject":"R1","quantity":"resistance"},"value":5},{"cell":{"subject":"total","quantity":"resistance"},"value":21}]}},{"cell":{"subject":"R2","quantity":"voltage"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":16.0},{"cell":{"subject":"total","quantity":"resistance"},"value":21.0}],"law":"SAME_VOLTAGE","formula":["V","R23","voltage"],"inputs":[{"cell":{"subject":"R23","quantity":"voltage"},"value":12.19}]}},{"cell":{"subject":"R3","quantity":"power"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R23","quantity":"resistance"},"value":16.0},{"cell":{"subject":"total","quantity":"current"},"value":0.762}],"law":"POWER","formula":["/",["²",["V","R3","voltage"]],["V","R3","resistance"]],"inputs":[{"cell":{"subject":"R3","quantity":"voltage"},"value":12.192},{"cell":{"subject":"R3","quantity":"resistance"},"value":4}]}}]',7,1795734772182,0);
INSERT INTO submission VALUES(5,1,6,'[{"cell":{"subject":"R23","quantity":"resistance"},"text":"3"},{"cell":{"subject":"total","quantity":"resistance"},"text":"8"},{"cell":{"subject":"total","quantity":"current"},"text":"2"},{"cell":{"subject":"R1","quantity":"voltage"},"text":"10"},{"cell":{"subject":"R2","quantity":"voltage"},"text":"6"},{"cell":{"subject":"R2","quantity":"current"},"text":"1"},{"cell":{"subject":"R3","quantity":"current"},"text":"1"},{"cell":{"subject":"R3","quantity":"power"},"text":"4"}]','[{"cell":{"subject":"R23","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"current"},"code":"WRONG","derivation":null},{"cell":{"subject":"R3","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R2","quantity":"current"},"value":1.0}],"law":"CURRENT_SUM","formula":["−",["V","R23","current"],["V","R2","current"]],"inputs":[{"cell":{"subject":"R23","quantity":"current"},"value":2},{"cell":{"subject":"R2","quantity":"current"},"value":1}]}},{"cell":{"subject":"total","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R1","quantity":"voltage"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"voltage"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R3","quantity":"power"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R3","quantity":"current"},"value":1.0}],"law":"POWER","formula":["×",["²",["V","R3","current"]],["V","R3","resistance"]],"inputs":[{"cell":{"subject":"R3","quantity":"current"},"value":1},{"cell":{"subject":"R3","quantity":"resistance"},"value":4}]}}]',7,1795734772193,0);
INSERT INTO submission VALUES(6,1,7,'[{"cell":{"subject":"R23","quantity":"resistance"},"text":"3"},{"cell":{"subject":"total","quantity":"resistance"},"text":"8"},{"cell":{"subject":"total","quantity":"current"},"text":"2"},{"cell":{"subject":"R1","quantity":"voltage"},"text":"10"},{"cell":{"subject":"R2","quantity":"voltage"},"text":"about six"},{"cell":{"subject":"R2","quantity":"current"},"text":"1.5"},{"cell":{"subject":"R3","quantity":"current"},"text":"0.5"},{"cell":{"subject":"R3","quantity":"power"},"text":""}]','[{"cell":{"subject":"R23","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"current"},"code":"WRONG","derivation":null},{"cell":{"subject":"R3","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R2","quantity":"current"},"value":1.5}],"law":"CURRENT_SUM","formula":["−",["V","R23","current"],["V","R2","current"]],"inputs":[{"cell":{"subject":"R23","quantity":"current"},"value":2},{"cell":{"subject":"R2","quantity":"current"},"value":1.5}]}},{"cell":{"subject":"total","quantity":"current"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R1","quantity":"voltage"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2","quantity":"voltage"},"code":"UNREADABLE","derivation":null},{"cell":{"subject":"R3","quantity":"power"},"code":"BLANK","derivation":null}]',5,1795734772214,0);
INSERT INTO submission VALUES(7,3,3,'[{"cell":{"subject":"R45","quantity":"resistance"},"text":"4"},{"cell":{"subject":"R345","quantity":"resistance"},"text":"10"},{"cell":{"subject":"R2345","quantity":"resistance"},"text":"34"},{"cell":{"subject":"total","quantity":"resistance"},"text":"38"},{"cell":{"subject":"total","quantity":"current"},"text":"632 mA"}]','[{"cell":{"subject":"R45","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R345","quantity":"resistance"},"code":"RIGHT","derivation":null},{"cell":{"subject":"R2345","quantity":"resistance"},"code":"WRONG","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R2345","quantity":"resistance"},"value":34.0}],"law":"SERIES_RESISTANCE","formula":["+",["V","external","resistance"],["V","internal","resistance"]],"inputs":[{"cell":{"subject":"external","quantity":"resistance"},"value":37.6},{"cell":{"subject":"internal","quantity":"resistance"},"value":0.4}]}},{"cell":{"subject":"R3","quantity":"current"},"code":"BLANK","derivation":null},{"cell":{"subject":"total","quantity":"current"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"total","quantity":"resistance"},"value":38.0}],"law":"OHM","formula":["/",["V","total","voltage"],["V","total","resistance"]],"inputs":[{"cell":{"subject":"total","quantity":"voltage"},"value":24},{"cell":{"subject":"total","quantity":"resistance"},"value":38}]}},{"cell":{"subject":"R2","quantity":"voltage"},"code":"BLANK","derivation":null},{"cell":{"subject":"external","quantity":"voltage"},"code":"BLANK","derivation":null},{"cell":{"subject":"R5","quantity":"power"},"code":"BLANK","derivation":null}]',4,1795734791134,0);
INSERT INTO submission VALUES(8,3,2,'[{"cell":{"subject":"R45","quantity":"resistance"},"text":"5"},{"cell":{"subject":"R345","quantity":"resistance"},"text":"11"},{"cell":{"subject":"total","quantity":"current"},"text":""}]','[{"cell":{"subject":"R45","quantity":"resistance"},"code":"WRONG","derivation":null},{"cell":{"subject":"R345","quantity":"resistance"},"code":"FOLLOW_THROUGH","derivation":{"from":[{"cell":{"subject":"R45","quantity":"resistance"},"value":5.0}],"law":"SERIES_RESISTANCE","formula":["+",["V","R3","resistance"],["V","R45","resistance"]],"inputs":[{"cell":{"subject":"R3","quantity":"resistance"},"value":6},{"cell":{"subject":"R45","quantity":"resistance"},"value":5}]}},{"cell":{"subject":"R2345","quantity":"resistance"},"code":"BLANK","derivation":null},{"cell":{"subject":"total","quantity":"resistance"},"code":"BLANK","derivation":null},{"cell":{"subject":"R3","quantity":"current"},"code":"BLANK","derivation":null},{"cell":{"subject":"total","quantity":"current"},"code":"BLANK","derivation":null},{"cell":{"subject":"R2","quantity":"voltage"},"code":"BLANK","derivation":null},{"cell":{"subject":"external","quantity":"voltage"},"code":"BLANK","derivation":null},{"cell":{"subject":"R5","quantity":"power"},"code":"BLANK","derivation":null}]',1,1795734791226,1);
CREATE TABLE shelf_circuit (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    name TEXT NOT NULL,
    notation TEXT NOT NULL,
    updated_at INTEGER NOT NULL DEFAULT 0, removed_at INTEGER) STRICT;
INSERT INTO shelf_circuit VALUES(1,1,'Radio with its meters','9 V r=0.5 : A1 + S1 + V1[L1=6{6 V, 3 W}] + .B + (R2=4k7 || (A2 + R3=2.2k))',1795734772220,NULL);
INSERT INTO shelf_circuit VALUES(2,1,'Four beacons on the bank','12 V : L1=6 || L2=12 || L3=12 || L4=4',1795734772220,NULL);
INSERT INTO shelf_circuit VALUES(3,1,'Boot dryer with a switch','24 V r=0.4 : F1=5A + H1=4 + (H2=12 || (S1=open + H3=6))',1795734772220,NULL);
CREATE TABLE question_draft (
    id INTEGER PRIMARY KEY,
    owner_id INTEGER NOT NULL REFERENCES account (id),
    question_id INTEGER REFERENCES question (id),
    body TEXT NOT NULL,
    revision INTEGER NOT NULL,
    updated_at INTEGER NOT NULL,
    removed_at INTEGER
) STRICT;
INSERT INTO question_draft VALUES(1,1,NULL,'{"now":{"notation":"9 V : R1=3 + R2=6","style":"ridge","uses":{"given":[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"total","quantity":"voltage"}],"asked":[{"cell":{"subject":"R1","quantity":"current"},"marks":2},{"cell":{"subject":"R2","quantity":"voltage"},"marks":1}],"known":["R1","R2","total"]}},"past":[{"notation":"9 V : R1=3 + R2=6","style":null,"uses":null}],"future":[{"notation":"9 V : R1=3 + R2=6 + R3=9","style":"ridge","uses":{"given":[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"total","quantity":"voltage"}],"asked":[{"cell":{"subject":"R1","quantity":"current"},"marks":2},{"cell":{"subject":"R2","quantity":"voltage"},"marks":1}],"known":["R1","R2","total"]}}]}',1,1795734790620,NULL);
INSERT INTO question_draft VALUES(2,1,1,'{"now":{"notation":"9 V : R1=3 + R2=6 + R3=9","style":"ridge","uses":{"given":[{"subject":"R1","quantity":"resistance"},{"subject":"R2","quantity":"resistance"},{"subject":"total","quantity":"voltage"}],"asked":[{"cell":{"subject":"R1","quantity":"current"},"marks":2},{"cell":{"subject":"R2","quantity":"voltage"},"marks":1}],"known":["R1","R2","total"]}},"past":[],"future":[]}',1,1795734790660,NULL);
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
CREATE TABLE invitation (
    id INTEGER PRIMARY KEY,
    by_id INTEGER NOT NULL REFERENCES account (id) ON DELETE CASCADE,
    digest TEXT NOT NULL UNIQUE,
    made_at INTEGER NOT NULL,
    ends_at INTEGER NOT NULL,
    used_by INTEGER REFERENCES account (id) ON DELETE SET NULL
) STRICT;
CREATE INDEX "flyway_schema_history_s_idx" ON "flyway_schema_history" ("success");
CREATE INDEX classroom_teacher ON classroom (teacher_id);
CREATE INDEX classroom_learner_learner ON classroom_learner (learner_id);
CREATE INDEX question_owner ON question (owner_id);
CREATE INDEX assignment_classroom ON assignment (classroom_id);
CREATE INDEX shelf_circuit_owner ON shelf_circuit (owner_id);
CREATE INDEX question_draft_owner ON question_draft (owner_id);
CREATE UNIQUE INDEX question_draft_question ON question_draft (owner_id, question_id)
    WHERE question_id IS NOT NULL AND removed_at IS NULL;
CREATE INDEX classroom_colleague_teacher ON classroom_colleague (teacher_id);
CREATE VIEW teaches AS
    SELECT id AS classroom_id, teacher_id FROM classroom
    UNION ALL SELECT classroom_id, teacher_id FROM classroom_colleague;
CREATE INDEX classroom_former_learner ON classroom_former (learner_id);
COMMIT;
