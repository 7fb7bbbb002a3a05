package stoutblade.pipework;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting;
import stoutblade.catalogue.PipeFitting.Kind;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * A skeleton in one kind of pipe: what is cut, what is bought, what it weighs.
 *
 * @param skeleton how it is drawn
 * @param rod the pipe
 * @param cuts every pipe as it is cut
 * @param fittings the fittings of that pipe, by their kind
 */
public record Piping(
    Skeleton skeleton, Rod rod, List<PipeCut> cuts, Map<Kind, PipeFitting> fittings) {

  /** A bend in heat is no tighter than so many diameters, round its middle line (CP). */
  public static final double LEAST_BEND = 4;

  /** Pipes that differ by less are cut with one setting. */
  private static final double SAME_MM = 0.05;

  private static final String FRAME = "frame";

  /** Copies the lists. */
  public Piping {
    cuts = List.copyOf(cuts);
    fittings = Map.copyOf(fittings);
  }

  /**
   * Works it out.
   *
   * @throws IllegalArgumentException if it cannot be made; the message can be shown
   */
  public static Piping of(Skeleton skeleton, Catalogue catalogue, String rodId) {
    Rod rod =
        catalogue
            .rod(rodId)
            .orElseThrow(
                () -> new IllegalArgumentException("The catalogue has no pipe '" + rodId + "'"));
    List<PipeCut> cuts = skeleton.cuts(catalogue, rodId);
    Map<Kind, PipeFitting> fittings = new EnumMap<>(Kind.class);
    skeleton.fittings().keySet().forEach(it -> fittings.put(it, catalogue.fitting(rodId, it)));
    return new Piping(skeleton, rod, cuts, fittings);
  }

  /**
   * Pipes of one length.
   *
   * @param length what each is cut to
   * @param cuts these pipes
   */
  public record Alike(Figure length, List<PipeCut> cuts) {

    /** Copies the list. */
    public Alike {
      cuts = List.copyOf(cuts);
    }
  }

  /** Pipes of one length and with the same bends together, in the order of the drawing. */
  public List<Alike> alike() {
    Map<List<Long>, List<PipeCut>> groups = new LinkedHashMap<>();
    for (PipeCut cut : cuts) {
      groups.computeIfAbsent(key(cut), it -> new ArrayList<>()).add(cut);
    }
    List<Alike> alike = new ArrayList<>();
    groups.values().forEach(it -> alike.add(new Alike(length(it, alike.size() + 1), it)));
    return alike;
  }

  private static List<Long> key(PipeCut cut) {
    List<Long> key = new ArrayList<>(List.of(Math.round(cut.lengthMm() / SAME_MM)));
    cut.bends()
        .forEach(
            it -> {
              key.add(Math.round(it.startMm() / SAME_MM));
              key.add(Math.round(Math.toDegrees(it.angle())));
            });
    return key;
  }

  private Figure length(List<PipeCut> same, int number) {
    PipeCut cut = same.getFirst();
    String id = FRAME + ".cut" + number;
    Figure centres =
        cut.bends().isEmpty()
            ? Figure.given(
                id + ".centres",
                "From middle to middle, or to its open end",
                cut.centresMm(),
                Quantity.LENGTH,
                Source.DECIDED)
            : Figure.found(
                id + ".centres",
                "Along its middle line, round its bends",
                cut.centresMm(),
                Quantity.LENGTH,
                "straight runs less the tangents of each bend, r·tan(angle ÷ 2), and r·angle for"
                    + " each bend",
                Source.GEOMETRY,
                Uncertainty.NONE);
    Figure off =
        Figure.given(
            id + ".off",
            "What its fittings take off",
            cut.fromMm() + cut.toMm(),
            Quantity.LENGTH,
            Source.catalogue(rod.name() + ": ASTM D2466 (from memory)"));
    return Figure.computed(
        id,
        same.size() == 1 ? "One pipe, cut to" : same.size() + " pipes, each cut to",
        Quantity.LENGTH,
        "{%s} - {%s}".formatted(centres.id(), off.id()),
        Source.handbook("cut length = middle to middle less the take-off of both fittings"),
        centres,
        off);
  }

  // == FIGURES

  /** What each pipe is cut to, where it is bent, all of it, and what it weighs. */
  public List<Figure> figures() {
    List<Figure> figures = new ArrayList<>();
    for (Alike it : alike()) {
      figures.add(it.length());
      figures.addAll(bends(it));
    }
    figures.add(all());
    figures.add(pipeMass());
    fittingMass().ifPresent(figures::add);
    dry().ifPresent(figures::add);
    return figures;
  }

  /** Sockets are tapered: pushed together dry, a pipe stops short. */
  private Optional<Figure> dry() {
    return fittings.values().stream()
        .filter(it -> it.kind() != Kind.CAP)
        .findFirst()
        .map(
            it -> {
              Figure socket =
                  Figure.given(
                      FRAME + ".socket",
                      "Socket, depth",
                      it.socketMm(),
                      Quantity.LENGTH,
                      Source.catalogue(rod.name() + ": ASTM D2466 (from memory)"));
              return Figure.computed(
                  FRAME + ".dry",
                  "Dry, each joint stands open by about",
                  Quantity.LENGTH,
                  "{%s} / 3".formatted(socket.id()),
                  Source.assumption("a dry pipe goes two thirds into a tapered socket"),
                  socket);
            });
  }

  private static List<Figure> bends(Alike alike) {
    List<Figure> figures = new ArrayList<>();
    for (PipeCut.Bend bend : alike.cuts().getFirst().bends()) {
      String id = alike.length().id() + ".bend" + (figures.size() / 2 + 1);
      figures.add(
          Figure.found(
              id + ".start",
              "Bend starts, from the end of the pipe",
              bend.startMm(),
              Quantity.LENGTH,
              "straight run less the tangent of the bend and the take-off",
              Source.GEOMETRY,
              Uncertainty.NONE));
      Figure radius =
          Figure.given(
              id + ".radius",
              "Bend, radius of the middle line",
              bend.radius(),
              Quantity.LENGTH,
              Source.DECIDED);
      Figure angle =
          Figure.given(id + ".angle", "Bend, angle", bend.angle(), Quantity.ANGLE, Source.GEOMETRY);
      figures.add(
          Figure.computed(
              id,
              "Bend, length to warm",
              Quantity.LENGTH,
              "{%s} * {%s}".formatted(radius.id(), angle.id()),
              Source.handbook("developed length of an arc = radius × angle"),
              radius,
              angle));
    }
    return figures;
  }

  /** All pipe together. */
  public Figure all() {
    StringBuilder sum = new StringBuilder();
    List<Figure> each = new ArrayList<>();
    for (Alike it : alike()) {
      sum.append(each.isEmpty() ? "" : " + ")
          .append(it.cuts().size())
          .append(" * {")
          .append(it.length().id())
          .append('}');
      each.add(it.length());
    }
    return Figure.computed(
        FRAME + ".all",
        "Pipe in all",
        Quantity.LENGTH,
        sum.toString(),
        Source.GEOMETRY,
        each.toArray(Figure[]::new));
  }

  private double sectionMm2() {
    return Math.PI / 4 * (rod.outerMm() * rod.outerMm() - rod.innerMm() * rod.innerMm());
  }

  private Figure pipeMass() {
    Figure all = all();
    return Figure.computed(
        FRAME + ".weight",
        "Pipes, weight without fittings",
        Quantity.MASS,
        "{frame.all} * {frame.section} * {frame.density}",
        Source.GEOMETRY,
        all,
        Figure.given(
            FRAME + ".section",
            "Wall, area of the section",
            sectionMm2(),
            Quantity.AREA,
            Source.catalogue(rod.name() + ": " + rod.source())),
        rod.density(FRAME + ".density"));
  }

  /** What one fitting weighs, its wall as thick as that of the pipe, in g. */
  private double massG(PipeFitting fitting) {
    double wall = (rod.outerMm() - rod.innerMm()) / 2;
    double outside = rod.outerMm() + 2 * wall;
    double ring = Math.PI / 4 * (outside * outside - rod.outerMm() * rod.outerMm());
    return fitting.kind().ends()
        * (fitting.takeOffMm() + fitting.socketMm())
        * ring
        * rod.densityGPerMm3();
  }

  private Optional<Figure> fittingMass() {
    double grams =
        skeleton.fittings().entrySet().stream()
            .mapToDouble(it -> it.getValue() * massG(fittings.get(it.getKey())))
            .sum();
    return grams == 0
        ? Optional.empty()
        : Optional.of(
            Figure.found(
                FRAME + ".fittings",
                "Fittings, weight",
                grams,
                Quantity.MASS,
                "a ring round each socket and its take-off, as thick in the wall as the pipe",
                Source.assumption("fittings are about as thick in the wall as their pipe"),
                Uncertainty.NONE));
  }

  /** Pipes and fittings. */
  public Figure mass() {
    List<Figure> parts = new ArrayList<>(List.of(pipeMass()));
    fittingMass().ifPresent(parts::add);
    return Figure.sum("part.one", "Weight of one", Quantity.MASS, parts);
  }

  /** What of the pipes is seen between their fittings, to be covered or painted. */
  public Figure surface() {
    double seen = cuts.stream().mapToDouble(PipeCut::seenMm).sum();
    return Figure.found(
        "part.surface",
        "Surface to finish",
        Math.PI * rod.outerMm() * seen,
        Quantity.AREA,
        "once round the pipe, times what is seen of all pipes between their fittings",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  /** Where it balances. */
  public Joint balance() {
    double mass = 0;
    Joint moment = new Joint(0, 0, 0);
    double perMm = sectionMm2() * rod.densityGPerMm3();
    for (PipeCut cut : cuts) {
      List<Joint> line = trimmed(cut);
      for (int i = 1; i < line.size(); i++) {
        double own = line.get(i - 1).distance(line.get(i)) * perMm;
        mass += own;
        moment = moment.plus(line.get(i - 1).plus(line.get(i)).times(own / 2));
      }
    }
    for (int i = 0; i < skeleton.joints().size(); i++) {
      Optional<Kind> kind = skeleton.kind(i);
      if (kind.isPresent()) {
        double own = massG(fittings.get(kind.get()));
        mass += own;
        moment = moment.plus(skeleton.joints().get(i).times(own));
      }
    }
    return moment.times(1 / mass);
  }

  /** The middle of what is seen of a straight pipe between its fittings. */
  public Joint seenMiddle(PipeCut cut) {
    Joint from = skeleton.joints().get(cut.from());
    Joint to = skeleton.joints().get(cut.to());
    double start = cut.fromMm() + socket(cut.from());
    double end = cut.toMm() + socket(cut.to());
    return from.plus(from.way(to).times((from.distance(to) + start - end) / 2));
  }

  private double socket(int joint) {
    return skeleton.kind(joint).map(it -> fittings.get(it).socketMm()).orElse(0.0);
  }

  /** The middle line of a pipe from end to end. */
  public List<Joint> trimmed(PipeCut cut) {
    List<Joint> line = new ArrayList<>(skeleton.middleLine(cut.joints()));
    line.set(0, line.getFirst().plus(line.get(0).way(line.get(1)).times(cut.fromMm())));
    int last = line.size() - 1;
    line.set(last, line.get(last).plus(line.get(last).way(line.get(last - 1)).times(cut.toMm())));
    return line;
  }
}
