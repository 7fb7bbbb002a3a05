package stoutblade.sum;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Figure;
import stoutblade.wearer.BodyMeasure;

/** A bench sum. */
public final class Sum {
  /** All of them, in the order of their drawers. */
  public static final List<Sum> ALL =
      List.of(
          new Sum("ring", "Ring", "Wrapped", ShapeSums.RING, ShapeSums::ring),
          new Sum("wraps", "Turns", "Wrapped", ShapeSums.WRAPS, ShapeSums::wraps),
          new Sum("swell", "Grip shape", "Wrapped", GripSums.SWELL, GripSums::swell),
          new Sum("strip", "Winding", "Wrapped", ShapeSums.STRIP, ShapeSums::strip),
          new Sum("band", "Band", "Wrapped", ShapeSums.BAND, ShapeSums::band),
          new Sum("rings", "Rings", "Wrapped", BarrelSums.RINGS, BarrelSums::rings),
          new Sum("walls", "Two walls", "Wrapped", BarrelSums.WALLS, BarrelSums::walls),
          new Sum("cone", "Cone", "Turned", ShapeSums.CONE, ShapeSums::cone),
          new Sum("dish", "Dish", "Turned", ShapeSums.DISH, ShapeSums::dish),
          new Sum("darts", "Darts", "Turned", ShapeSums.DARTS, ShapeSums::darts),
          new Sum("dome", "Dome", "Turned", ShapeSums.DOME, ShapeSums::dome),
          new Sum("profile", "Profile", "Turned", ShapeSums.PROFILE, ShapeSums::profile),
          new Sum("elbow", "Elbow", "Turned", ShapeSums.ELBOW, ShapeSums::elbow),
          new Sum("cope", "Cope", "Turned", ShapeSums.COPE, ShapeSums::cope),
          new Sum("insert", "Insert", "Turned", ShapeSums.INSERT, ShapeSums::insert),
          new Sum("halves", "Split tube", "Turned", BarrelSums.HALVES, BarrelSums::halves),
          new Sum("socket", "Socket", "Turned", BarrelSums.SOCKET, BarrelSums::socket),
          new Sum("slide", "Slide", "Turned", BarrelSums.SLIDE, BarrelSums::slide),
          new Sum("fold", "Folds up", "Turned", MotionSums.FOLD, MotionSums::fold),
          new Sum("box", "Box", "Folded", ShapeSums.BOX, ShapeSums::box),
          new Sum("prism", "Flat sides", "Folded", ShapeSums.PRISM, ShapeSums::prism),
          new Sum("lid", "Box and lid", "Folded", FrameSums.LID, FrameSums::lid),
          new Sum("pyramid", "Pyramid", "Folded", ShapeSums.PYRAMID, ShapeSums::pyramid),
          new Sum("over", "Over edge", "Folded", ShapeSums.OVER, ShapeSums::over),
          new Sum("skin", "Skin", "Folded", ShapeSums.SKIN, ShapeSums::skin),
          new Sum("moulding", "Moulding", "Folded", ShapeSums.MOULDING, ShapeSums::moulding),
          new Sum("opening", "Opening", "Worn", WornSums.OPENING, WornSums::opening)
              .worn(WornSums::openingOf),
          new Sum("straps", "Straps", "Worn", WornSums.STRAPS, WornSums::straps)
              .worn(typed -> WornSums.STRAPS_OF),
          new Sum("grip", "Hands", "Worn", WornSums.GRIP, WornSums::grip)
              .worn(typed -> WornSums.GRIP_OF),
          new Sum("release", "Lets go", "Worn", WornSums.RELEASE, WornSums::release),
          new Sum("carry", "Carried", "Worn", PoiseSums.CARRY, PoiseSums::carry)
              .ofProp(PoiseSums.CARRY_OF),
          new Sum("mitre", "Mitre", "Cut", CutSums.MITRE, CutSums::mitre),
          new Sum("bevel", "Bevel", "Cut", CutSums.BEVEL, CutSums::bevel),
          new Sum("spacing", "Along", "Cut", CutSums.SPACING, CutSums::spacing),
          new Sum("stand", "A-frame", "Cut", FrameSums.STAND, FrameSums::stand),
          new Sum("score", "Grooves", "Cut", BendSums.SCORE, BendSums::score),
          new Sum("run", "Bent profile", "Cut", BendSums.RUN, BendSums::run),
          new Sum("round", "Round", "Cut", CutSums.ROUND, CutSums::round),
          new Sum("print", "Print", "Cut", CutSums.PRINT, CutSums::print),
          new Sum("pipe", "Flat pipe", "Made up", MixSums.PIPE, MixSums::pipe),
          new Sum("poise", "Balance", "Made up", PoiseSums.POISE, PoiseSums::poise)
              .ofProp(PoiseSums.POISE_OF),
          new Sum("parted", "Comes apart", "Made up", MotionSums.PARTED, MotionSums::parted)
              .ofProp(MotionSums.PARTED_OF),
          new Sum("frame", "Pipe frame", "Made up", PipeSums.FRAME, PipeSums::frame),
          new Sum("plate", "Plate", "Made up", PlateSums.PLATE, PlateSums::plate),
          new Sum("stack", "Stack", "Made up", MixSums.STACK, MixSums::stack),
          new Sum("glue", "Glue", "Made up", MixSums.GLUE, MixSums::glue),
          new Sum("mix", "Mixing", "Made up", MixSums.MIX, MixSums::mix));

