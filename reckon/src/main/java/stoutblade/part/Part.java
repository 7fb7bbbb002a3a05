package stoutblade.part;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.core.CoreChoice;
import stoutblade.develop.Developed;
import stoutblade.develop.RimBand;
import stoutblade.develop.Strip;
import stoutblade.feature.Blank;
import stoutblade.feature.Fixing;
import stoutblade.feature.PanelFeature;
import stoutblade.finish.Coats;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/**
 * A part of a prop. Whatever its shape, it is cored, cut, planned, coated and logged alike.
 *
 * @param id unique among the parts of a prop: d and a number
 * @param name what the maker calls it
 * @param shape what it is
 * @param stack the sheets that it is made of; empty for what is bought
 * @param core the core in it; empty for none
 * @param coats its coats, in the order in which they go on
 * @param placing where it is on the prop
 * @param workmanship how it is made, where not as proposed
 * @param held true where it keeps its size when the prop is made larger or smaller
 */
public record Part(
    String id,
    String name,
    Shape shape,
    Optional<Layering> stack,
    Optional<CoreChoice> core,
    List<Coats> coats,
    Placing placing,
    Workmanship workmanship,
    boolean held) {

  /** The most parts of one prop. */
  public static final int MOST_PARTS = 200;

  /** The longest name of a part. */
  public static final int LONGEST_NAME = 60;

  private static final double THICKEST_MM = 500;

  /**
   * Copies the coats and checks what every part has.
   *
   * @throws IllegalArgumentException if the id or the name is not right, the sheets cannot be those
   *     of its shape, or a coating is planned twice
   */
  public Part {
    if (!id.matches("d[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A part's id is d and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A part has a name of 1 to " + LONGEST_NAME + " characters; found '" + name + "'");
    }
    shape.check(stack);
    double thick = stack.map(Layering::thicknessMm).orElse(1.0);
    if (!(thick > 0 && thick <= THICKEST_MM)) {
      throw new IllegalArgumentException(
          "A part is above 0 and up to 500 mm thick; found " + thick);
    }
    coats = List.copyOf(coats);
    if (coats.stream().map(Coats::coatingId).distinct().count() < coats.size()) {
      throw new IllegalArgumentException("A coating is planned once, with its number of coats");
    }
  }

  /** A part with neither core nor coats, at the prop's origin. */
  public static Part of(String id, String name, Shape shape, Layering stack) {
    return new Part(
        id,
        name,
        shape,
        Optional.of(stack),
        Optional.empty(),
        List.of(),
        Placing.USUAL,
        Workmanship.PROPOSED,
        false);
  }

  /** The same of one flat sheet. */
  public static Part of(
      String id, String name, Shape shape, String materialId, double thicknessMm) {
    return of(id, name, shape, Layering.of(1, materialId, thicknessMm, Profile.FLAT));
  }

  /** A part that is wrapped, turned or folded; what is typed into its sum says how thick it is. */
  public static Part formed(
      String id,
      String name,
      String sum,
      Map<String, Double> typed,
      String materialId,
      Placing placing) {
    return of(id, name, new Formed(sum, typed), materialId, Formed.thicknessMm(sum, typed))
        .withPlacing(placing);
  }

  /** A bought thing. */
  public static Part bought(String id, String name, Bought thing) {
    return unlayered(id, name, thing);
  }

  /** A skeleton of pipe. */
  public static Part piped(String id, String name, Piped skeleton) {
    return unlayered(id, name, skeleton);
  }

  private static Part unlayered(String id, String name, Shape shape) {
    return new Part(
        id,
        name,
        shape,
        Optional.empty(),
        Optional.empty(),
        List.of(),
        Placing.USUAL,
        Workmanship.PROPOSED,
        false);
  }

  // == ITS SHAPE

  /** Its outline with its features, where it is cut along one. */
  public Optional<Cut> cut() {
    return shape instanceof Cut it ? Optional.of(it) : Optional.empty();
  }

  /**
   * The same where it has to be.
   *
   * @throws IllegalArgumentException if it is not cut along an outline; the message can be shown
   */
  public Cut neededCut() {
    return cut()
        .orElseThrow(() -> new IllegalArgumentException(name + " is not cut along an outline"));
  }

  /**
   * Its outline, where it has to be cut along one that is drawn.
   *
   * @throws IllegalArgumentException if it is not, or nothing is drawn yet; the message can be
   *     shown
   */
  public Outline neededOutline() {
    Outline outline = neededCut().outline();
    if (!outline.drawn()) {
      throw new IllegalArgumentException(name + ": draw its outline first");
    }
    return outline;
  }

  /** Its sum with its sizes, where it is wrapped, turned or folded. */
  public Optional<Formed> formed() {
    return shape instanceof Formed it ? Optional.of(it) : Optional.empty();
  }

  /** Its skeleton of pipe, where it is one. */
  public Optional<Piped> piped() {
    return shape instanceof Piped it ? Optional.of(it) : Optional.empty();
  }

  /** Its slices, where it is glued up from some. */
  public Optional<Slices> slices() {
    return shape instanceof Slices it ? Optional.of(it) : Optional.empty();
  }

  /** What is worked, where it is cut along an outline. */
  public Optional<Blank> blank() {
    return cut().map(it -> it.blank(id, name, layering().front().thicknessMm()));
  }

  /** True where half its outline is drawn. */
  public boolean half() {
    return cut().filter(it -> it.outline() instanceof HalfOutline).isPresent();
  }

  /** True where there is enough of it to be made. */
  public boolean drawn() {
    return cut().map(it -> it.outline().drawn()).orElse(true);
  }

  /** It, laid out flat. */
  public Developed developed() {
    return shape.developed(name, thicknessMm());
  }

  /** The strip that it is cut from, where it is bought by the length and not as a sheet. */
  public Optional<Strip> strip() {
    return shape.strip(thicknessMm());
  }

  /** What is seen of it from the front of the prop, in its own frame: the largest line first. */
  public List<Path> seen() {
    return shape.seen(thicknessMm(), placing.facing());
  }

  /**
   * The same where it is fixed: a band round an edge takes the outline of what carries it.
   *
   * @param carrier the part that it is fixed to, where it is one
   */
  public List<Path> seen(Optional<Part> carrier) {
    return edgeBand()
        .flatMap(
            band -> carrier.flatMap(Part::cut).flatMap(it -> Elevation.round(band, it.outline())))
        .orElseGet(this::seen);
  }

  /**
   * What is worked into its patterns, as far as that is seen on the round thing.
   *
   * @param flat its patterns with what is worked into them
   */
  public List<Path> seenDetails(Developed flat) {
    return shape.worked().isEmpty() || formed().isEmpty()
        ? List.of()
        : RoundDetails.of(formed().get().form(thicknessMm()), flat, placing.facing());
  }

  /** True where what is seen of it follows what it is fixed to. */
  public boolean followsCarrier() {
    return edgeBand().isPresent();
  }

  private Optional<RimBand> edgeBand() {
    return formed()
        .map(it -> it.form(thicknessMm()))
        .filter(RimBand.class::isInstance)
        .map(RimBand.class::cast);
  }

  /** What holds it to other parts, in its outline or its patterns. */
  public List<Fixing> fixings() {
    return cut()
        .map(it -> Fixing.of(it.features(), it.outline()))
        .orElseGet(
            () ->
                Fixing.of(
                    shape.worked().stream().map(PanelFeature::feature).toList(),
                    HalfOutline.EMPTY));
  }

  // == ITS SHEETS

  /**
   * What was decided about its layers.
   *
   * @throws IllegalArgumentException for a bought thing
   */
  public Layering layering() {
    return stack.orElseThrow(
        () -> new IllegalArgumentException(name + " is bought: it has no layers"));
  }

  /** The catalogue id of its foam; empty for a bought thing. */
  public String materialId() {
    return stack.map(it -> it.middle().materialId()).orElse("");
  }

  /** How thick all its sheets are together, in mm; 0 for a bought thing. */
  public double thicknessMm() {
    return stack.map(Layering::thicknessMm).orElse(0.0);
  }

  // == CHANGES

  public Part withId(String changed) {
    return new Part(changed, name, shape, stack, core, coats, placing, workmanship, held);
  }

  public Part withName(String changed) {
    return new Part(id, changed, shape, stack, core, coats, placing, workmanship, held);
  }

  public Part withShape(Shape changed) {
    return new Part(id, name, changed, stack, core, coats, placing, workmanship, held);
  }

  /** The same with its outline or its features changed; any other shape stays. */
  public Part withCut(UnaryOperator<Cut> change) {
    return cut().map(it -> withShape(change.apply(it))).orElse(this);
  }

  public Part withLayering(Layering changed) {
    return new Part(id, name, shape, Optional.of(changed), core, coats, placing, workmanship, held);
  }

  /** As many layers as before, all of one foam. */
  public Part withMaterial(String changedId, double mm) {
    return withLayering(layering().withMaterial(changedId, mm));
  }

  public Part withCore(Optional<CoreChoice> changed) {
    return new Part(id, name, shape, stack, changed, coats, placing, workmanship, held);
  }

  public Part withCoats(List<Coats> changed) {
    return new Part(id, name, shape, stack, core, changed, placing, workmanship, held);
  }

  public Part withPlacing(Placing changed) {
    return new Part(id, name, shape, stack, core, coats, changed, workmanship, held);
  }

  public Part withWorkmanship(Workmanship changed) {
    return new Part(id, name, shape, stack, core, coats, placing, changed, held);
  }

  /** The same, which keeps its size from now on, or follows its prop again. */
  public Part withHeld(boolean changed) {
    return new Part(id, name, shape, stack, core, coats, placing, workmanship, changed);
  }

  /** The same where its prop is made larger or smaller: one that keeps its size only moves. */
  public Part resized(double factor) {
    return held ? withPlacing(placing.times(factor)) : times(factor);
  }

  /** The same made larger or smaller; the thickness of sheets stays. */
  public Part times(double factor) {
    return new Part(
        id,
        name,
        shape.times(factor),
        stack.map(it -> it.times(factor)),
        core.map(it -> it.times(factor)),
        coats,
        placing.times(factor),
        workmanship.times(factor),
        held);
  }
}
