package stoutblade.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Coating.Role;

/** Common practice: seal, primer, colour, wash, clear; nothing of it the other way round. */
class CoatOrderTest {

  private static Coating of(char letter, int number) {
    Role role =
        switch (letter) {
          case 'S' -> Role.SEAL;
          case 'P' -> Role.PRIMER;
          case 'C' -> Role.PAINT;
          case 'W' -> Role.WASH;
          default -> Role.CLEAR;
        };
    return new Coating(
        letter + "" + number, "x", role, "#000000", 0.1, 0, 0, 0, 0, 1, 0, "-", "test");
  }

  private static List<Coating> coats(String letters) {
    List<Coating> all = new ArrayList<>();
    for (int i = 0; i < letters.length(); i++) {
      all.add(of(letters.charAt(i), i));
    }
    return all;
  }

  private static String faults(String letters) {
    return String.join(
        " ",
        CoatOrder.faults(coats(letters)).stream()
            .map(it -> it.kind().key() + "@" + it.coating().id())
            .toList());
  }

  @ParameterizedTest
  @CsvSource({
    "SPPCCV, ''",
    "SPCWV, ''",
    "PC, ''",
    "SC, ''",
    "S, ''",
    "SCP, primer-late@P2",
    "SPWPV, primer-late@P3",
    "SPVP, primer-late@P3",
    "PS, seal-late@S1",
    "SPCS, seal-late@S3",
    "SPCW, wash-bare@W3",
    "SPWVW, wash-bare@W4",
    "C, unsealed@C0",
    "CCV, unsealed@C0",
    "V, unsealed@V0",
    "CPS, unsealed@C0 primer-late@P1 seal-late@S2",
  })
  void what_must_be_under_what_is_told(String letters, String expected) {
    assertThat(faults(letters)).isEqualTo(expected);
  }

  /** Any coats, put in the order of their roles with a clear coat last, have nothing wrong. */
  @Test
  void sorted_by_role_after_a_seal_and_with_a_clear_coat_nothing_fails() {
    Random random = new Random(3);
    for (int run = 0; run < 200; run++) {
      List<Coating> all = new ArrayList<>(List.of(of('S', 0), of('V', 1)));
      for (int i = 0; i < random.nextInt(8); i++) {
        all.add(of("SPCWV".charAt(random.nextInt(5)), i + 2));
      }
      all.sort(java.util.Comparator.comparing(Coating::role));
      assertThat(CoatOrder.faults(all)).isEmpty();
    }
  }
}
