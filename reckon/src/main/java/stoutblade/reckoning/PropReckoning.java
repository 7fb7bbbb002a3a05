package stoutblade.reckoning;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.body.Body;
import stoutblade.core.CoreReckoning;
import stoutblade.fit.Fitting;
import stoutblade.journal.Journal;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Scope;
import stoutblade.part.Assembly;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.reference.Placement;
import stoutblade.reference.Sizing;
import stoutblade.template.Template;
import stoutblade.wearer.Wearer;

/**
 * Everything computed from one prop. Its figures have ids of its own; what leaves it is put under
 * its {@link #scope}.
 *
 * @param prop what it was computed from
 * @param wearer who carries it
 * @param sizing the scale of each picture and model, and the size of the prop
 * @param placement how the blade's frame lies on the picture
 * @param fit the prop with its wearer
 * @param assembly the parts put together
 * @param parts what is derived from each part, in their order
 * @param papers the templates of each part, in the same order
 * @param whole the whole prop
 * @param bodyFigures body lengths of the wearer
 */
public record PropReckoning(
    Prop prop,
    Wearer wearer,
    Sizing sizing,
    Optional<Placement> placement,
    Optional<Fitting> fit,
    Assembly assembly,
    List<PartReckoning> parts,
    List<Papers> papers,
    Whole whole,
    List<Figure> bodyFigures) {

  /** Copies the lists. */
  public PropReckoning {
    parts = List.copyOf(parts);
    papers = List.copyOf(papers);
    bodyFigures = List.copyOf(bodyFigures);
  }

  /** Its id. */
  public String id() {
    return prop.id();
  }

  /** Makes ids of its own to ids of the project. */
  public Scope scope() {
    return new Scope(prop.id());
  }

  /** The figures of the wearer with the prop. */
  public List<Figure> wearerFigures() {
    List<Figure> all = new ArrayList<>(sizing.people());
    fit.ifPresent(it -> all.addAll(it.figures()));
    all.addAll(bodyFigures);
    return all;
  }

  /** The figures that are shown with the wearer, picture or model that is looked at. */
  private List<Figure> lookedAt() {
    List<Figure> all = new ArrayList<>(wearerFigures());
    sizing.pictures().values().forEach(it -> all.addAll(it.figures()));
    sizing.models().values().forEach(it -> all.addAll(it.figures()));
    return all;
  }

  /** All figures of a station, of all parts. */
  public List<Figure> figuresOf(Station station) {
    List<Figure> all = new ArrayList<>(scope().of(shared(station)));
    for (PartReckoning part : parts) {
      all.addAll(part.scope().of(figuresOf(station, part)));
    }
    if (station == Station.SIZE) {
      all.addAll(scope().of(lookedAt()));
    }
    return all;
  }

  /** The figures of a station of one part and of the whole prop. */
  public List<Figure> figuresOf(Station station, String partId) {
    List<Figure> all = new ArrayList<>();
    part(partId).ifPresent(it -> all.addAll(it.scope().of(figuresOf(station, it))));
    if (partId.equals(Whole.ID)) {
      all.addAll(scope().of(ofWhole(station)));
    }
    all.addAll(scope().of(shared(station)));
    return all;
  }

  /** What all of it has at a station where else only parts have something. */
  private List<Figure> ofWhole(Station station) {
    return switch (station) {
      case LAYERS, CORE, LOG -> whole.figures();
      case SIZE, DRAFT, CUT, BUILD, FINISH -> List.of();
    };
  }

  /** What a part has at a station, under ids of its own. */
  private static List<Figure> figuresOf(Station station, PartReckoning part) {
    return switch (station) {
      case DRAFT -> part.figures();
      case LAYERS ->
          part.layers()
              .map(Layers::figures)
              .orElseGet(() -> part.body().map(PropReckoning::material).orElse(List.of()));
      case CORE -> part.core().map(CoreReckoning::figures).orElse(List.of());
      case FINISH -> part.coats().stream().flatMap(it -> it.figures().stream()).toList();
      case SIZE, CUT, BUILD, LOG -> List.of();
    };
  }

  /** What there is to say of the sheets of what has no layers. */
  private static List<Figure> material(Body body) {
    List<Figure> all = new ArrayList<>(List.of(body.volume(), body.surface()));
    if (body.glued().value() > 0) {
      all.add(body.glued());
    }
    body.mass().ifPresent(all::add);
    return all;
  }

  /** What the whole prop has at a station. */
  private List<Figure> shared(Station station) {
    return switch (station) {
      case SIZE -> sizing.figures();
      case DRAFT -> whole.figures();
      case LAYERS, CORE, CUT, BUILD, FINISH, LOG -> List.of();
    };
  }

  /** The part with an id; the first of all where there is none with it. */
  public Optional<PartReckoning> lookedAt(String partId) {
    return part(partId).or(() -> parts.stream().findFirst());
  }

  /** What is derived from a part. */
  public Optional<PartReckoning> part(String id) {
    return parts.stream().filter(it -> it.part().id().equals(id)).findFirst();
  }

  /** True where something can be cut. */
  public boolean cuttable() {
    return parts.stream().anyMatch(PartReckoning::isCut);
  }

  /** What a template is called within the project. */
  public String path(Template template) {
    return prop.id() + "/" + template.id();
  }

  /** What templates look like now, for the journal when they are printed. */
  public Map<String, Journal.Printed> printed(List<Template> which, LocalDateTime at) {
    Map<String, Journal.Printed> marks = new TreeMap<>();
    which.forEach(it -> marks.put(path(it), new Journal.Printed(it.mark(), at)));
    return marks;
  }

  /** Every template, in the order of the parts. */
  public List<Template> templates() {
    return papers.stream().flatMap(it -> it.templates().stream()).toList();
  }

  /** The templates of one part. */
  public List<Template> templates(String partId) {
    return papers.stream()
        .filter(it -> it.partId().equals(partId))
        .flatMap(it -> it.templates().stream())
        .toList();
  }

  /** How many pages all its templates take. */
  public long pages() {
    return papers.stream().mapToLong(Papers::pages).sum();
  }
}
