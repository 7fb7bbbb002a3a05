package stoutblade.reckoning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import stoutblade.catalogue.Catalogue;
import stoutblade.core.Attached;
import stoutblade.core.Limits;
import stoutblade.feature.Typeface;
import stoutblade.fit.Fitting;
import stoutblade.measure.Figure;
import stoutblade.measure.Scope;
import stoutblade.measure.Units;
import stoutblade.part.Assembly;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.reference.Placement;
import stoutblade.reference.Reference;
import stoutblade.reference.Sizing;
import stoutblade.template.Paper;
import stoutblade.wearer.BodyMeasure;
import stoutblade.wearer.Wearer;

/**
 * Derives what follows from one prop, and remembers the last result of each stage so that an edit
 * recomputes only what it touches.
 */
public final class PropReckoner {

  private final Catalogue catalogue;
  private final Typeface typeface;
  private final Memo<Sizing> sizings = new Memo<>();
  private final Memo<Map<String, Figure>> scales = new Memo<>();
  private final Memo<Optional<Placement>> placements = new Memo<>();
  private final Memo<Optional<Fitting>> fits = new Memo<>();
  private final Memo<Assembly> assemblies = new Memo<>();
  private final Memo<List<PartReckoning>> partLists = new Memo<>();
  private final Map<String, PartReckoner> reckoners = new HashMap<>();
  private final Memo<List<Papers>> paperLists = new Memo<>();
  private final Memo<Whole> wholes = new Memo<>();
  private final Memo<List<Figure>> bodies = new Memo<>();
  private final Memo<PropReckoning> all = new Memo<>();
  private Map<String, Figure> known = Map.of();
  private Map<String, List<Attached>> attached = Map.of();

  public PropReckoner(Catalogue catalogue, Typeface typeface) {
    this.catalogue = catalogue;
    this.typeface = typeface;
  }

  /**
   * Works the prop out.
   *
   * @param wearer who carries it
   * @param limits what does not feel limp, by the log
   * @param paper what templates are printed on
   * @param units units in which words on templates are written
   */
  public PropReckoning of(Prop prop, Wearer wearer, Limits limits, Paper paper, Units units) {
    Sizing sizing = sizings.of(() -> prop.size().sizing(wearer), prop.size(), wearer);
    known = scales.of(() -> scales(prop, sizing), prop.id(), sizing);
    Optional<Placement> placement = placements.of(() -> placement(prop, sizing), sizing);
    Assembly assembly = assemblies.of(() -> Assembly.of(prop.parts()), prop.parts());
    List<PartReckoning> parts =
        partLists.of(
            () -> parts(prop, assembly, limits),
            assembly,
            known,
            limits,
            prop.size().traced().map(Reference::id).orElse(""),
            prop.id());
    Whole whole = wholes.of(() -> Whole.of(parts, assembly), parts, assembly);
    List<Papers> papers = paperLists.of(() -> papers(parts, paper, units), parts, paper, units);
    Optional<Fitting> fit =
        fits.of(() -> fitting(prop, wearer, sizing, whole), sizing, whole, wearer);
    List<Figure> body = bodies.of(() -> BodyMeasure.all(wearer, wearer.height()), wearer);
    return all.of(
        () ->
            new PropReckoning(
                prop, wearer, sizing, placement, fit, assembly, parts, papers, whole, body),
        prop,
        wearer,
        sizing,
        placement,
        fit,
        parts,
        papers,
        whole,
        body);
  }

  private Figure kept(String id, Figure now) {
    Figure was = known.get(id);
    return now.equals(was) ? was : now;
  }

  private List<Papers> papers(List<PartReckoning> parts, Paper paper, Units units) {
    return Parallel.map(parts, it -> reckoners.get(it.id()).papers(it, paper, units));
  }

  /**
   * The scale of each picture and model, under ids of the project. One that is as it was stays the
   * same object, so that nothing that was traced on it is worked out anew.
   */
  private Map<String, Figure> scales(Prop prop, Sizing sizing) {
    Scope scope = new Scope(prop.id());
    Map<String, Figure> all = new HashMap<>();
    Stream.concat(sizing.pictures().keySet().stream(), sizing.models().keySet().stream())
        .forEach(
            id -> sizing.scaleOf(id).map(scope::of).ifPresent(it -> all.put(id, kept(id, it))));
    return all;
  }

  /** The parts, each worked out anew only where it is another than before. */
  private List<PartReckoning> parts(Prop prop, Assembly assembly, Limits limits) {
    reckoners.keySet().retainAll(prop.parts().stream().map(Part::id).toList());
    prop.parts().forEach(this::reckoner);
    // What stands on a core is seldom another than before: all parts are worked out side by side
    // with that, and only a core that bears something else once more.
    List<PartReckoning> first =
        Parallel.map(
            prop.parts(),
            it -> part(it, prop, assembly, limits, attached.getOrDefault(it.id(), List.of())));
    attached = Bearing.of(first, assembly, attached);
    List<PartReckoning> all = new ArrayList<>();
    for (PartReckoning it : first) {
      List<Attached> own = attached.getOrDefault(it.id(), List.of());
      all.add(it.attached().equals(own) ? it : part(it.part(), prop, assembly, limits, own));
    }
    return all;
  }

  private PartReckoning part(
      Part part, Prop prop, Assembly assembly, Limits limits, List<Attached> bears) {
    return reckoners
        .get(part.id())
        .of(
            part,
            new PartReckoner.Around(
                prop.id(),
                prop.part(part.placing().on()),
                part.cut().flatMap(it -> scale(prop, it)),
                limits,
                assembly.made(part),
                assembly.mirrored(part),
                bears));
  }

  private PartReckoner reckoner(Part part) {
    return reckoners.computeIfAbsent(part.id(), id -> new PartReckoner(catalogue, typeface));
  }

  /** What an outline was traced on; one that is drawn over the centre line, on that picture. */
  private Optional<Figure> scale(Prop prop, Cut cut) {
    return Optional.ofNullable(known.get(cut.from()))
        .or(
            () ->
                cut.half() && cut.bothFaces()
                    ? prop.size().traced().map(it -> known.get(it.id()))
                    : Optional.empty());
  }

  private static Optional<Placement> placement(Prop prop, Sizing sizing) {
    return prop.size().traced().flatMap(it -> Placement.of(sizing.pictures().get(it.id())));
  }

  private static Optional<Fitting> fitting(Prop prop, Wearer wearer, Sizing sizing, Whole whole) {
    return bulk(sizing, whole)
        .map(it -> Fitting.of(wearer, prop.size().carry(), prop.size().passages(), it));
  }

  /** The prop's length as marked and its width as drafted; else what a model of it says. */
  private static Optional<Fitting.Bulk> bulk(Sizing sizing, Whole whole) {
    Optional<Figure> length = sizing.wholeLength().or(whole::length);
    Optional<Figure> width =
        sizing.models().values().stream()
            .filter(it -> it.scale().model().showsWhole() && !it.sides().isEmpty())
            .map(it -> middle(it.sides()))
            .findFirst()
            .or(whole::width)
            .or(() -> length);
    return length.map(it -> new Fitting.Bulk(it, width.orElseThrow()));
  }

  private static Figure middle(List<Figure> sides) {
    return sides.stream().sorted(Comparator.comparing(Figure::value)).toList().get(1);
  }
}
