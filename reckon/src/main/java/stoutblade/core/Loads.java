package stoutblade.core;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;
import stoutblade.catalogue.Rod;
import stoutblade.layer.MaterialShare;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Course;
import stoutblade.shape.Point;

/**
 * How the weight of a part with a rod lies along it: each foam with its own density where its
 * layers are, less the channel that is cut into them, and the rod.
 *
 * <p>What bends and where it balances depends on the densities and on the sizes; how much, is found
 * by varying each a little (central differences).
 */
final class Loads {

  private static final double VARIED = 1e-3;
  private static final double JUST_INSIDE_MM = 0.01;

  private final CoreChoice choice;
  private final Rod rod;
  private final double near;
  private final Course course;
  private final double from;
  private final double to;
  private final List<Foamed> foams;
  private final Uncertainty size;
  private final double length;
  private final boolean bladeEnds;
  private final double end;
  private final double[] rodLoad;
  private final List<double[]> foamLoads;

  /**
   * What one foam carries.
   *
   * @param share what of the blade it is
   * @param channelMm2 what the channel takes out of its section
   */
  record Foamed(MaterialShare share, double channelMm2) {

    double density() {
      return share.foam().densityGPerMm3();
    }
  }

  /**
   * The loads of a blade.
   *
   * @param from where the channel begins, in mm from the near end
   * @param to where it ends
   */
  Loads(Cored part, CoreChoice choice, Rod rod, double from, double to) {
    this.choice = choice;
    this.rod = rod;
    this.from = from;
    this.to = Math.max(from, to);
    List<Channel> channels =
        part.layers()
            .map(it -> Channel.of(it, RodSection.of(choice, rod), choice.groove()))
            .orElse(List.of());
    this.near = part.nearMm();
    this.course = part.course();
    this.foams =
        part.shares().stream()
            .map(it -> new Foamed(it, cutFrom(channels, it.foam().id())))
            .toList();
    this.size = part.length().uncertainty().times(1 / part.length().value());
    this.length = part.length().value();
    this.bladeEnds = length > choice.endMm();
    this.end = Math.max(length, choice.endMm());
    double ring = Math.PI / 4 * (rod.outerMm() * rod.outerMm() - rod.innerMm() * rod.innerMm());
    this.rodLoad =
        sampled(y -> ring * within(y, choice.startMm(), choice.endMm()), rod.densityGPerMm3());
    this.foamLoads = foams.stream().map(it -> sampled(y -> area(it, y), it.density())).toList();
  }

  private static double cutFrom(List<Channel> channels, String materialId) {
    return channels.stream()
        .filter(it -> it.layer().foam().id().equals(materialId))
        .mapToDouble(Channel::areaMm2)
        .sum();
  }

  private double[] sampled(DoubleUnaryOperator area, double density) {
    double[] loads = new double[Cantilever.STEPS + 1];
    for (int i = 0; i < loads.length; i++) {
      loads[i] = density * area.applyAsDouble(place(i));
    }
    return loads;
  }

  private double place(int i) {
    return choice.heldAtMm() + (end - choice.heldAtMm()) * i / Cantilever.STEPS;
  }

  private double area(Foamed foam, double y) {
    double channel = foam.channelMm2() * within(y, from, to);
    // Right at its ends a section across has no width.
    double edge = Math.min(JUST_INSIDE_MM, length / 2);
    double inside = Math.clamp(y, edge, length - edge);
    double whole = foam.share().across().applyAsDouble(inside + near) * within(y, 0, length);
    return Math.max(0, whole - channel);
  }

  /** What share of the step round a place is between two others. */
  private double within(double y, double low, double high) {
    double half = (end - choice.heldAtMm()) / Cantilever.STEPS / 2;
    double bottom = Math.max(choice.heldAtMm(), y - half);
    double top = Math.min(end, y + half);
    return Math.clamp((Math.min(high, top) - Math.max(low, bottom)) / (top - bottom), 0, 1);
  }

  /** The foams, each with what is cut out of it. */
  List<Foamed> foams() {
    return foams;
  }

  // == BENDING

  /** The blade bent by its own weight. */
  Cantilever bent(double stiffness) {
    return bent(stiffness, 1, new double[0]);
  }

