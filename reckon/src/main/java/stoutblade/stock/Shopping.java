package stoutblade.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.BedGlue;
import stoutblade.core.CoreReckoning;
import stoutblade.develop.Panel;
import stoutblade.develop.Strip;
import stoutblade.finish.CoatStock;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.Bought;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.stack.Wish;

/**
 * What must be bought for all parts.
 *
 * @param lines one for each thing
 * @param pieces every piece that is cut from a sheet
 */
public record Shopping(List<Line> lines, CutList pieces) {

  /** Room kept between pieces on a sheet, in mm. */
  public static final double ROOM_MM = 5;

  /**
   * A line of the list.
   *
   * @param name what to buy
   * @param need how much the work takes
   * @param buy how many sheets, lengths or containers; 0 where the shelf has enough
   * @param sawn what is sawn from which length, where it is bought by the length
   */
  public record Line(String name, Figure need, Figure buy, Optional<LengthPlan> sawn) {

    /** One that is not sawn from lengths. */
    public Line(String name, Figure need, Figure buy) {
      this(name, need, buy, Optional.empty());
    }

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
   * A part that is cut from foam.
   *
   * @param path its place in the project, as 'prop/part'
   * @param name what the maker calls it
   * @param foam its foam
   * @param thicknessMm its thickness
   * @param made how many are made
   * @param mirrored how many of them are mirrored
   * @param pieces what is cut for one
   */
  public record Cut(
      String path,
      String name,
      SheetMaterial foam,
      double thicknessMm,
      int made,
      int mirrored,
      List<Piece> pieces) {

    /**
     * A piece, as far as what is bought asks after it.
     *
     * @param name what it is called
     * @param lines its edges, and those of what is cut out of it
     * @param areaMm2 its area
     * @param box the box round it
     * @param count how many are cut
     * @param engraved what is engraved on it
     * @param drawn what is drawn on it: where it is bent, where something lies
     * @param leans edges that are not cut square
     */
    public record Piece(
        String name,
        List<Path> lines,
        double areaMm2,
        Box box,
        int count,
        List<Path> engraved,
        List<Path> drawn,
        List<Lean> leans) {

      /** Copies the lines. */
      public Piece {
        lines = List.copyOf(lines);
        engraved = List.copyOf(engraved);
        drawn = List.copyOf(drawn);
        leans = List.copyOf(leans);
      }

      static Piece of(Panel panel) {
        List<Path> lines = new ArrayList<>(List.of(panel.outline()));
        lines.addAll(panel.windows());
        return new Piece(
            panel.name(),
            lines,
            panel.area(),
            panel.box(),
            panel.count(),
            panel.marks(),
            panel.lines(),
            panel.edges().stream()
                .filter(it -> it.bevel() != 0)
                .map(it -> new Lean(it.path(), it.bevel()))
                .toList());
      }
    }

    /**
     * An edge that is not cut square.
     *
     * @param path the edge
     * @param radians how far the blade leans from square
     */
    public record Lean(Path path, double radians) {}

    /** Copies the pieces. */
    public Cut {
      pieces = List.copyOf(pieces);
    }

    /** What is cut along panels. */
    public static Cut of(
        String path,
        String name,
        SheetMaterial foam,
        double thicknessMm,
        int made,
        int mirrored,
        List<Panel> panels) {
      return new Cut(
          path, name, foam, thicknessMm, made, mirrored, panels.stream().map(Piece::of).toList());
    }

    /** The same for what is cut from the same sheets. */
    String kind() {
      return CutList.key(foam, thicknessMm);
    }
  }

  /**
   * A part that is cut from strip.
   *
   * @param name what the maker calls it
   * @param foam its foam
   * @param made how many are made
   * @param strip what one takes
   */
  public record Profiled(String name, SheetMaterial foam, int made, Strip strip) {}

  /**
   * A length of rod or tube.
   *
   * @param name what it is for
   * @param rod what it is cut from
   * @param length how long one is
   * @param made how many are cut
   */
  public record Length(String name, Rod rod, Figure length, int made) {}

  /**
   * Faces that are glued.
   *
   * @param area of all of them
   * @param glue what they are glued with
   */
  public record Glued(String name, Figure area, Glue glue) {}

  /** A core that is bedded in layers in a glue, so many times. */
  public record Bedded(
      CoreReckoning core, Figure height, Figure width, Figure inFoam, int made, Glue glue) {}

  /**
   * A thing that is bought whole.
   *
   * @param thing what it is
   * @param made how many are needed
   */
  public record Whole(Bought thing, int made) {}

