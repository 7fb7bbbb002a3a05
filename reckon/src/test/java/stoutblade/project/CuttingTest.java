package stoutblade.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.machine.Cutter;
import stoutblade.stock.LengthLeft;
import stoutblade.template.PaperScale;

/** How things are cut: the machine for each kind of sheet. */
class CuttingTest {

  private static final Cutter KNIFE = Cutter.usual(Cutter.Kind.KNIFE);
  private static final Cutter MILL = Cutter.usual(Cutter.Kind.MILL);

  @Test
  void each_kind_of_sheet_has_its_own_machine_and_others_begin_with_the_last() {
    Cutting cutting =
        Cutting.USUAL
            .with(new SheetCutter("foam", 10, KNIFE.withKerf(0.3)))
            .with(new SheetCutter("board", 6, MILL));

    assertThat(cutting.cutter("foam", 10).kerfMm()).isEqualTo(0.3);
    assertThat(cutting.cutter("board", 6)).isEqualTo(MILL);
    assertThat(cutting.cutter("foam", 5)).as("as it was set up last").isEqualTo(MILL);
    Cutting again = cutting.with(new SheetCutter("foam", 10, KNIFE.withKerf(0.1)));
    assertThat(again.cutter("foam", 10).kerfMm()).isEqualTo(0.1);
    assertThat(again.cutters()).hasSize(2);
  }

  /** A knife's bed is as large for every sheet; the mill's is another. */
  @Test
  void a_bed_is_that_of_the_machine() {
    Cutter.Bed large = new Cutter.Bed(2000, 1500, 0);
    Cutting cutting =
        Cutting.USUAL
            .with(new SheetCutter("foam", 10, KNIFE.withKerf(0.3)))
            .with(new SheetCutter("board", 6, MILL))
            .with(new SheetCutter("foam", 5, KNIFE.with(large)));

    assertThat(cutting.cutter("foam", 10).bed()).isEqualTo(large);
    assertThat(cutting.cutter("foam", 10).kerfMm()).isEqualTo(0.3);
    assertThat(cutting.cutter("board", 6).bed()).isEqualTo(MILL.bed());
  }

  @Test
  void what_cannot_be_is_refused() {
    SheetCutter one = new SheetCutter("foam", 10, KNIFE);
    assertThatThrownBy(
            () -> new Cutting(List.of(), List.of(), KNIFE, List.of(one, one), PaperScale.TRUE))
        .hasMessageContaining("once for each kind");
    assertThatThrownBy(() -> new SheetCutter("foam", 0, KNIFE)).hasMessageContaining("above 0");
    List<LengthLeft> many = List.of(new LengthLeft("a", 10, 200), new LengthLeft("b", 10, 200));
    Cutting cutting = Cutting.USUAL;
    for (int i = 0; i < 10; i++) {
      cutting = cutting.with("rod" + i, List.of(new LengthLeft("rod" + i, 10, 200)));
    }
    Cutting full = cutting;
    assertThatThrownBy(() -> full.with("more", many)).hasMessageContaining("2,000");
  }
}
