package stoutblade.build;

import java.util.List;
import java.util.stream.Collectors;
import stoutblade.build.Step.Need;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.SheetFamily;
import stoutblade.feature.Fuller;
import stoutblade.feature.PlateForm;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.part.Workmanship;

/** What makers of a part's steps have in common: what is made, and the steps so far. */
abstract class StepMaker {

  final Work work;
  final Catalogue catalogue;
  private final List<Step> steps;

  /**
   * A maker.
   *
   * @param steps the steps so far, to which it adds its own
   */
  StepMaker(Work work, Catalogue catalogue, List<Step> steps) {
    this.work = work;
    this.catalogue = catalogue;
    this.steps = steps;
  }

  final void add(StepBuilder builder) {
    steps.add(builder.build());
  }

  final StepBuilder step(String id, String title, String why) {
    return new StepBuilder(catalogue, id, title, why);
  }

  final boolean has(String id) {
    return steps.stream().anyMatch(it -> it.id().equals(id));
  }

  final Glue cement() {
    return work.choices().glue().taken();
  }

  // == WHAT IS MADE

  /** How many layers there are. */
  final int layers() {
    return work.body().layers().map(it -> it.each().size()).orElse(0);
  }

  final Layers layered() {
    return work.body().layers().orElseThrow();
  }

  final PlateForm form() {
    return work.body().form().orElseThrow();
  }

  final Figure edge() {
    return form().measures().orElseThrow().edge();
  }

  // == WHAT COMES BEFORE

  /** What the first joint waits for; where there is none, what shaping waits for. */
  final Need before() {
    if (has("core-bed")) {
      return bedded();
    }
    return has("bevel") && eachBevelled() ? Need.after("bevel") : worked();
  }

  /** What follows once every layer is cut and its faces are ready. */
  final Need worked() {
    return Need.after(has("grind") ? "grind" : "cut");
  }

  final Need bedded() {
    return Need.after(
        "core-bed", work.choices().coreGlue().taken().pressMinutes(), "the core's glue sets");
  }

  /** True where the core is bedded while the layers close over it. */
  final boolean bedsInOneGo() {
    return work.choices().bedding().taken() == Workmanship.Bedding.IN_ONE_GO;
  }

  /** True where each layer is bevelled before the layers are joined. */
  final boolean eachBevelled() {
    return work.choices().bevel().taken() == Workmanship.BevelTime.EACH_LAYER;
  }

  /** What to beware of in working its sheets. */
  final String ofSheets() {
    return work.choices().families().stream()
        .map(SheetFamily::caution)
        .filter(it -> !it.isEmpty())
        .collect(Collectors.joining(" "));
  }

  /** True where all its sheets are cut with a saw, or some are. */
  final boolean sawn() {
    return work.choices().families().stream().anyMatch(SheetFamily::sawn);
  }

  /** The step that closes the last joint between layers. */
  final String lastJoint() {
    return numbered("join", layers() - 1);
  }

  final String numbered(String id, int joint) {
    return layers() == 2 ? id : id + "-" + joint;
  }

  /** After a step whose joint takes no stress at once. */
  final Need rested(String joined) {
    return Need.after(joined, cement().strainMinutes(), "the joint takes no stress sooner");
  }

  // == HOW MUCH

  static Figure mm(String step, double mm) {
    return Figure.given("build." + step, "Length", mm, Quantity.LENGTH, Source.GEOMETRY);
  }

  static Figure count(String step, String label, double number) {
    return Figure.given(
        "build." + step + ".amount", label, number, Quantity.COUNT, Source.GEOMETRY);
  }

  static Figure times(int count, String step, String label, Figure once) {
    return Figure.computed(
        "build." + step + ".amount",
        label,
        once.quantity(),
        count + " * {" + once.id() + "}",
        Source.GEOMETRY,
        once);
  }

  /** The surface of all that are made. */
  final Figure surface(String step) {
    return times(work.made(), step, "Surface to work", work.body().surface());
  }

  /** The fullers that are worked in, or those that are laid on. */
  final List<Fuller> fullers(boolean raised) {
    return work.body().form().stream()
        .flatMap(it -> Fuller.of(it.blank()).stream())
        .filter(it -> it.raised() == raised)
        .toList();
  }

  final Figure fullerLength(String step, List<Fuller> fullers) {
    int faces = form().blank().faces();
    return Figure.found(
        "build." + step + ".amount",
        "Fullers, length",
        fullers.stream().mapToDouble(Fuller::length).sum() * faces * work.made(),
        Quantity.LENGTH,
        "from end to end of each, on " + (faces == 2 ? "both faces" : "the front"),
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  /** The last of the shaping, whatever the shape. */
  final StepBuilder sand(Need before) {
    List<Integer> grits = work.choices().grits().taken();
    if (grits.isEmpty()) {
      return step("sand", "Trim and clean the edges", "It is not sanded")
          .time("sanding", surface("sand"))
          .need(before)
          .tools("sharp knife or scissors", "soft brush")
          .cautions(Cautions.KNIFE)
          .divisible();
    }
    String all = grits.stream().map(String::valueOf).collect(Collectors.joining(" then "));
    return step(
            "sand",
            "Sand smooth, " + all + " grit",
            "The last grit before what is coated is " + grits.getLast())
        .time("sanding", surface("sand"))
        .need(before)
        .tools(
            grits.stream().map(String::valueOf).collect(Collectors.joining(" and ")) + " grit",
            "damp cloth")
        .cautions(Cautions.DUST, ofSheets())
        .divisible();
  }
}
