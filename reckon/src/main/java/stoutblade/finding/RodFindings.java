package stoutblade.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.core.Beside;
import stoutblade.core.BesideReckoning;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.core.CoreRods;
import stoutblade.core.Parting;
import stoutblade.core.PartingReckoning;
import stoutblade.core.RodWork;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Station;

/** Looks through the rods beside a core, and the joint of one that comes apart. */
final class RodFindings {

  private static final double LOOSE_MM = 0.5;
  private static final double BORE_ROOM_MM = 0.2;
  private static final int SHARES = 10;

  private final String id;
  private final Body body;
  private final CoreReckoning core;
  private final Catalogue catalogue;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private RodFindings(String id, Body body, CoreReckoning core, Catalogue catalogue, Units units) {
    this.id = id;
    this.body = body;
    this.core = core;
    this.catalogue = catalogue;
    this.units = units;
  }

  static List<Finding> of(
      String id, Body body, CoreReckoning core, Catalogue catalogue, Units units) {
    RodFindings own = new RodFindings(id, body, core, catalogue, units);
    for (int i = 0; i < core.choice().beside().size(); i++) {
      own.beside(core.choice().beside().get(i), i);
    }
    own.together();
    core.parting().ifPresent(own::parting);
    return own.found;
  }

  // == BESIDE THE CORE

  private void beside(Beside choice, int number) {
    Optional<BesideReckoning> made =
        core.beside().stream().filter(it -> it.choice().equals(choice)).findFirst();
    List<Change> out =
        List.of(Edits.beside(id, number, it -> Optional.empty()).named("Take it out"));
    if (made.isEmpty()) {
      add(
          "beside-" + number + ".unknown",
          choice.startMm(),
          Severity.WRONG,
          "A rod beside the core is not in the catalogue",
          "'" + choice.rodId() + "' is not there; it is not reckoned with.",
          out);
      return;
    }
    BesideReckoning it = made.get();
    if (it.lies() == BesideReckoning.Lies.ON_IT) {
      inTheWay(it, number, out);
    } else if (it.cover().filter(own -> own.value() < CoreReckoning.WANTED_COVER_MM).isPresent()) {
      shows(it, number);
    }
    if (it.length().value() > it.rod().lengthMm()) {
      add(
          "beside-" + number + ".long",
          choice.startMm(),
          Severity.WARNING,
          it.rod().name() + " is longer than it is sold",
          it.length().show(units) + " are needed in one piece.",
          List.of(
              Edits.beside(
                      id, number, own -> Optional.of(own.to(own.startMm() + it.rod().lengthMm())))
                  .named("End it " + show(it.rod().lengthMm()) + " further up")));
    }
  }

  /** Rods beside the core that lie in each other's channels. */
  private void together() {
    List<BesideReckoning> all = core.beside().stream().filter(BesideReckoning::channelled).toList();
    for (int i = 1; i < all.size(); i++) {
      for (BesideReckoning before : all.subList(0, i)) {
        if (all.get(i).meets(before)) {
          apart(all.get(i), before);
        }
      }
    }
  }

  private void apart(BesideReckoning it, BesideReckoning before) {
    int number = core.choice().beside().indexOf(it.choice());
    double clear =
        Math.ceil(
            before.choice().asideMm()
                + (before.section().widthMm() + it.section().widthMm()) / 2
                + 2);
    List<Change> mends = new ArrayList<>();
    mends.add(changed(number, it.choice().aside(clear), show(clear) + " from the middle"));
    mends.add(Edits.beside(id, number, own -> Optional.empty()).named("Take it out"));
    add(
        "beside-" + number + ".meets",
        Math.max(it.choice().startMm(), before.choice().startMm()),
        Severity.WRONG,
        "%s and %s lie in each other's way".formatted(before.rod().name(), it.rod().name()),
        "Their channels run into one another.",
        mends);
  }