  /**
   * How unsure something of the bent blade is by the densities of foams and rod and by the sizes.
   *
   * @param asked what is asked of it
   */
  Uncertainty uncertainty(double stiffness, ToDoubleFunction<Cantilever> asked) {
    Uncertainty uncertainty = Uncertainty.NONE;
    for (int i = 0; i < foams.size() + 1; i++) {
      double more = asked.applyAsDouble(bent(stiffness, 1, factors(i, 1 + VARIED)));
      double less = asked.applyAsDouble(bent(stiffness, 1, factors(i, 1 - VARIED)));
      uncertainty = uncertainty.plus(densityDoubt(i).times((more - less) / (2 * VARIED)));
    }
    if (!size.parts().isEmpty()) {
      double more = asked.applyAsDouble(bent(stiffness, 1 + VARIED, new double[0]));
      double less = asked.applyAsDouble(bent(stiffness, 1 - VARIED, new double[0]));
      uncertainty = uncertainty.plus(size.times((more - less) / (2 * VARIED)));
    }
    return uncertainty;
  }

  private Uncertainty densityDoubt(int number) {
    return number < foams.size()
        ? foams.get(number).share().foam().densityDoubt()
        : rod.densityDoubt();
  }

  /** Factors of all loads, foams first and the rod last: 1 but for one. */
  private double[] factors(int number, double factor) {
    double[] all = new double[foams.size() + 1];
    Arrays.fill(all, 1);
    all[number] = factor;
    return all;
  }

  /**
   * With its foam made larger about the base by a factor, and its loads by factors of their own.
   */
  private Cantilever bent(double stiffness, double sized, double[] factors) {
    double[] loads = new double[Cantilever.STEPS + 1];
    double tip = bladeEnds ? end * sized : end;
    double held = choice.heldAtMm();
    for (int i = 0; i < loads.length; i++) {
      double at = held + (tip - held) * i / Cantilever.STEPS;
      for (int k = 0; k < foams.size(); k++) {
        double factor = factors.length == 0 ? 1 : factors[k];
        loads[i] += factor * sized * between(foamLoads.get(k), at / sized);
      }
      loads[i] += (factors.length == 0 ? 1 : factors[foams.size()]) * between(rodLoad, at);
    }
    return Cantilever.bend(choice.endMm() - held, tip - held, stiffness, loads);
  }

  private double between(double[] loads, double y) {
    double held = choice.heldAtMm();
    double at = Math.clamp((y - held) / (end - held), 0, 1) * Cantilever.STEPS;
    int below = Math.min((int) at, Cantilever.STEPS - 1);
    // Where one is met but for rounding it counts alone: a rod ends at once.
    double share = at - below;
    if (share < 1e-9) {
      return loads[below];
    }
    return share > 1 - 1e-9
        ? loads[below + 1]
        : loads[below] + share * (loads[below + 1] - loads[below]);
  }

  // == BALANCE

  /**
   * The moments of a foam about the near end, across and along, in g·mm.
   *
   * @param foam one of the foams
   */
  private Point moment(Foamed foam) {
    Point channel = middle(from, to).times(foam.channelMm2() * (to - from));
    return wholeMoment(foam).minus(channel).times(foam.density());
  }

  /** Of a foam without its channel, about the near end. */
  private Point wholeMoment(Foamed foam) {
    return foam.share().moment().minus(course.at(near).times(foam.share().volume()));
  }

  /** The middle of the core's line between two places along, as seen from the near end. */
  private Point middle(double low, double high) {
    return course.middle(near + low, near + high).minus(course.at(near));
  }

  /** What a foam weighs, in g. */
  double mass(Foamed foam) {
    return (foam.share().volume() - foam.channelMm2() * (to - from)) * foam.density();
  }

  /**
   * Where it balances, across and along, from the near end.
   *
   * @param rodMass what the rod weighs, in g
   */
  Point balance(double rodMass) {
    return foams.stream()
        .map(this::moment)
        .reduce(rodMiddle().times(rodMass), Point::plus)
        .times(1 / totalMass(rodMass));
  }

  /** How unsure the balance is by the densities and by the sizes. */
  Uncertainty balanceDoubt(double rodMass) {
    double at = balance(rodMass).y();
    double total = totalMass(rodMass);
    Uncertainty uncertainty = rod.densityDoubt().times(rodMass * (rodMiddle().y() - at) / total);
    for (Foamed foam : foams) {
      double mass = mass(foam);
      double moment = moment(foam).y();
      uncertainty =
          uncertainty.plus(foam.share().foam().densityDoubt().times((moment - at * mass) / total));
      // Of a larger outline the mass grows twice and the moment three times as much; its channel
      // stays.
      double grown = 3 * wholeMoment(foam).y() - at * 2 * foam.share().volume();
      uncertainty = uncertainty.plus(size.times(grown * foam.density() / total));
    }
    return uncertainty;
  }

  private Point rodMiddle() {
    return middle(choice.startMm(), choice.endMm());
  }

  private double totalMass(double rodMass) {
    return rodMass + foams.stream().mapToDouble(this::mass).sum();
  }
}
