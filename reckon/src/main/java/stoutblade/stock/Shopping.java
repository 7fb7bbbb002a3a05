package stoutblade.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Foam;
import stoutblade.catalogue.Glue;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Groove;
import stoutblade.develop.Panel;
import stoutblade.develop.Strip;
import stoutblade.finish.CoatReckoning;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.BladeForm;
import stoutblade.shape.Box;

/**
 * What must be bought for a prop.
 *
 * @param lines one for each thing
 * @param fitsSheet false where a layer is larger than a sheet of the foam
 */
public record Shopping(List<Line> lines, boolean fitsSheet) {

  /** Room kept between pieces on a sheet, in mm. */
  public static final double ROOM_MM = 5;

  /**
   * A line of the list.
   *
   * @param name what to buy
   * @param need how much the work takes
   * @param buy how many sheets, lengths or containers; 0 where the shelf has enough
   */
  public record Line(String name, Figure need, Figure buy) {

    /** True where something must be bought. */
    public boolean missing() {
      return buy.value() > 0;
    }
  }

  /** Copies the lines. */
  public Shopping {
    lines = List.copyOf(lines);
  }

  /** How many lines are still to be bought. */
  public int missing() {
    return (int) lines.stream().filter(Line::missing).count();
  }

  /**
   * The blade.
   *
   * @param form its form
   * @param layers its layers
   * @param core its core
   */
  public record Bladed(BladeForm form, Layers layers, Optional<CoreReckoning> core) {}

  /**
   * A part that is cut from foam.
   *
   * @param name what the maker calls it
   * @param foam its foam
   * @param thicknessMm its thickness
   * @param made how many are made
   * @param panels what is cut for one
   */
  public record Cut(String name, Foam foam, double thicknessMm, int made, List<Panel> panels) {}

  /**
   * A part that is cut from strip.
   *
   * @param name what the maker calls it
   * @param foam its foam
   * @param made how many are made
   * @param strip what one takes
   */
  public record Profiled(String name, Foam foam, int made, Strip strip) {}

  /** Works out the list. */
  public static Shopping of(
      Optional<Bladed> blade,
      List<Cut> parts,
      List<Profiled> strips,
      List<CoatReckoning> coats,
      Catalogue catalogue) {
    List<Line> lines = new ArrayList<>();
    List<List<Layer>> kinds = blade.map(it -> kinds(it.layers())).orElse(List.of());
    boolean fits = true;
    for (int i = 0; i < kinds.size(); i++) {
      String id = "stock.foam" + (i == 0 ? "" : i + 1);
      int perSheet = perSheet(blade.orElseThrow().form(), kinds.get(i).getFirst().foam());
      fits &= perSheet > 0;
      lines.add(foam(id, blade.get().form(), kinds.get(i), perSheet));
    }
    blade.ifPresent(
        it -> {
          it.core().ifPresent(core -> lines.add(rod(core)));
        });
    lines.addAll(FoamForParts.lines(parts));
    lines.addAll(StripForParts.lines(strips));
    blade.ifPresent(
        it -> {
          if (it.layers().glued().value() > 0) {
            lines.add(cement(it.layers(), catalogue.glue(Glue.FOR_LAYERS)));
          }
          it.core().ifPresent(core -> lines.add(bedding(core, catalogue.glue(Glue.FOR_CORE))));
        });
    coats.stream().filter(it -> it.coating().spread() > 0).map(Shopping::coats).forEach(lines::add);
    return new Shopping(lines, fits);
  }

  /** The layers by the sheet that they are cut from. */
  private static List<List<Layer>> kinds(Layers layers) {
    List<List<Layer>> kinds = new ArrayList<>();
    for (Layer layer : layers.each()) {
      Optional<List<Layer>> own =
          kinds.stream().filter(it -> it.getFirst().sheet().sameFoam(layer.sheet())).findFirst();
      own.ifPresentOrElse(it -> it.add(layer), () -> kinds.add(new ArrayList<>(List.of(layer))));
    }
    return kinds;
  }

  private static int perSheet(BladeForm form, Foam foam) {
    double length = form.length().value() + ROOM_MM;
    double width = form.width().value() + ROOM_MM;
    double sheetWidth = foam.sheetWidthMm() + ROOM_MM;
    double sheetLength = foam.sheetLengthMm() + ROOM_MM;
    return Math.max(
        grid(length, width, sheetLength, sheetWidth), grid(width, length, sheetLength, sheetWidth));
  }

  private static int grid(double a, double b, double sheetA, double sheetB) {
    return (int) (Math.floor(sheetA / a) * Math.floor(sheetB / b));
  }

  private static Line foam(String id, BladeForm form, List<Layer> layers, int perSheet) {
    Layer first = layers.getFirst();
    Figure pieces =
        Figure.given(
            id + ".pieces", "Layers to cut", layers.size(), Quantity.COUNT, Source.DECIDED);
    Figure sheets = perSheet > 0 ? sheets(id, form, pieces, perSheet) : joined(id, layers, pieces);
    Figure need =
        Figure.found(
            id + ".area",
            "Foam in the layers",
            layers.stream().mapToDouble(it -> it.cut().area()).sum(),
            Quantity.AREA,
            "area of what is cut for "
                + (layers.size() == 1 ? "the layer" : layers.size() + " layers")
                + " of {blade.area}",
            Source.GEOMETRY,
            form.area().doubt().times(layers.size()),
            form.area());
    return new Line(
        first.foam().name()
            + ", "
            + plain(first.sheet().thicknessMm())
            + " mm, sheet "
            + plain(first.foam().sheetWidthMm())
            + " × "
            + plain(first.foam().sheetLengthMm())
            + " mm",
        need,
        sheets);
  }