  private void inTheWay(BesideReckoning it, int number, List<Change> out) {
    double clear = Math.ceil((core.section().widthMm() + it.section().widthMm()) / 2 + 2);
    List<Change> mends = new ArrayList<>();
    bored(it).ifPresent(mends::add);
    mends.add(
        Edits.beside(id, number, own -> Optional.of(own.aside(clear)))
            .named("One at each side, " + show(clear) + " from the middle"));
    if (it.choice().endMm() > core.choice().endMm()) {
      mends.add(
          Edits.beside(id, number, own -> Optional.of(own.from(core.choice().endMm())))
              .named("From the end of the core on"));
    }
    mends.addAll(out);
    add(
        "beside-" + number + ".on",
        Math.max(it.choice().startMm(), core.choice().startMm()),
        Severity.WRONG,
        it.rod().name() + " lies in the core's way",
        "Both are where the other one is.",
        mends);
  }

  /** A solid core drilled so wide that a round rod on its line goes inside. */
  private Optional<Change> bored(BesideReckoning it) {
    double bore = Math.ceil((it.section().widthMm() + BORE_ROOM_MM) * 2) / 2;
    boolean goes =
        it.choice().asideMm() == 0
            && !it.section().square()
            && core.choice().work().drilledMm() == 0
            && core.section().count() == 1
            && RodWork.drills(core.rod())
            && bore <= CoreFindings.MOST_BORE * core.rod().outerMm()
            && it.choice().startMm() >= core.choice().startMm()
            && it.choice().endMm() <= core.choice().endMm();
    return goes
        ? Optional.of(
            Edits.drilled(id, bore).named("Drill the core " + show(bore) + " wide, it goes inside"))
        : Optional.empty();
  }

  private void shows(BesideReckoning it, int number) {
    double least = it.cover().orElseThrow().value();
    Beside own = it.choice();
    List<Change> mends = new ArrayList<>();
    double nearer = Math.floor(own.asideMm() - (CoreReckoning.WANTED_COVER_MM - least) - 1);
    if (own.count() == 2 && nearer > 0 && works(own.aside(nearer), number)) {
      mends.add(changed(number, own.aside(nearer), show(nearer) + " from the middle"));
    }
    if (it.section().square() && own.onEdge() && works(own.onEdge(false), number)) {
      mends.add(changed(number, own.onEdge(false), "Lay it flat"));
    }
    thinner(own, it.rod(), number).ifPresent(mends::add);
    for (int share = SHARES - 1; share > SHARES / 3; share--) {
      double end = Math.floor(own.startMm() + (own.endMm() - own.startMm()) * share / SHARES);
      if (end > own.startMm() && works(own.to(end), number)) {
        mends.add(changed(number, own.to(end), "End it at " + show(end)));
        break;
      }
    }
    add(
        "beside-" + number + ".shows",
        it.choice().endMm(),
        Severity.WARNING,
        "Too little foam over " + it.rod().name(),
        show(Math.max(0, least)) + " is left over it or beside it; it would show or bulge.",
        mends);
  }

  private Change changed(int number, Beside to, String words) {
    return Edits.beside(id, number, own -> Optional.of(to)).named(words);
  }

  /** The stiffest rod that fits in its place. */
  private Optional<Change> thinner(Beside own, Rod rod, int number) {
    return catalogue.rods().stream()
        .filter(it -> it.outerMm() < rod.outerMm() || it.wideMm() < rod.wideMm())
        .filter(it -> works(own.withRod(it.id()), number))
        .max(Comparator.comparingDouble(it -> it.modulus() * it.secondMomentMm4()))
        .map(it -> changed(number, own.withRod(it.id()), "Use " + it.name()));
  }

  /** True where a rod would have enough foam over it, and would be in nothing's way. */
  private boolean works(Beside changed, int number) {
    CoreChoice choice = core.choice();
    List<Beside> all = new ArrayList<>(choice.beside());
    all.set(number, changed);
    CoreChoice tried = choice.withBeside(all);
    return CoreReckoning.of(body.cored(), tried, core.rod(), CoreRods.of(tried, catalogue.rods()))
        .beside()
        .stream()
        .filter(it -> it.choice().equals(changed))
        .allMatch(
            it ->
                it.lies() != BesideReckoning.Lies.ON_IT
                    && it.cover()
                        .filter(own -> own.value() < CoreReckoning.WANTED_COVER_MM)
                        .isEmpty());
  }

