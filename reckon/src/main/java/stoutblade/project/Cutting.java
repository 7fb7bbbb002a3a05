package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import stoutblade.machine.Cutter;
import stoutblade.stock.Laying;
import stoutblade.stock.LengthLeft;
import stoutblade.template.PaperScale;

/**
 * How things are cut.
 *
 * @param laid how pieces are laid on sheets, each kind of sheet once
 * @param lengths of rods and tubes that are there already
 * @param cutter the machine, as it was set up last
 * @param cutters as it is set up for single kinds of sheets, each once
 * @param scale by how much the printer is off
 */
public record Cutting(
    List<Laying> laid,
    List<LengthLeft> lengths,
    Cutter cutter,
    List<SheetCutter> cutters,
    PaperScale scale) {

  private static final int MOST_LENGTHS = 2000;

  /** Where nothing is decided: nothing laid, a knife, a printer that prints what it is told. */
  public static final Cutting USUAL =
      new Cutting(
          List.of(), List.of(), Cutter.usual(Cutter.Kind.KNIFE), List.of(), PaperScale.TRUE);

  /**
   * Copies the lists.
   *
   * @throws IllegalArgumentException if one kind of sheet is laid twice, or too much is there
   */
  public Cutting {
    laid = List.copyOf(laid);
    lengths = List.copyOf(lengths);
    if (lengths.stream().mapToInt(LengthLeft::count).sum() > MOST_LENGTHS) {
      throw new IllegalArgumentException(
          "At most %,d lengths of rods are kept".formatted(MOST_LENGTHS));
    }
    long kinds =
        laid.stream().map(it -> it.materialId() + " " + it.thicknessMm()).distinct().count();
    if (kinds < laid.size()) {
      throw new IllegalArgumentException("Each kind of sheet is laid once");
    }
    cutters = List.copyOf(cutters);
    long setUp =
        cutters.stream().map(it -> it.materialId() + " " + it.thicknessMm()).distinct().count();
    if (setUp < cutters.size()) {
      throw new IllegalArgumentException("A machine is set up once for each kind of sheet");
    }
  }

  /** The same with what is laid of one kind of sheet. */
  public Cutting with(Laying laying) {
    List<Laying> all = new ArrayList<>(laid);
    all.removeIf(it -> it.isOf(laying.materialId(), laying.thicknessMm()));
    all.add(laying);
    return new Cutting(all, lengths, cutter, cutters, scale);
  }

  /** The machine for a kind of sheet: as it is set up for that, else as it was set up last. */
  public Cutter cutter(String materialId, double thicknessMm) {
    return cutters.stream()
        .filter(it -> it.isFor(materialId, thicknessMm))
        .findFirst()
        .map(SheetCutter::cutter)
        .orElse(cutter);
  }

  /**
   * The same with the machine set up for a kind of sheet; others that are not set up begin with it,
   * and the bed of one machine is as large whatever lies on it.
   */
  public Cutting with(SheetCutter changed) {
    List<SheetCutter> all = new ArrayList<>();
    for (SheetCutter it : cutters) {
      if (!it.isFor(changed.materialId(), changed.thicknessMm())) {
        boolean same = it.cutter().kind() == changed.cutter().kind();
        all.add(same ? it.with(changed.cutter().bed()) : it);
      }
    }
    all.add(changed);
    return new Cutting(laid, lengths, changed.cutter(), all, scale);
  }

  public Cutting with(PaperScale changed) {
    return new Cutting(laid, lengths, cutter, cutters, changed);
  }

  /** The same with what is there of one rod. */
  public Cutting with(String rodId, List<LengthLeft> there) {
    List<LengthLeft> all = new ArrayList<>(lengths);
    all.removeIf(it -> it.rodId().equals(rodId));
    all.addAll(there);
    return new Cutting(laid, all, cutter, cutters, scale);
  }
}