  /** Layers that are larger than a sheet, in the pieces that they are cut apart in. */
  private static Figure joined(String id, List<Layer> layers, Figure pieces) {
    List<Box> boxes = new ArrayList<>();
    layers.forEach(it -> it.pieces().forEach(piece -> boxes.add(piece.box())));
    Foam foam = layers.getFirst().foam();
    return Figure.found(
        id + ".sheets",
        "Sheets of foam",
        Math.max(1, Shelves.sheets(boxes, foam.sheetWidthMm(), foam.sheetLengthMm(), ROOM_MM)),
        Quantity.COUNT,
        "{"
            + pieces.id()
            + "} cut apart in "
            + boxes.size()
            + " pieces, their boxes with 5 mm between them laid in rows",
        Source.GEOMETRY,
        Doubt.NONE,
        pieces);
  }

  private static Figure sheets(String id, BladeForm form, Figure pieces, int perSheet) {
    Figure fit =
        Figure.found(
            id + ".per-sheet",
            "Layers on a sheet",
            perSheet,
            Quantity.COUNT,
            "upright boxes of {blade.length} by {blade.width} with 5 mm between them, in rows on the"
                + " sheet, the better way round",
            Source.GEOMETRY,
            Doubt.NONE,
            form.length(),
            form.width());
    return Figure.computed(
        id + ".sheets",
        "Sheets of foam",
        Quantity.COUNT,
        "ceil({%s} / {%s})".formatted(pieces.id(), fit.id()),
        Source.GEOMETRY,
        pieces,
        fit);
  }

  private static Line rod(CoreReckoning core) {
    Figure sold =
        Figure.given(
            "stock.rod.sold",
            "Sold in lengths of",
            core.rod().lengthMm(),
            Quantity.LENGTH,
            Source.catalogue(core.rod().name()));
    Figure buy =
        Figure.computed(
            "stock.rod.lengths",
            "Lengths of rod",
            Quantity.COUNT,
            "ceil({core.length} / {stock.rod.sold})",
            Source.GEOMETRY,
            core.length(),
            sold);
    return new Line(core.rod().name(), core.length(), buy);
  }

  private static Line cement(Layers layers, Glue glue) {
    Figure spread =
        Figure.given(
            "stock.cement.spread",
            "Cement on each face",
            glue.spread(),
            Quantity.SPREAD,
            Source.catalogue(glue.name() + ": " + glue.source()));
    Figure need =
        Figure.computed(
            "stock.cement.need",
            "Cement for all glue faces",
            Quantity.VOLUME,
            "{%s} * {stock.cement.spread}".formatted(layers.glued().id()),
            Source.GEOMETRY,
            layers.glued(),
            spread);
    return glueLine(glue, "stock.cement.cans", "Cans of cement, 250 ml", need, 250_000);
  }

  /** Polyurethane glue foams to about three times its volume: a third of the gap is filled. */
  private static Line bedding(CoreReckoning core, Glue glue) {
    Figure inFoam =
        core.others().stream()
            .filter(it -> it.id().equals("core.in-foam"))
            .findFirst()
            .orElseThrow();
    Figure gap =
        Figure.given(
            "stock.bed.gap",
            "Gap round the core",
            0.5,
            Quantity.LENGTH,
            Source.assumption("a channel rounded out by hand is about 0.5 mm wide of the rod"));
    Figure need =
        Figure.computed(
            "stock.bed.need",
            "Glue to bed the core",
            Quantity.VOLUME,
            "(%spi * ({core.diameter} + {stock.bed.gap}) * {stock.bed.gap}) * {core.in-foam} / 3"
                .formatted(
                    core.choice().groove() == Groove.ROUND
                        ? ""
                        : "(1 - pi / 4) * {core.diameter}^2 + "),
            Source.practice("it foams to three times its volume: fill a third of the gap"),
            core.diameter(),
            gap,
            inFoam);
    return glueLine(glue, "stock.bed.bottles", "Bottles of glue, 100 ml", need, 100_000);
  }

  private static Line glueLine(
      Glue glue, String id, String label, Figure need, double containerMm3) {
    Figure container =
        Figure.given(
            id + ".holds",
            "A container holds",
            containerMm3,
            Quantity.VOLUME,
            Source.assumption("a usual small container"));
    Figure buy =
        Figure.computed(
            id,
            label,
            Quantity.COUNT,
            "ceil({%s} / {%s})".formatted(need.id(), container.id()),
            Source.GEOMETRY,
            need,
            container);
    return new Line(glue.name(), need, buy);
  }

  private static Line coats(CoatReckoning coats) {
    String id = "stock." + coats.coating().id();
    Figure container =
        Figure.given(
            id + ".holds",
            "A container holds",
            coats.coating().containerMm3(),
            Quantity.VOLUME,
            Source.catalogue(coats.coating().name()));
    Figure buy =
        Figure.computed(
            id + ".containers",
            coats.coating().name() + ": containers",
            Quantity.COUNT,
            "ceil({%s} / {%s})".formatted(coats.missing().id(), container.id()),
            Source.GEOMETRY,
            coats.missing(),
            container);
    return new Line(coats.coating().name(), coats.need(), buy);
  }

  private static String plain(double mm) {
    return Display.decimal(mm, 1);
  }
}