  // == THE JOINT

  private void parting(PartingReckoning joint) {
    fit(joint);
    Parting own = joint.choice();
    double inside = joint.insideMm(core.section());
    double least = Math.ceil(PartingReckoning.WELL * inside);
    if (own.overlapMm() < least - 0.5) {
      add(
          "joint.short",
          own.atMm(),
          Severity.WARNING,
          "The joint of the core overlaps little",
          "%s in each piece; about %.0f times what is inside, %s, holds well (common practice)."
              .formatted(show(own.overlapMm()), PartingReckoning.WELL, show(least)),
          List.of(
              Edits.parting(id, Optional.of(own.overlapping(least)))
                  .named(show(least) + " in each piece")));
    }
    place(joint);
    double room =
        Math.min(own.atMm() - core.choice().startMm(), core.choice().endMm() - own.atMm());
    if (own.overlapMm() > room) {
      add(
          "joint.end",
          own.atMm(),
          Severity.WRONG,
          "What joins the core is longer than one of its pieces",
          show(own.overlapMm()) + " go into a piece of " + show(room) + ".",
          List.of(
              Edits.parting(
                      id,
                      Optional.of(own.at((core.choice().startMm() + core.choice().endMm()) / 2)))
                  .named("Part it in its middle")));
    }
  }

  private void fit(PartingReckoning joint) {
    double play = joint.play().map(it -> it.value()).orElse(-1.0);
    if (play >= 0 && play <= LOOSE_MM) {
      return;
    }
    List<Change> mends = new ArrayList<>();
    PartingReckoning.best(joint.choice(), core.section(), core.rod(), catalogue.rods())
        .filter(it -> !it.equals(joint.choice()))
        .ifPresent(
            it ->
                mends.add(
                    Edits.parting(id, Optional.of(it))
                        .named(
                            "Join it by "
                                + catalogue.rod(it.joinId()).map(Rod::name).orElse(it.joinId()))));
    add(
        "joint.fit",
        joint.choice().atMm(),
        play < 0 ? Severity.WRONG : Severity.WARNING,
        play < 0 ? "What joins the core does not fit" : "The joint of the core is loose",
        joint.join().isEmpty()
            ? "'" + joint.choice().joinId() + "' is not in the catalogue."
            : play < 0
                ? joint.join().get().name()
                    + " does not go "
                    + (joint.choice().way() == Parting.Way.SPIGOT ? "into " : "over ")
                    + core.rod().name()
                    + "."
                : show(play)
                    + " of room all round: shim it with tape, or take another one (our guess: more"
                    + " than "
                    + show(LOOSE_MM)
                    + " rattles).",
        mends);
  }

  /** Not in the hand, and not at the hold, where it bends most. */
  private void place(PartingReckoning joint) {
    double held = core.choice().heldAtMm();
    double away = joint.choice().atMm() - held;
    if (Math.abs(away) >= PartingReckoning.HAND_MM) {
      return;
    }
    double below = held - PartingReckoning.HAND_MM - 20;
    double above = held + PartingReckoning.HAND_MM + 20;
    List<Change> mends = new ArrayList<>();
    for (double at : new double[] {below, above}) {
      if (at - joint.choice().overlapMm() > core.choice().startMm()
          && at + joint.choice().overlapMm() < core.choice().endMm()) {
        mends.add(
            Edits.parting(id, Optional.of(joint.choice().at(at))).named("Part it at " + show(at)));
      }
    }
    add(
        "joint.hand",
        joint.choice().atMm(),
        Severity.WARNING,
        "The core comes apart in the hand",
        "%s from where it is held: the joint pinches, and there it bends most (common practice)."
            .formatted(show(Math.abs(away))),
        mends);
  }

  private void add(
      String key, double along, Severity severity, String title, String why, List<Change> mends) {
    Place place = new Place.OnPart(id, body.course().at(body.nearMm() + Math.max(0, along)));
    found.add(
        new Finding("core." + id + "." + key, Station.CORE, place, severity, title, why, mends));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}