  private final String key;
  private final String title;
  private final String drawer;
  private final List<Entry> entries;
  private final BiFunction<Values, Catalogue, Answer> work;
  private final Function<Map<String, Double>, Map<String, BodyMeasure>> worn;
  private final Map<String, String> ofProp;

  private Sum(
      String key,
      String title,
      String drawer,
      List<Entry> entries,
      BiFunction<Values, Catalogue, Answer> work,
      Function<Map<String, Double>, Map<String, BodyMeasure>> worn,
      Map<String, String> ofProp) {
    this.key = key;
    this.title = title;
    this.drawer = drawer;
    this.entries = entries;
    this.work = work;
    this.worn = worn;
    this.ofProp = Map.copyOf(ofProp);
  }

  private Sum(
      String key,
      String title,
      String drawer,
      List<Entry> entries,
      BiFunction<Values, Catalogue, Answer> work) {
    this(key, title, drawer, entries, work, typed -> Map.of(), Map.of());
  }

  /** The same, some of whose sizes are the wearer's. */
  private Sum worn(Function<Map<String, Double>, Map<String, BodyMeasure>> of) {
    return new Sum(key, title, drawer, entries, work, of, ofProp);
  }

  /** The same, some of whose sizes are those of the whole prop. */
  private Sum ofProp(Map<String, String> of) {
    return new Sum(key, title, drawer, entries, work, worn, of);
  }

  /** The ids of the whole prop's figures that are sizes until something else is typed, by key. */
  public Map<String, String> ofProp() {
    return ofProp;
  }

  /**
   * The sizes that are the wearer's until something else is typed, by the entries' keys.
   *
   * @param typed what was typed
   */
  public Map<String, BodyMeasure> worn(Map<String, Double> typed) {
    return worn.apply(typed);
  }

  /** Its name on the command line. */
  public String key() {
    return key;
  }

  /** Its name on the screen. */
  public String title() {
    return title;
  }

  /** The drawer that it lies in. */
  public String drawer() {
    return drawer;
  }

  /** What it asks for. */
  public List<Entry> entries() {
    return entries;
  }

  /** The sum with a name, where there is one. */
  public static Optional<Sum> named(String key) {
    return ALL.stream().filter(it -> it.key.equals(key)).findFirst();
  }

  /**
   * Works it out.
   *
   * @param typed values by the entries' keys, in the units of their quantities; the others are as
   *     usual
   * @param catalogue the foams that can be bought
   * @throws IllegalArgumentException if the values make no sense, with the reason
   */
  public Answer answer(Map<String, Double> typed, Catalogue catalogue) {
    return answer(typed, catalogue, Map.of());
  }

  /**
   * The same for a wearer and a prop.
   *
   * @param of what is known of the wearer and the prop, by the entries' keys
   */
  public Answer answer(Map<String, Double> typed, Catalogue catalogue, Map<String, Figure> of) {
    return work.apply(new Values(key, entries, typed, of), catalogue);
  }
}
