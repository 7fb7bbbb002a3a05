package stoutblade.desktop.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import stoutblade.core.Section;
import stoutblade.derive.Derived;
import stoutblade.desktop.TestDesk;
import stoutblade.project.First;

class SectionFiguresTest {

  private final Derived derived = TestDesk.demo().derived();

  @Test
  void a_section_measures_what_is_drawn() {
    Section section = Section.of(First.layers(derived).orElseThrow(), First.core(derived), 228);

    // Two layers of 10 mm with a raised fuller of 2 mm on either face.
    assertThat(section.thickness().value()).isEqualTo(24);
    assertThat(section.overCore().orElseThrow().value()).isCloseTo(7, within(1e-9));
    assertThat(section.width().value()).isBetween(140.0, 157.0);
    assertThat(section.figures()).hasSize(4);
  }

  @Test
  void beyond_the_core_there_is_no_cover() {
    Section section = Section.of(First.layers(derived).orElseThrow(), First.core(derived), 540);

    assertThat(section.overCore()).isEmpty();
    // A diamond keeps its ridge up to the point.
    assertThat(section.thickness().value()).isCloseTo(20, within(0.01));
  }
}
