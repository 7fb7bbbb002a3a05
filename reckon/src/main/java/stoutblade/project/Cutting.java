package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import stoutblade.machine.Cutter;
import stoutblade.stock.Laying;
import stoutblade.template.PaperScale;

/**
 * How things are cut.
 *
 * @param laid how pieces are laid on sheets, each kind of sheet once
 * @param cutter the machine
 * @param scale by how much the printer is off
 */
public record Cutting(List<Laying> laid, Cutter cutter, PaperScale scale) {

  /** Where nothing is decided: nothing laid, a knife, a printer that prints what it is told. */
  public static final Cutting USUAL =
      new Cutting(List.of(), Cutter.usual(Cutter.Kind.KNIFE), PaperScale.TRUE);

  /**
   * Copies the list.
   *
   * @throws IllegalArgumentException if one kind of sheet is laid twice
   */
  public Cutting {
    laid = List.copyOf(laid);
    long kinds =
        laid.stream().map(it -> it.materialId() + " " + it.thicknessMm()).distinct().count();
    if (kinds < laid.size()) {
      throw new IllegalArgumentException("Each kind of sheet is laid once");
    }
  }

  /** The same with what is laid of one kind of sheet. */
  public Cutting with(Laying laying) {
    List<Laying> all = new ArrayList<>(laid);
    all.removeIf(it -> it.isOf(laying.materialId(), laying.thicknessMm()));
    all.add(laying);
    return new Cutting(all, cutter, scale);
  }

  public Cutting with(Cutter changed) {
    return new Cutting(laid, changed, scale);
  }

  public Cutting with(PaperScale changed) {
    return new Cutting(laid, cutter, changed);
  }
}