  /**
   * All that the parts need, each under ids that differ.
   *
   * @param sheets what is cut from sheets
   * @param strips what is cut from strip
   * @param lengths what is cut from rods and tubes
   * @param wholes what is bought whole
   * @param glued what is glued, each with its glue
   * @param bedded cores that are glued in
   * @param coats what is painted on
   * @param leftovers foam that is there already
   * @param laid how pieces are laid on sheets, as far as it is decided
   * @param there lengths of rods that are there already
   */
  public record Needs(
      List<Cut> sheets,
      List<Profiled> strips,
      List<Length> lengths,
      List<Whole> wholes,
      List<Glued> glued,
      List<Bedded> bedded,
      List<CoatStock> coats,
      List<Wish.Leftover> leftovers,
      List<Laying> laid,
      List<LengthLeft> there) {

    /** True where nothing is needed at all. */
    public boolean none() {
      return sheets.isEmpty()
          && strips.isEmpty()
          && lengths.isEmpty()
          && wholes.isEmpty()
          && coats.isEmpty();
    }
  }

  /** Works out the list: everything is added up before it is rounded up to what is sold. */
  public static Shopping of(Needs needs, Catalogue catalogue) {
    CutList pieces = CutList.of(needs.sheets(), catalogue);
    List<Line> lines = new ArrayList<>(SheetsForParts.lines(needs, pieces));
    lines.addAll(StripForParts.lines(needs.strips()));
    lines.addAll(RodForParts.lines(needs.lengths(), needs.there()));
    lines.addAll(WholeThings.lines(needs.wholes()));
    Map<Glue, List<Glued>> glued = new LinkedHashMap<>();
    needs.glued().stream()
        .filter(it -> it.area().value() > 0)
        .forEach(it -> glued.computeIfAbsent(it.glue(), own -> new ArrayList<>()).add(it));
    glued.forEach((glue, faces) -> lines.add(cement(faces, glue)));
    Map<Glue, List<Bedded>> bedded = new LinkedHashMap<>();
    needs
        .bedded()
        .forEach(it -> bedded.computeIfAbsent(it.glue(), own -> new ArrayList<>()).add(it));
    bedded.forEach((glue, cores) -> lines.add(bedding(cores, glue)));
    needs.coats().stream()
        .filter(it -> it.coating().spread() > 0)
        .map(Shopping::coats)
        .forEach(lines::add);
    return new Shopping(lines, pieces);
  }

  /** The proposed glue has the short id; one that was chosen has its own in it. */
  private static String id(String group, Glue glue, String proposed) {
    return "stock." + group + (glue.id().equals(proposed) ? "" : "." + glue.id());
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ENGLISH) + word.substring(1);
  }

  private static Line cement(List<Glued> faces, Glue glue) {
    String id = id("cement", glue, Glue.FOR_LAYERS);
    Figure spread =
        Figure.given(
            id + ".spread",
            capital(glue.word()) + " on each face",
            glue.spread(),
            Quantity.SPREAD,
            Source.catalogue(glue.name() + ": " + glue.source()));
    List<Figure> inputs = new ArrayList<>(faces.stream().map(Glued::area).toList());
    String sum = Figure.plus(inputs);
    inputs.add(spread);
    Figure need =
        Figure.computed(
            id + ".need",
            glue.id().equals(Glue.FOR_LAYERS)
                ? "Cement for all glue faces"
                : glue.name() + " for its faces",
            Quantity.FLUID,
            "(" + sum + ") * {" + spread.id() + "}",
            Source.GEOMETRY,
            inputs.toArray(Figure[]::new));
    String cans = glue.grabs() ? "Cans of cement, 250 ml" : "Bottles of glue, 250 ml";
    return glueLine(glue, id + ".cans", cans, need, 250_000);
  }

  private static Line bedding(List<Bedded> cores, Glue glue) {
    String id = id("bed", glue, Glue.FOR_CORE);
    List<Figure> inputs = new ArrayList<>();
    List<String> sum = new ArrayList<>();
    for (Bedded it : cores) {
      Figure one =
          BedGlue.volume(
              it.inFoam().id() + ".glue", it.core(), it.height(), it.width(), it.inFoam(), glue);
      sum.add("%d * {%s}".formatted(it.made(), one.id()));
      inputs.add(one);
    }
    Figure need =
        Figure.computed(
            id + ".need",
            cores.size() == 1 ? "Glue to bed the core" : "Glue to bed the cores",
            Quantity.FLUID,
            String.join(" + ", sum),
            Source.GEOMETRY,
            inputs.toArray(Figure[]::new));
    return glueLine(glue, id + ".bottles", "Bottles of glue, 100 ml", need, 100_000);
  }

  private static Line glueLine(
      Glue glue, String id, String label, Figure need, double containerMm3) {
    Figure container =
        Figure.given(
            id + ".holds",
            "A container holds",
            containerMm3,
            Quantity.FLUID,
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

  private static Line coats(CoatStock coats) {
    String id = "stock." + coats.coating().id();
    Figure container =
        Figure.given(
            id + ".holds",
            "A container holds",
            coats.coating().containerMm3(),
            Quantity.FLUID,
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
}
