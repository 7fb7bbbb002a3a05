package stoutblade.sum;

import java.util.HashMap;
import java.util.Map;
import stoutblade.catalogue.Catalogue;
import stoutblade.project.Samples;

/** Sums answered in tests. */
final class Answers {

  private Answers() {}

  /** A sum with some of its sizes typed: keys and numbers, in turns. */
  static Answer answer(String sum, Object... typed) {
    return answer(Samples.CATALOGUE, sum, typed);
  }

  /** The same with another catalogue. */
  static Answer answer(Catalogue catalogue, String sum, Object... typed) {
    Map<String, Double> values = new HashMap<>();
    for (int i = 0; i < typed.length; i += 2) {
      values.put((String) typed[i], ((Number) typed[i + 1]).doubleValue());
    }
    return Sum.named(sum).orElseThrow().answer(values, catalogue);
  }

  /** The value of one of its figures. */
  static double figure(Answer answer, String id) {
    return answer.figures().stream()
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow()
        .value();
  }
}
