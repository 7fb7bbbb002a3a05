package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.hipparchus.analysis.integration.SimpsonIntegrator;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import stoutblade.body.Body;
import stoutblade.catalogue.Rod;
import stoutblade.derive.Derived;
import stoutblade.edit.Edits;
import stoutblade.finding.Finding;
import stoutblade.layer.Layer;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Node;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** Several rods in one part, those with flat sides, and cores that come apart. */
class BesideTest {

  private static final Rod TUBE = Samples.TUBE;

  private static final Rod FLAT =
      new Rod("flat", "Strip", 2, 0, 15, 69_000, 1000, 150, 2.7e-3, 1000, 4, false, "test");

  private static final Rod BOX =
      new Rod("box", "Square tube", 10, 8, 10, 69_000, 1000, 150, 2.7e-3, 1000, 6, false, "test");

  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-60, 0),
              Node.corner(60, 0),
              Node.corner(60, 800),
              Node.corner(-60, 800)));

  private static Cored board() {
    return reckoned(new CoreChoice(TUBE.id(), -200, 700, 0)).body().map(Body::cored).orElseThrow();
  }

  private static Project with(CoreChoice core) {
    Part part =
        Samples.plate("d1", "Board", BOARD, List.of(), "foam", 20, Placing.USUAL)
            .withLayering(Layering.of(2, "foam", 20, Profile.FLAT))
            .withCore(Optional.of(core));
    return First.withParts(Samples.whole(), List.of(part));
  }

  private static PartReckoning reckoned(CoreChoice core) {
    return Samples.derive(with(core)).first().parts().getFirst();
  }

  private static CoreRods rods(CoreChoice choice) {
    return CoreRods.of(choice, List.of(TUBE, FLAT, BOX, Samples.DOWEL, Samples.PIPE));
  }

  private static CoreReckoning core(CoreChoice choice, Rod rod) {
    return CoreReckoning.of(board(), choice, rod, rods(choice));
  }

  // == SECTIONS

  /** bh³/12 and areas by hand: a strip flat and on its edge, a square tube. */
  @Test
  void what_has_flat_sides_has_the_figures_of_the_handbook() {
    CoreChoice lies = new CoreChoice("flat", -200, 700, 0);
    CoreReckoning flat = core(lies, FLAT);
    CoreReckoning edge = core(lies.withOnEdge(true), FLAT);
    CoreReckoning box = core(lies.withRod("box"), BOX);

    assertThat(value(flat, "core.stiffness")).isCloseTo(69_000 * 15 * 8 / 12.0, within(1e-6));
    assertThat(value(edge, "core.stiffness")).isCloseTo(69_000 * 2 * 3375 / 12.0, within(1e-6));
    assertThat(value(box, "core.stiffness"))
        .isCloseTo(69_000 * (10_000 - 4096) / 12.0, within(1e-6));
    assertThat(value(flat, "core.rod-mass")).isCloseTo(30 * 900 * 2.7e-3, within(1e-9));
    assertThat(value(box, "core.rod-mass")).isCloseTo(36 * 900 * 2.7e-3, within(1e-9));
    assertThat(value(flat, "core.second-moment-aside")).isCloseTo(2 * 3375 / 12.0, within(1e-9));
    assertThat(value(box, "core.second-moment-aside"))
        .isCloseTo((10_000 - 4096) / 12.0, within(1e-9));
    assertThat(FLAT.secondMomentMm4()).isCloseTo(10, within(1e-9));
    assertThat(BOX.areaMm2()).isEqualTo(36);
    assertThat(flat.height().value()).isEqualTo(2);
    assertThat(edge.height().value()).isEqualTo(15);
    assertThat(flat.groove()).isEqualTo(Groove.SQUARE);
    // Half of it in each layer, and as wide as it is.
    List<Channel> channels = Channel.of(board().layers().orElseThrow(), edge);
    assertThat(channels).hasSize(2);
    assertThat(channels.getFirst().widthMm()).isCloseTo(2, within(1e-9));
    assertThat(channels.getFirst().depthMm()).isCloseTo(7.5, within(1e-9));
    assertThat(channels.getFirst().areaMm2()).isCloseTo(15, within(1e-9));
    assertThat(edge.bed().orElseThrow().leastCover().value()).isCloseTo(12.5, within(1e-6));
  }

  @Test
  void what_is_flat_is_as_wide_as_thick() {
    assertThatThrownBy(() -> new Rod("r", "r", 5, 0, 3, 1, 0, 0, 1, 1, 0, false, "test"))
        .hasMessageContaining("as wide as thick");
    assertThatThrownBy(() -> new Beside("flat", 100, 50, 0, false))
        .hasMessageContaining("nearer the tip");
    assertThatThrownBy(() -> new Beside("flat", 0, 50, -1, false)).hasMessageContaining("0 to 2 m");
  }

  // == BENDING

  /**
   * Random bars of up to five stretches and any weight along them, against beam elements (two-node
   * Hermite elements with consistent masses, as in any text on finite elements) solved by
   * Hipparchus.
   */
  @Property(tries = 25)
  void stepped_bars_droop_and_swing_as_finite_elements_do(@ForAll long seed) {
    Random random = new Random(seed);
    double length = 400 + random.nextDouble() * 1200;
    int count = 1 + random.nextInt(5);
    List<Cantilever.Stretch> stretches = new ArrayList<>();
    double from = 0;
    for (int i = 0; i < count; i++) {
      double to = length * (i + 1) / count;
      stretches.add(new Cantilever.Stretch(from, to, 2e6 * Math.pow(20, random.nextDouble())));
      from = to;
    }
    double root = 0.1 + random.nextDouble();
    double tip = 0.05 + random.nextDouble() * 0.5;
    double[] masses = new double[Cantilever.STEPS + 1];
    for (int i = 0; i < masses.length; i++) {
      masses[i] = root + (tip - root) * i / (masses.length - 1);
    }

    Cantilever bar = Cantilever.bend(stretches, length, masses);
    Elements elements = new Elements(stretches, length, root, tip);

    assertThat(bar.droop() / elements.droop()).isCloseTo(1, within(0.005));
    assertThat(bar.frequency() / elements.frequency()).isCloseTo(1, within(0.005));
    assertThat(bar.moment())
        .isCloseTo(
            9.80665e-3 * length * length * (root / 6 + tip / 3), within(bar.moment() * 1e-4));
    assertThat(bar.line()).hasSize(Cantilever.STEPS + 1);
    assertThat(bar.line().getLast()).isEqualTo(bar.droop());
  }

  /** A cantilever of 120 elements. */
  private static final class Elements {

    private static final int COUNT = 120;

    private final RealMatrix stiffness = new Array2DRowRealMatrix(2 * COUNT, 2 * COUNT);
    private final RealMatrix mass = new Array2DRowRealMatrix(2 * COUNT, 2 * COUNT);
    private final RealVector weight = new ArrayRealVector(2 * COUNT);

    Elements(List<Cantilever.Stretch> stretches, double length, double root, double tip) {
      double l = length / COUNT;
      for (int i = 0; i < COUNT; i++) {
        double middle = (i + 0.5) * l;
        double ei =
            stretches.stream()
                .filter(it -> it.from() <= middle && middle <= it.to())
                .findFirst()
                .orElseThrow()
                .stiffness();
        // 1e-6: g times mm/s² are µN.
        double m = root + (tip - root) * middle / length;
        double[][] k = {
          {12, 6 * l, -12, 6 * l},
          {6 * l, 4 * l * l, -6 * l, 2 * l * l},
          {-12, -6 * l, 12, -6 * l},
          {6 * l, 2 * l * l, -6 * l, 4 * l * l}
        };
        double[][] c = {
          {156, 22 * l, 54, -13 * l},
          {22 * l, 4 * l * l, 13 * l, -3 * l * l},
          {54, 13 * l, 156, -22 * l},
          {-13 * l, -3 * l * l, -22 * l, 4 * l * l}
        };
        double[] w = {l / 2, l * l / 12, l / 2, -l * l / 12};
        for (int a = 0; a < 4; a++) {
          int row = 2 * (i - 1) + a;
          if (row < 0) {
            continue;
          }
          weight.addToEntry(row, w[a] * m * 9.80665e-3);
          for (int b = 0; b < 4; b++) {
            int column = 2 * (i - 1) + b;
            if (column >= 0) {
              stiffness.addToEntry(row, column, ei / (l * l * l) * k[a][b]);
              mass.addToEntry(row, column, m * 1e-6 * l / 420 * c[a][b]);
            }
          }
        }
      }
    }

    private RealVector bent(RealVector forces) {
      return new CholeskyDecomposition(stiffness, 1e-9, 1e-14).getSolver().solve(forces);
    }

    double droop() {
      return bent(weight).getEntry(2 * COUNT - 2);
    }

    /** The lowest one, by turning a shape through the inverse until it stays. */
    double frequency() {
      RealVector shape = bent(weight);
      for (int i = 0; i < 8; i++) {
        RealVector next = bent(mass.operate(shape));
        shape = next.mapDivide(next.getNorm());
      }
      double square =
          shape.dotProduct(stiffness.operate(shape)) / shape.dotProduct(mass.operate(shape));
      return Math.sqrt(square) / (2 * Math.PI);
    }
  }

  // == RODS BESIDE A CORE

  /** Weight and balance added up piece by piece: each rod, and the foam less every channel. */
  @Test
  void weight_and_balance_are_those_of_the_small_pieces() {
    CoreChoice choice =
        new CoreChoice(TUBE.id(), -200, 500, 0)
            .withBeside(
                List.of(
                    new Beside("flat", 50, 450, 25, true),
                    new Beside("dowel-9", 500, 720, 0, false)));
    CoreReckoning core = core(choice, TUBE);

    double foam = 120.0 * 40 * 800 * Samples.FOAM.densityGPerMm3();
    double tube = Math.PI / 4 * 36 * 1575e-6;
    double channel = Math.PI / 4 * 100 * 500;
    double strips = 2 * 30.0;
    double dowel = Math.PI / 4 * 81;
    double density = Samples.FOAM.densityGPerMm3();
    double mass =
        foam
            - (channel + strips * 400 + dowel * 220) * density
            + tube * 700
            + strips * 400 * 2.7e-3
            + dowel * 220 * 650e-6;
    double moment =
        foam * 400
            - (channel * 250 + strips * 400 * 250 + dowel * 220 * 610) * density
            + tube * 700 * 150
            + strips * 400 * 2.7e-3 * 250
            + dowel * 220 * 650e-6 * 610;

    assertThat(core.mass().value()).isCloseTo(mass, within(0.02));
    assertThat(core.balance().value()).isCloseTo(moment / mass, within(0.05));
    assertThat(core.beside())
        .extracting(BesideReckoning::lies)
        .containsExactly(BesideReckoning.Lies.BESIDE, BesideReckoning.Lies.BEYOND);
    assertThat(value(core, "core.stiffness-held"))
        .isCloseTo(value(core, "core.stiffness"), within(1e-6));
  }

  @Test
  void strips_beside_a_tube_stiffen_it_and_a_rod_inside_takes_no_foam() {
    CoreChoice bare = new CoreChoice(TUBE.id(), -200, 700, 0);
    CoreReckoning plain = core(bare, TUBE);
    CoreReckoning strips =
        core(bare.withBeside(List.of(new Beside("flat", -200, 700, 20, true))), TUBE);
    CoreChoice within =
        new CoreChoice(Samples.PIPE.id(), -200, 700, 0)
            .withBeside(List.of(new Beside("dowel-9", -100, 600, 0, false)));
    CoreReckoning inside = core(within, Samples.PIPE);

    assertThat(strips.droop().value()).isLessThan(plain.droop().value());
    assertThat(value(strips, "core.stiffness-held"))
        .isCloseTo(value(plain, "core.stiffness") + 2 * 69_000 * 2 * 3375 / 12.0, within(1e-3));
    assertThat(inside.beside().getFirst().lies()).isEqualTo(BesideReckoning.Lies.INSIDE);
    assertThat(inside.beside().getFirst().cover()).isEmpty();
    double pipe = core(within.withBeside(List.of()), Samples.PIPE).mass().value();
    assertThat(inside.mass().value())
        .isCloseTo(pipe + Math.PI / 4 * 81 * 700 * 650e-6, within(1e-6));
    assertThat(strips.beside().getFirst().cover().orElseThrow().value())
        .isCloseTo(20 - 7.5, within(1e-6));
  }

  /** Stress by hand: M·c/I of the tube alone, and its share of what it is stated to bear. */
  @Test
  void stress_is_the_moment_over_the_section() {
    Rod strong =
        new Rod("box", "Square tube", 10, 8, 10, 69_000, 0, 150, 2.7e-3, 1000, 6, false, "test");
    CoreChoice choice = new CoreChoice("box", -200, 700, 0);
    CoreReckoning core = CoreReckoning.of(board(), choice, strong, rods(choice));
    double moment =
        new SimpsonIntegrator()
            .integrate(
                100_000,
                y ->
                    9.80665e-3
                        * y
                        * ((y < 700 ? 36 * 2.7e-3 : 0)
                            + (4800 - (y < 700 ? 100 : 0)) * Samples.FOAM.densityGPerMm3()),
                0,
                800);
    double section = (10_000 - 4096) / 12.0;

    assertThat(value(core, "core.stress")).isCloseTo(moment * 5 / section, within(0.02));
    assertThat(core.knocked().orElseThrow().value())
        .isCloseTo((moment + 30 * 800) * 5 / section / 150, within(1e-3));
    assertThat(core.cost().orElseThrow().value()).isCloseTo(6 * 0.9, within(1e-9));
  }

  private static double value(CoreReckoning core, String id) {
    return java.util.stream.Stream.concat(
            core.figures().stream(), core.figures().stream().flatMap(it -> it.inputs().stream()))
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow()
        .value();
  }

  /** Inertia by adding up a million small pieces of a board, a tube and two strips. */
  @Test
  void inertia_about_the_hold_is_that_of_the_small_pieces() {
    CoreChoice choice =
        new CoreChoice(TUBE.id(), -200, 500, -50)
            .withBeside(List.of(new Beside("flat", 50, 450, 25, true)));
    double density = Samples.FOAM.densityGPerMm3();
    double sum = 0;
    double step = 0.01;
    for (double y = -200 + step / 2; y < 800; y += step) {
      double grams = 0;
      if (y < 500) {
        grams += Math.PI / 4 * 36 * 1575e-6 * step;
      }
      if (y > 0) {
        grams += 4800 * density * step;
        grams -= y < 500 ? Math.PI / 4 * 100 * density * step : 0;
      }
      if (y > 50 && y < 450) {
        grams += 60 * (2.7e-3 - density) * step;
      }
      sum += grams * (y + 50) * (y + 50);
    }

    assertThat(core(choice, TUBE).inertia().value()).isCloseTo(sum, within(sum * 1e-4));
    // Held inside the foam: what lies below the hand counts as much. Moved by d from the balance
    // point, inertia grows by m·d² (Steiner).
    CoreReckoning held = core(choice.withHeldAt(300), TUBE);
    double mass = held.mass().value();
    double balance = held.balance().value();
    double about = sum - mass * Math.pow(balance + 50, 2);
    assertThat(held.inertia().value())
        .isCloseTo(about + mass * Math.pow(balance - 300, 2), within(sum * 2e-4));
  }

  // == WHAT IS WRONG

  private static Optional<Finding> finding(Project project, String id) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().endsWith("core.d1." + id))
        .findFirst();
  }

  private static void mended(Project project, String id) {
    Finding found = finding(project, id).orElseThrow();
    assertThat(found.mends()).isNotEmpty();
    found
        .mends()
        .forEach(
            it ->
                assertThat(finding(it.in(Prop.FIRST).applyTo(project), id)).as("%s", it).isEmpty());
  }

  @Test
  void a_rod_in_the_way_unknown_or_too_near_the_edge_is_found_and_mended() {
    CoreChoice bare = new CoreChoice(TUBE.id(), -200, 500, 0);
    mended(with(bare.withBeside(List.of(new Beside("dowel-9", 0, 600, 0, false)))), "beside-0.on");
    mended(
        with(bare.withBeside(List.of(new Beside("nothing", 0, 600, 20, false)))),
        "beside-0.unknown");
    Project edge = with(bare.withBeside(List.of(new Beside("dowel-9", 0, 600, 55, false))));
    Finding found = finding(edge, "beside-0.shows").orElseThrow();
    assertThat(finding(found.mends().getFirst().in(Prop.FIRST).applyTo(edge), "beside-0.shows"))
        .isEmpty();
    assertThat(
            finding(
                with(bare.withBeside(List.of(new Beside("dowel-9", 0, 600, 20, false)))),
                "beside-0.on"))
        .isEmpty();
    Beside first = new Beside("dowel-9", 0, 300, 20, false);
    mended(
        with(bare.withBeside(List.of(first, new Beside("dowel-9", 200, 600, 26, false)))),
        "beside-1.meets");
    for (Beside clear :
        List.of(
            new Beside("dowel-9", 300, 600, 20, false), new Beside("dowel-9", 0, 300, 29, false))) {
      assertThat(finding(with(bare.withBeside(List.of(first, clear))), "beside-1.meets")).isEmpty();
    }
  }

  @Test
  void all_rods_are_bought_cut_and_drawn_on_the_templates() {
    CoreChoice choice =
        new CoreChoice(TUBE.id(), -200, 500, 0)
            .withBeside(List.of(new Beside("dowel-9", 0, 600, 20, false)));
    Derived derived = Samples.derive(with(choice));

    assertThat(derived.shopping().orElseThrow().lines())
        .anySatisfy(
            it -> {
              assertThat(it.name()).isEqualTo(Samples.DOWEL.name());
              assertThat(it.need().value()).isCloseTo(1200, within(1e-9));
              assertThat(it.buy().value()).isEqualTo(2);
            });
    Layer front = reckoned(choice).layers().orElseThrow().each().getLast();
    long channels =
        reckoned(choice).templates(stoutblade.measure.Units.METRIC).stream()
            .filter(it -> it.title().contains("layer"))
            .flatMap(it -> it.strokes().stream())
            .filter(it -> it.kind() == stoutblade.template.Stroke.Kind.CHANNEL)
            .count();
    assertThat(front.number()).isEqualTo(2);
    assertThat(channels).isGreaterThanOrEqualTo(3);
  }

  // == APART

  /** A pipe of 15.8 mm inside and a dowel of 9 mm: 3.4 mm all round; by hand. */
  @Test
  void a_core_that_comes_apart_has_two_pieces_and_what_joins_them() {
    Parting loose = new Parting(-100, Parting.Way.SPIGOT, "dowel-9", 40, Parting.Lock.MAGNETS);
    CoreChoice choice =
        new CoreChoice(Samples.PIPE.id(), -400, 600, 0).withParting(Optional.of(loose));
    Derived derived = Samples.derive(with(choice));
    PartingReckoning joint =
        derived.first().parts().getFirst().core().orElseThrow().parting().orElseThrow();

    assertThat(joint.lower().value()).isEqualTo(300);
    assertThat(joint.upper().value()).isEqualTo(700);
    assertThat(joint.joinLength().value()).isEqualTo(80);
    assertThat(joint.play().orElseThrow().value()).isCloseTo((15.8 - 9) / 2, within(1e-9));
    assertThat(joint.wobble().orElseThrow().value()).isCloseTo(2 * 3.4 / 40 * 900, within(1e-6));
    assertThat(derived.shopping().orElseThrow().lines())
        .anySatisfy(
            it -> {
              assertThat(it.name()).isEqualTo(Samples.DOWEL.name());
              assertThat(it.need().value()).isEqualTo(80);
            });
    assertThat(derived.shopping().orElseThrow().lines())
        .anySatisfy(it -> assertThat(it.name()).isEqualTo(Parting.Lock.MAGNETS.bought()));
    assertThat(derived.plan().orElseThrow().steps())
        .anySatisfy(
            it -> {
              assertThat(it.id()).endsWith("/core-joint");
              assertThat(it.why()).contains("magnets in both ends");
              assertThat(it.cautions()).anyMatch(own -> own.contains("pinch"));
            });
    assertThat(finding(with(choice), "joint.fit").orElseThrow().severity())
        .isEqualTo(Finding.Severity.WARNING);
  }

  /** The joint is 300 of 1200 mm from the lower end: the longest piece on the way is 900. */
  @Test
  void what_comes_apart_is_looked_at_in_two_pieces_on_the_way() {
    CoreChoice choice =
        new CoreChoice(Samples.PIPE.id(), -400, 600, 0)
            .withParting(Optional.of(new Parting(-100, Parting.Way.SPIGOT, "dowel-9", 60)));
    Project project = with(choice);
    Finding found = finding(project, "joint-way").orElseThrow();
    Project said = found.mends().getFirst().in(Prop.FIRST).applyTo(project);

    assertThat(finding(said, "joint-way")).isEmpty();
    assertThat(said.first().size().carry().apartAtMm()).contains(300.0);
    double longest = Samples.derive(said).first().fit().orElseThrow().piece().value();
    double whole = Samples.derive(said).first().whole().length().orElseThrow().value();
    assertThat(longest).isCloseTo(whole - 300, within(1e-6));
  }

  @Test
  void a_joint_that_does_not_fit_is_short_or_in_the_hand_is_found_and_mended() {
    CoreChoice pipe = new CoreChoice(Samples.PIPE.id(), -400, 600, 0);
    Parting joint = new Parting(-200, Parting.Way.SPIGOT, "dowel-9", 60);
    Project thick = with(pipe.withParting(Optional.of(joint.joinedBy(Samples.PIPE.id()))));
    Finding wrong = finding(thick, "joint.fit").orElseThrow();
    assertThat(wrong.severity()).isEqualTo(Finding.Severity.WRONG);
    Project mended = wrong.mends().getFirst().in(Prop.FIRST).applyTo(thick);
    assertThat(finding(mended, "joint.fit").map(Finding::severity))
        .isNotEqualTo(Optional.of(Finding.Severity.WRONG));
    mended(with(pipe.withParting(Optional.of(joint.overlapping(10)))), "joint.short");
    mended(with(pipe.withParting(Optional.of(joint.at(20)))), "joint.hand");
    mended(with(pipe.withParting(Optional.of(joint.at(590)))), "joint.end");
    assertThatThrownBy(() -> pipe.withParting(Optional.of(joint.at(600))))
        .hasMessageContaining("between its ends");
    Project one = Edits.parting("d1", Optional.empty()).in(Prop.FIRST).applyTo(thick);
    assertThat(one.first().parts().getFirst().core().orElseThrow().parting()).isEmpty();
  }

  @Test
  void made_larger_rods_and_joints_go_along() {
    CoreChoice choice =
        new CoreChoice(TUBE.id(), -200, 500, 0)
            .withBeside(List.of(new Beside("flat", 50, 450, 25, true)))
            .withParting(Optional.of(new Parting(100, Parting.Way.SLEEVE, "pipe", 40)));

    CoreChoice twice = choice.times(2);
    assertThat(twice.beside()).containsExactly(new Beside("flat", 100, 900, 50, true));
    assertThat(twice.parting().orElseThrow().atMm()).isEqualTo(200);
    assertThat(twice.parting().orElseThrow().overlapMm()).isEqualTo(40);
    assertThat(twice.reachMm()).isEqualTo(1000);
  }
}
