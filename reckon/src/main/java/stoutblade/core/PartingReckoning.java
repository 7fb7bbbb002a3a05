package stoutblade.core;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * What a core that comes apart comes to.
 *
 * @param choice what was decided
 * @param join what joins its pieces; empty where the catalogue has no such rod
 * @param lower the piece at its start
 * @param upper the piece at its end
 * @param joinLength what is cut of the rod that joins them
 * @param play the room all round between the two; below 0 where it does not fit; empty where there
 *     is no such rod
 * @param wobble how far the far end can be moved to and fro by that
 */
public record PartingReckoning(
    Parting choice,
    Optional<Rod> join,
    Figure lower,
    Figure upper,
    Figure joinLength,
    Optional<Figure> play,
    Optional<Figure> wobble) {

  /** The overlap in widths of what is inside, from which on a joint holds well (CP). */
  public static final double WELL = 3;

  /** Half a hand: a joint does not lie nearer to where it is held. */
  public static final double HAND_MM = 60;

  static Optional<PartingReckoning> of(
      CoreChoice core, RodSection section, Rod rod, Optional<Rod> join, double farMm) {
    return core.parting().map(it -> of(core, it, section, rod, join, farMm));
  }

  private static PartingReckoning of(
      CoreChoice core, Parting own, RodSection section, Rod rod, Optional<Rod> join, double farMm) {
    Figure at = given("core.parts-at", "Comes apart at, from the near end", own.atMm());
    Figure lower =
        length(
            "core.lower-piece",
            "Lower piece of the core",
            "{core.parts-at} - {core.start}",
            at,
            given("core.start", "Core starts, from the near end", core.startMm()));
    Figure upper =
        length(
            "core.upper-piece",
            "Upper piece of the core",
            "{core.end} - {core.parts-at}",
            given("core.end", "Core ends, from the near end", core.endMm()),
            at);
    Figure overlap = given("core.overlap", "Joint, overlap in each piece", own.overlapMm());
    Figure joinLength =
        length(
            "core.join",
            own.way() == Parting.Way.SPIGOT ? "Rod that joins them" : "Tube that joins them",
            "2 * {core.overlap}",
            overlap);
    Optional<Figure> play = join.map(it -> play(own.way(), section, rod, it));
    Figure far = given("core.beyond-joint", "From the joint to the far end", farMm - own.atMm());
    return new PartingReckoning(
        own,
        join,
        lower,
        upper,
        joinLength,
        play,
        play.filter(it -> it.value() > 0)
            .map(
                it ->
                    Figure.computed(
                        "core.wobble",
                        "Play of the far end, to each side",
                        Quantity.LENGTH,
                        "2 * {core.play} / {core.overlap} * {core.beyond-joint}",
                        Source.assumption(
                            "what is inside leans from one side of its bore to the other"),
                        it,
                        overlap,
                        far)));
  }

  private static Figure given(String id, String label, double mm) {
    return Figure.given(id, label, mm, Quantity.LENGTH, Source.DECIDED);
  }

  private static Figure length(String id, String label, String formula, Figure... of) {
    return Figure.computed(id, label, Quantity.LENGTH, formula, Source.GEOMETRY, of);
  }

  /** The room all round what is inside. */
  private static Figure play(Parting.Way way, RodSection section, Rod rod, Rod join) {
    boolean inside = way == Parting.Way.SPIGOT;
    Figure bore =
        Figure.given(
            "core.joint-bore",
            "Inside of the outer one",
            inside ? bore(section, rod) : join.innerMm(),
            Quantity.LENGTH,
            Source.catalogue((inside ? rod : join).name()));
    Figure thick =
        Figure.given(
            "core.joint-inside",
            "Outside of the inner one",
            inside ? across(join) : Math.max(2 * section.radius(), section.widthMm()),
            Quantity.LENGTH,
            Source.catalogue((inside ? join : rod).name()));
    return Figure.computed(
        "core.play",
        "Room round what is inside",
        Quantity.LENGTH,
        "({core.joint-bore} - {core.joint-inside}) / 2",
        Source.GEOMETRY,
        bore,
        thick);
  }

  /** How wide one inside it may be; nothing goes into the middle of a bundle. */
  private static double bore(RodSection section, Rod rod) {
    return section.count() > 1 ? 0 : rod.innerMm();
  }

  private static double across(Rod rod) {
    return rod.square() ? Math.hypot(rod.outerMm(), rod.wideMm()) : rod.outerMm();
  }

  /** How wide the thing inside is: that is what an overlap is counted in. */
  public double insideMm(RodSection core) {
    return choice.way() == Parting.Way.SPIGOT
        ? join.map(Rod::outerMm).orElse(2 * (core.radius() - core.wall()))
        : core.widthMm();
  }

  /** The rod that joins pieces of a core with the least play; empty where none fits. */
  public static Optional<Parting> best(Parting like, RodSection section, Rod rod, List<Rod> rods) {
    List<Parting> all = new ArrayList<>();
    for (Parting.Way way : List.of(like.way(), Parting.Way.SPIGOT, Parting.Way.SLEEVE)) {
      rods.stream()
          .filter(it -> way == Parting.Way.SPIGOT || it.innerMm() > 0)
          .filter(it -> way == Parting.Way.SLEEVE || bore(section, rod) > 0)
          .filter(it -> play(way, section, rod, it).value() >= 0)
          .min(Comparator.comparingDouble(it -> play(way, section, rod, it).value()))
          .ifPresent(it -> all.add(like.with(way).joinedBy(it.id())));
    }
    return all.stream().findFirst();
  }

  /** Its figures, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(List.of(lower, upper, joinLength));
    play.ifPresent(all::add);
    wobble.ifPresent(all::add);
    return all;
  }
}
