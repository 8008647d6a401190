#!/usr/bin/env bash
# Start to ready (health answers 200), in turns: an empty web application of the same stack, and ./didaxis demo on a
# school that is there already. Prints milliseconds; needs curl. Usage: benchmarks/start.sh [ROUNDS]
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
work=benchmarks/target/start
boot=$(sed -n 's:.*<version>\(4\.[0-9.]*\)</version>.*:\1:p' pom.xml | head -1)
mkdir -p "$work/empty/src/main/java/empty"
cat >"$work/empty/pom.xml" <<XML
<project xmlns="http://maven.apache.org/POM/4.0.0">
  <modelVersion>4.0.0</modelVersion>
  <parent>
    <groupId>org.springframework.boot</groupId>
    <artifactId>spring-boot-starter-parent</artifactId>
    <version>$boot</version>
  </parent>
  <groupId>empty</groupId>
  <artifactId>empty</artifactId>
  <version>1</version>
  <properties><java.version>17</java.version></properties>
  <dependencies>
    <dependency>
      <groupId>org.springframework.boot</groupId>
      <artifactId>spring-boot-starter-webmvc</artifactId>
    </dependency>
    <dependency>
      <groupId>org.springframework.boot</groupId>
      <artifactId>spring-boot-starter-actuator</artifactId>
    </dependency>
  </dependencies>
  <build>
    <plugins>
      <plugin>
        <groupId>org.springframework.boot</groupId>
        <artifactId>spring-boot-maven-plugin</artifactId>
      </plugin>
    </plugins>
  </build>
</project>
XML
cat >"$work/empty/src/main/java/empty/Main.java" <<'JAVA'
package empty;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

@SpringBootApplication
public class Main {
    public static void main(String[] arguments) {
        SpringApplication.run(Main.class, arguments);
    }
}
JAVA
mvn -B -q -f "$work/empty/pom.xml" package

# Milliseconds until the port answers that it is well.
ready() {
  local port=$1 begun process
  shift
  begun=$(date +%s%N)
  "$@" >"$work/said" 2>&1 &
  process=$!
  until curl -s -o /dev/null --fail "http://127.0.0.1:$port/actuator/health"; do
    kill -0 "$process" || { cat "$work/said" >&2; exit 1; }
    sleep 0.05
  done
  echo $((($(date +%s%N) - begun) / 1000000))
  kill "$process"
  wait "$process" 2>/dev/null || true
}

export DIDAXIS_PORT=8192 DIDAXIS_DATA="$PWD/$work/school"
ready 8192 ./didaxis demo >/dev/null
for _ in $(seq "${1:-4}"); do
  echo "empty $(ready 8191 java -XX:+UseSerialGC -jar "$work/empty/target/empty-1.jar" --server.port=8191)" \
    "didaxis $(ready 8192 ./didaxis demo)"
done
