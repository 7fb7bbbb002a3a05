package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;
import stoutblade.catalogue.Rod;
import stoutblade.layer.MaterialShare;
import stoutblade.measure.Figure;
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
  private final List<BesideReckoning> beside;
  private final List<double[]> besideLoads;
  private final List<double[]> foamLoads;
  private final List<Attached> attached;
  private final List<double[]> attachedLoads;

  /**
   * What one foam carries.
   *
   * @param share what of the blade it is
   * @param channelMm2 what the channel takes out of its section
   * @param more what the channels of rods beside the core take out of it
   */
  record Foamed(MaterialShare share, double channelMm2, List<Out> more) {

    Foamed {
      more = List.copyOf(more);
    }

    double density() {
      return share.foam().densityGPerMm3();
    }
  }

  /**
   * What the channels of a rod beside the core take out of a foam.
   *
   * @param rod the rod
   * @param areaMm2 of its section, of all of them
   * @param from where they begin, from the near end
   * @param to where they end
   */
  record Out(BesideReckoning rod, double areaMm2, double from, double to) {

    double length() {
      return Math.max(0, to - from);
    }
  }

  /**
   * The loads of a blade.
   *
   * @param from where the channel begins, in mm from the near end
   * @param to where it ends
   * @param beside the rods beside it
   */
  Loads(
      Cored part,
      CoreChoice choice,
      Rod rod,
      double from,
      double to,
      List<BesideReckoning> beside) {
    this.beside = beside;
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
            .map(
                it -> new Foamed(it, cutFrom(channels, it.foam().id()), more(part, it.foam().id())))
            .toList();
    this.size = part.length().uncertainty().times(1 / part.length().value());
    this.length = part.length().value();
    this.bladeEnds = length > choice.reachMm();
    this.end = Math.max(length, choice.reachMm());
    this.rodLoad =
        sampled(
            y ->
                choice.work().count(rod)
                    * rod.areaMm2()
                    * within(y, choice.startMm(), choice.endMm()),
            rod.densityGPerMm3());
    this.besideLoads =
        beside.stream()
            .map(
                it ->
                    sampled(
                        y ->
                            it.choice().count()
                                * it.rod().areaMm2()
                                * within(y, it.choice().startMm(), it.choice().endMm()),
                        it.rod().densityGPerMm3()))
            .toList();
    this.foamLoads = foams.stream().map(it -> sampled(y -> area(it, y), it.density())).toList();
    this.attached = part.attached().stream().map(it -> it.upTo(end)).toList();
    this.attachedLoads = attached.stream().map(it -> sampled(y -> massPerMm(it, y), 1)).toList();
  }

  /** What rods with channels of their own take out of a foam. */
  private List<Out> more(Cored part, String materialId) {
    List<Out> more = new ArrayList<>();
    for (BesideReckoning it : beside) {
      if (it.channelled() && part.layers().isPresent()) {
        List<Channel> channels = Channel.of(part.layers().get(), it.section(), choice.groove());
        double start = Math.max(it.choice().startMm(), JUST_INSIDE_MM);
        double stop = Math.min(it.choice().endMm(), part.length().value());
        more.add(
            new Out(
                it,
                it.choice().count() * cutFrom(channels, materialId),
                start,
                Math.max(start, stop)));
      }
    }
    return more;
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
    for (Out it : foam.more()) {
      channel += it.areaMm2() * within(y, it.from(), it.to());
    }
    // Right at its ends a section across has no width.
    double edge = Math.min(JUST_INSIDE_MM, length / 2);
    double inside = Math.clamp(y, edge, length - edge);
    double whole = foam.share().across().applyAsDouble(inside + near) * within(y, 0, length);
    return Math.max(0, whole - channel);
  }

  /** What a millimetre of another part weighs, in g, over the step round a place. */
  private double massPerMm(Attached other, double y) {
    double half = (end - choice.heldAtMm()) / Cantilever.STEPS / 2;
    double bottom = Math.max(choice.heldAtMm(), y - half);
    double top = Math.min(end, y + half);
    return other.between(bottom, top) / (top - bottom);
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
    return bar(stiffness, end).bend(together());
  }

  /**
   * The bent blade with one thing a little more and a little less than it is.
   *
   * @param doubt how unsure that thing is, as a share of it
   */
  record Varied(Uncertainty doubt, Cantilever more, Cantilever less) {}

  /**
   * The bent blade varied by the densities of foams and rod, the masses of other parts, and the
   * sizes.
   */
  List<Varied> varied(double stiffness) {
    List<Varied> all = new ArrayList<>();
    Cantilever.Bar bar = bar(stiffness, end);
    double[] loads = together();
    for (int k = 0; k < foams.size(); k++) {
      all.add(varied(foams.get(k).share().foam().densityDoubt(), bar, loads, foamLoads.get(k)));
    }
    all.add(varied(rod.densityDoubt(), bar, loads, rodLoad));
    for (int k = 0; k < attached.size(); k++) {
      Figure mass = attached.get(k).mass();
      Uncertainty doubt = mass.uncertainty().times(1 / mass.value());
      all.add(varied(doubt, bar, loads, attachedLoads.get(k)));
    }
    if (!size.parts().isEmpty()) {
      all.add(new Varied(size, sized(stiffness, 1 + VARIED), sized(stiffness, 1 - VARIED)));
    }
    return all;
  }

  private static Varied varied(
      Uncertainty doubt, Cantilever.Bar bar, double[] loads, double[] one) {
    double[] more = new double[loads.length];
    double[] less = new double[loads.length];
    for (int i = 0; i < loads.length; i++) {
      more[i] = loads[i] + VARIED * one[i];
      less[i] = loads[i] - VARIED * one[i];
    }
    return new Varied(doubt, bar.bend(more), bar.bend(less));
  }

  /**
   * How unsure something of the bent blade is.
   *
   * @param varied as {@link #varied} gives it
   * @param asked what is asked of it
   */
  static Uncertainty uncertainty(List<Varied> varied, ToDoubleFunction<Cantilever> asked) {
    Uncertainty uncertainty = Uncertainty.NONE;
    for (Varied it : varied) {
      double change = asked.applyAsDouble(it.more()) - asked.applyAsDouble(it.less());
      uncertainty = uncertainty.plus(it.doubt().times(change / (2 * VARIED)));
    }
    return uncertainty;
  }

  /** All that bends it, in g/mm at even places from the hold to the end. */
  private double[] together() {
    double[] loads = rodLoad.clone();
    for (List<double[]> each : List.of(foamLoads, besideLoads, attachedLoads)) {
      for (double[] one : each) {
        for (int i = 0; i < loads.length; i++) {
          loads[i] += one[i];
        }
      }
    }
    return loads;
  }

  /** With its foam made larger about the base by a factor. */
  private Cantilever sized(double stiffness, double factor) {
    double[] loads = new double[Cantilever.STEPS + 1];
    double tip = bladeEnds ? end * factor : end;
    double held = choice.heldAtMm();
    for (int i = 0; i < loads.length; i++) {
      double at = held + (tip - held) * i / Cantilever.STEPS;
      for (double[] foam : foamLoads) {
        loads[i] += factor * between(foam, at / factor);
      }
      loads[i] += between(rodLoad, at);
      for (double[] more : besideLoads) {
        loads[i] += between(more, at);
      }
      for (double[] more : attachedLoads) {
        loads[i] += between(more, at);
      }
    }
    return bar(stiffness, tip).bend(loads);
  }

  private Cantilever.Bar bar(double stiffness, double tip) {
    return new Cantilever.Bar(stretches(stiffness), tip - choice.heldAtMm());
  }

  /** How stiff it is from the hold on, rod by rod: where one starts or ends, that changes. */
  private List<Cantilever.Stretch> stretches(double stiffness) {
    double held = choice.heldAtMm();
    TreeSet<Double> places = new TreeSet<>(List.of(0.0, choice.endMm() - held));
    for (BesideReckoning it : beside) {
      places.add(Math.max(0, it.choice().startMm() - held));
      places.add(Math.max(0, it.choice().endMm() - held));
    }
    List<Cantilever.Stretch> stretches = new ArrayList<>();
    double before = places.first();
    for (double place : places.tailSet(before, false)) {
      double middle = held + (before + place) / 2;
      double stiff = middle < choice.endMm() ? stiffness : 0;
      for (BesideReckoning it : beside) {
        boolean there = it.choice().startMm() < middle && middle < it.choice().endMm();
        stiff += there ? it.stiffness().value() : 0;
      }
      if (stiff > 0) {
        stretches.add(new Cantilever.Stretch(before, place, stiff));
      }
      before = place;
    }
    return stretches;
  }

  /** How stiff all rods are together where it is held. */
  double stiffnessAtHold(double stiffness) {
    return stretches(stiffness).stream().findFirst().map(it -> it.stiffness()).orElse(stiffness);
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

  // == SWINGING

  /**
   * The moment of inertia of all of it about the hold, in g·mm²: rods in closed form, foam slice by
   * slice, beyond the hold in those that bending asked for already.
   */
  double inertia() {
    double sum = rodInertia(rod, 1, choice.startMm(), choice.endMm());
    for (BesideReckoning it : beside) {
      sum += rodInertia(it.rod(), it.choice().count(), it.choice().startMm(), it.choice().endMm());
    }
    for (Attached it : attached) {
      sum += it.inertia(choice.heldAtMm());
    }
    double step = (end - choice.heldAtMm()) / Cantilever.STEPS;
    for (int i = 0; i <= Cantilever.STEPS; i++) {
      boolean last = i == 0 || i == Cantilever.STEPS;
      double arm = i * step + (last ? (i == 0 ? step / 4 : -step / 4) : 0);
      for (double[] it : foamLoads) {
        sum += it[i] * (last ? step / 2 : step) * arm * arm;
      }
    }
    return sum + below(step);
  }

  /** Of a bar, ∫ r² dm about the hold. */
  private double rodInertia(Rod of, int count, double low, double high) {
    double from = low - choice.heldAtMm();
    double to = high - choice.heldAtMm();
    double cubes = (to * to * to - from * from * from) / 3;
    return count * of.areaMm2() * of.densityGPerMm3() * cubes;
  }

  /** What foam there is below the hold. */
  private double below(double step) {
    double held = Math.min(choice.heldAtMm(), length);
    int slices = (int) Math.ceil(Math.max(0, held) / step);
    double sum = 0;
    for (int i = 0; i < slices; i++) {
      double low = held * i / slices;
      double high = held * (i + 1) / slices;
      double arm = (low + high) / 2 - choice.heldAtMm();
      sum += foamG(low, high) * arm * arm;
    }
    return sum;
  }

  private double foamG(double low, double high) {
    double edge = Math.min(JUST_INSIDE_MM, length / 2);
    double middle = Math.clamp((low + high) / 2, edge, length - edge);
    double grams = 0;
    for (Foamed it : foams) {
      double out = it.channelMm2() * shared(low, high, from, to);
      for (Out more : it.more()) {
        out += more.areaMm2() * shared(low, high, more.from(), more.to());
      }
      double whole = it.share().across().applyAsDouble(middle + near) * (high - low);
      grams += Math.max(0, whole - out) * it.density();
    }
    return grams;
  }

  /** How much of a slice is between two places. */
  private static double shared(double low, double high, double from, double to) {
    return Math.max(0, Math.min(high, to) - Math.max(low, from));
  }

  // == BALANCE

  /**
   * The moments of a foam about the near end, across and along, in g·mm.
   *
   * @param foam one of the foams
   */
  private Point moment(Foamed foam) {
    Point channel = middle(from, to).times(foam.channelMm2() * (to - from));
    for (Out it : foam.more()) {
      channel = channel.plus(middle(it.from(), it.to()).times(it.areaMm2() * it.length()));
    }
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
    double more = foam.more().stream().mapToDouble(it -> it.areaMm2() * it.length()).sum();
    return (foam.share().volume() - foam.channelMm2() * (to - from) - more) * foam.density();
  }

  /**
   * Where it balances, across and along, from the near end.
   *
   * @param rodMass what the core itself weighs, in g
   */
  Point balance(double rodMass) {
    return foams.stream()
        .map(this::moment)
        .reduce(rodMoment(rodMass), Point::plus)
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

  /** Of the core and of the rods beside it; those at both sides balance on the line. */
  private Point rodMoment(double rodMass) {
    Point moment = rodMiddle().times(rodMass);
    for (BesideReckoning it : beside) {
      Point at = middle(it.choice().startMm(), it.choice().endMm());
      moment = moment.plus(at.times(it.mass().value()));
    }
    return moment;
  }

  private Point rodMiddle() {
    return middle(choice.startMm(), choice.endMm());
  }

  private double totalMass(double rodMass) {
    return rodMass
        + beside.stream().mapToDouble(it -> it.mass().value()).sum()
        + foams.stream().mapToDouble(this::mass).sum();
  }
}
