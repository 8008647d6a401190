package didaxis.core.line;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.chart.Chart;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.notation.Notation;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkingCheckTest {
    private static List<Checked> check(String circuit, String working) {
        Chart chart = OperatingPoint.of(Notation.circuit(circuit))
                .match(point -> Optional.of(Chart.of(point)), shorted -> Optional.<Chart>empty())
                .orElseThrow();
        return WorkingCheck.of(List.of(working.split("\\|")), chart, HouseStyle.RIDGE);
    }

    private static String code(Remark remark) {
        return remark.match(new Remark.Cases<>(
                step -> step.byPrefix() ? "prefix" : "false step",
                value -> "wrong value",
                side -> "wrong side",
                rounded -> "rounded",
                conflict ->
                        conflict.exchanged() ? "exchanged with " + conflict.line() : "conflict with " + conflict.line(),
                unit -> "unit",
                law -> law.here() ? "here only" : "no law",
                nowhere -> "nowhere",
                unjudged -> "open"));
    }

    /** 12 V and 0.5 Ω over 4 Ω, 12 Ω beside 4 Ω, and 4.5 Ω: 1 A, worked by hand. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "1/Rp = 1/12 + 1/4 = 4/12 → Rp = 3 Ω # -",
                "1/Rp = 1/12 + 1/4 = 1/3 = 3 # false step, wrong side",
                "1/Rp = 0.5 # wrong side",
                "1/Rp = 0.33 # -",
                "Rp = 1/12 + 1/4 = 3 Ω # false step",
                "Rp = 12 × 4/12 + 4 = 3 Ω # -",
                "I = 12/12 = 1 A # -",
                "I = V/R = 6/3 = 2A # nowhere",
                "V = IR # -",
                "V = I/R # no law",
                "P = I²R # -",
                "P = IR # no law",
                "R = V²/P # -",
                "V1 = I1R1 = 1 × 4 = 4 V # -",
                "V1 = IR1 = 1 × 4 = 4 V # -",
                "lost volts = Ir = 0.5 V # -",
                "E = V + Ir # -",
                "E = I(R + r) # -",
                "I = E/(R + r) # -",
                "I1 = I2 + I3 # -",
                "I2 = I1 + I3 # no law",
                "V2 = V3 = 3 V # -",
                "V1 = V2 # no law",
                "R23 = R2R3/(R2 + R3) # -",
                "R23 = R2 + R3 # no law",
                "1/R23 = 1/R2 + 1/R3 # -",
                "R23 = (R2 + R3)/(R2R3) # no law",
                "I2 = I1 R3/(R2 + R3) # -",
                "I2 = I1 R2/(R2 + R3) # no law",
                "P1 = I1²R1 # -",
                "P1 = V1²/R1 # -",
                "P1 = V1/R1 # no law",
                "V1 = 40 V # wrong value",
                "V1 = 4 A # unit",
                "I2 = 250 mA # -",
                "I2 = 3/12 = 250 A # prefix, wrong value",
                "I2 = 3/12 = 0.24 A # false step, wrong value",
                "I2 = 0.3 A # rounded",
                "V1 = 12 × 0.33 = 3.96 V # rounded",
                "6/3 = 3 # false step",
                "because they are in series # -",
                "L4 = 4.5 Ω # -",
                "R1 = R3 # here only",
                "V2 = 12 - V1 # false step",
                "V2 = 12 - V1 - 0.5 - V4 # -",
                "V2 = 12 - V1 - 0.5 - V4 = 12 - 4 - 0.5 - 4.5 = 3 V # -",
                "V2 = 12 - V1 - 0.5 - V4 = 12 - 4 - 0.5 - 4.5 = 4 V # false step, wrong value",
                "V2 = 12 - Vx # open",
                "7/2 = 3 # false step",
                "12/7 = 1.71 # -",
                "R = 4 Ω # -",
                "P = 12 W # -",
                "P = 14 W # nowhere",
                "total resistance = 4 + 3 + 4.5 + 0.5 = 12 Ω # -",
                "total resistance = 4 + 3 + 4.5 = 11.5 Ω # wrong value",
            })
    void oneLine(String line, String expected) {
        List<Checked> checked = check("12 V r=0.5 : R1=4 + (R2=12 || R3=4) + L4=4.5", line);
        String found =
                checked.get(0).remarks().stream().map(WorkingCheckTest::code).collect(Collectors.joining(", "));
        assertEquals(expected, found.isEmpty() ? "-" : found, () -> checked.toString());
    }

    /** The voltmeter V1 is across R2 and R3: V1 may be its reading, or the voltage across R1. */
    @ParameterizedTest
    @CsvSource({"V1 = 4 V, 0", "V1 = 3 V, 0", "V1 = 3.5 V, 1", "V2 = 3 V, 0", "V2 = 4 V, 1"})
    void aMeterHasItsName(String line, int remarks) {
        assertEquals(
                remarks,
                check("12 V r=0.5 : R1=4 + V1[R2=12 || R3=4] + L4=4.5", line)
                        .get(0)
                        .remarks()
                        .size());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "Ia = 2.45 A | Va = 2.54 × 4 = 10.16 V | Ia = 2.54 A # / / exchanged with 0",
                "Ia = 1.2 A | Ib = 0.8 A | Ia = 1.5 A # / / conflict with 0",
                "I = 0.35 A | V1 = 62 × 0.35 = 21.7 V | P1 = 21.7 × 0.35 = 7.60 W # / rounded / rounded",
                "V1 = I1R1 | = 0.355 × 62 | = 25 V # / / false step, conflict with 1, wrong value",
                "V1 = 22 V | V1 = 25 V # / conflict with 0, wrong value",
                "V1 = 22 V | E = V1 = 25 V # / wrong value",
                "R1 = 62 Ω | V1 = 22 V | I1 = 22/62 = 0.355 A | P1 = 22 × 0.355 = 7.81 W # / / /",
            })
    void severalLines(String working, String expected) {
        List<Checked> checked = check("22 V : R1=62", working);
        String found = checked.stream()
                .map(one -> one.remarks().stream().map(WorkingCheckTest::code).collect(Collectors.joining(", ")))
                .collect(Collectors.joining(" / "));
        assertEquals(
                expected.strip(),
                found.strip().replace("/  /", "/ /").replace("/  /", "/ /"),
                () -> checked.toString());
    }
}
