package stoutblade.project;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.build.FreeHours;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.Pace;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetFamily;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.CoreChoice;
import stoutblade.core.Cored;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.event.Event;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.finish.Coats;
import stoutblade.journal.Journal;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Stated;
import stoutblade.part.Cut;
import stoutblade.part.Defaults;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Slices;
import stoutblade.reference.Camera;
import stoutblade.reference.Mark;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.template.Paper;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/** Small made-up projects and materials for tests. */
public final class Samples {

  public static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);

  public static final SheetFamily EVA =
      new SheetFamily(
          SheetFamily.USUAL,
          "EVA foam",
          true,
          true,
          true,
          true,
          false,
          false,
          "",
          List.of(Glue.FOR_LAYERS, Glue.FOR_CORE),
          List.of(220, 400),
          "",
          "test");
  public static final SheetMaterial FOAM =
      new SheetMaterial(
          "foam",
          "Foam",
          List.of(5.0, 6.0, 8.0, 10.0, 12.0),
          150e-6,
          600,
          1000,
          false,
          3,
          2,
          "test");
  public static final SheetMaterial MAT =
      new SheetMaterial("mat", "Floor mat", List.of(12.5), 100e-6, 600, 600, true, 3, 2, "test");
  public static final Rod DOWEL =
      new Rod("dowel-9", "Dowel 9 mm", 9, 0, 12_000, 1500, 650e-6, 1200, false, "test");
  public static final Rod TUBE =
      new Rod("tube-10", "Tube 10 x 8 mm", 10, 8, 130_000, 5000, 1575e-6, 1500, false, "test");
  public static final Rod PIPE =
      new Rod("pipe", "Pipe 21 mm", 21.3, 15.8, 3250, 425, 1380e-6, 3000, true, "test");
  public static final Glue CEMENT =
      new Glue(Glue.FOR_LAYERS, "Contact cement", 10, 60, 30, 1440, 0.15, 0, "Solvent.", "test");
  public static final Glue FOAMING =
      new Glue(Glue.FOR_CORE, "Polyurethane glue", 0, 15, 240, 1440, 0.2, 0, "Isocyanate.", "test");
  public static final Coating SEAL =
      new Coating(
          "seal", "by heat", Coating.Role.SEAL, "#555555", 0, 0, 0, 15, 0, 1, 0, "Hot.", "test");
  public static final Coating PRIMER =
      new Coating(
          "primer",
          "Primer",
          Coating.Role.PRIMER,
          "#dddddd",
          0.12,
          0.08,
          30,
          1440,
          500_000,
          3,
          0,
          "Gloves.",
          "test");
  public static final Coating PAINT =
      new Coating(
          "paint",
          "Paint",
          Coating.Role.PAINT,
          "#335577",
          0.09,
          0.1,
          45,
          120,
          60_000,
          2,
          0,
          "Gloves.",
          "test");

  private static final List<String> PACES =
      List.of(
          "shopping",
          "printing",
          "holding-up",
          "tracing",
          "grooving",
          "cutting",
          "grinding",
          "rod-fitting",
          "squeezing",
          "sawing",
          "bending",
          "fixing",
          "bedding",
          "spreading",
          "joining",
          "pocketing",
          "laying-in",
          "banding",
          "marking",
          "bevelling",
          "sanding",
          "heat-sealing",
          "coating",
          "measuring",
          "packing");

  private static final List<String> BY_AREA =
      List.of("grinding", "spreading", "sanding", "heat-sealing", "coating");
  private static final List<String> BY_LENGTH =
      List.of("tracing", "grooving", "cutting", "marking", "bevelling", "banding");

  public static final Catalogue CATALOGUE =
      new Catalogue(
          List.of(EVA),
          List.of(FOAM, MAT),
          List.of(DOWEL, TUBE, PIPE),
          List.of(CEMENT, FOAMING),
          List.of(SEAL, PRIMER, PAINT),
          PACES.stream().map(Samples::pace).toList(),
          List.of(),
          List.of());

  /** A straight-edged blade 500 mm long and 100 mm wide with a point. */
  public static final HalfOutline BLADE =
      new HalfOutline(List.of(Node.corner(50, 0), Node.corner(50, 350), Node.corner(0, 500)));

  private Samples() {}

  private static Pace pace(String id) {
    Pace.Unit unit =
        BY_AREA.contains(id)
            ? Pace.Unit.SQUARE_METRE
            : BY_LENGTH.contains(id) ? Pace.Unit.METRE : Pace.Unit.PIECE;
    return new Pace(id, id, 5, 10, unit, "test");
  }

  /** A project with everything decided and nothing done. */
  public static Project whole() {
    return new Project(
        "Test work",
        new Event("Test day", NOW.plusWeeks(4), Event.USUAL_READY_BEFORE),
        FreeHours.EVENINGS_AND_WEEKENDS,
        Map.of("primer", 500_000.0, "paint", 60_000.0),
        List.of(),
        Cutting.USUAL,
        Paper.A4,
        Journal.EMPTY,
        Wearers.of(new Wearer("Tester", 1740)),
        List.of(
            new Prop(
                Prop.FIRST,
                "Test prop",
                Wearers.FIRST,
                Size.unknown(),
                new Defaults(STACK, COATS),
                List.of(blade()))));
  }

  private static final Layering STACK = Layering.of(2, "foam", 10, Profile.bevel(20, 4));
  private static final List<Coats> COATS =
      List.of(new Coats("seal", 1), new Coats("primer", 3), new Coats("paint", 2));

  /** The same without any part. */
  public static Project bare() {
    return First.withParts(whole(), List.of());
  }

  /** The sample blade: worked on both faces, with a core and coats. */
  public static Part blade() {
    return Part.of(First.ID, "Test blade", Cut.blade(BLADE), STACK)
        .withCore(Optional.of(new CoreChoice("dowel-9", -200, 400, -50)))
        .withCoats(COATS);
  }

  /** What is worked of half an outline with its features. */
  public static Blank blank(HalfOutline half, Feature... features) {
    return Cut.blade(half, features).blank(First.ID, "b", 10);
  }

  /** A part that is cut along an outline from one sheet. */
  public static Part plate(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      String materialId,
      double thicknessMm,
      Placing placing) {
    return Part.of(id, name, new Cut(outline, features), materialId, thicknessMm)
        .withPlacing(placing);
  }

  /** A part that is glued up from slices. */
  public static Part sliced(
      String id,
      String name,
      Slices.Origin origin,
      List<Slices.SlicedLayer> layers,
      double pegMm,
      String materialId,
      Placing placing) {
    Slices slices = new Slices(origin, layers, pegMm);
    return Part.of(id, name, slices, materialId, slices.thicknessMm()).withPlacing(placing);
  }

  /** The form of a blade with layers of 10 mm. */
  public static PlateForm form(HalfOutline half, Feature... features) {
    return PlateForm.of(blank(half, features), Typeface.NONE);
  }

  /** What a core in layers lies in. */
  public static Cored cored(PlateForm form, Layers layers) {
    return new Cored(
        layers
            .solid()
            .course()
            .length()
            .map(it -> Figure.given("along", "Along", it, Quantity.LENGTH, Source.DECIDED))
            .orElse(form.measures().orElseThrow().length()),
        Optional.of(layers.mass()),
        layers.shares(),
        layers.solid().near(),
        layers.solid().course(),
        Optional.of(layers),
        List.of());
  }

  /** Layers of the sample foams. */
  public static Layers layers(PlateForm form, Layering layering) {
    return Layers.of(form, layering, CATALOGUE::sheet).orElseThrow();
  }

  /** A picture 1000 × 2000 px on which the wearer is 870 px tall: 2 mm to the pixel. */
  public static Reference picture() {
    return Reference.of("p1", "Front", new Picture("a".repeat(64), "p.jpg", 1000, 2000))
        .with(Camera.FLAT)
        .with(figure(870))
        .withCentreLine(Optional.of(new Mark(new Point(700, 600), new Point(700, 350))));
  }

  /** A ruler: the figure, so many pixels tall, standing straight. */
  public static Ruler figure(double px) {
    return Ruler.of(
        "r1",
        "Figure",
        new Ruler.FigureHeight(List.of(new Point(400, 100), new Point(400, 100 + px))));
  }

  /** A ruler: a crate of 600 mm, so many pixels tall. */
  public static Ruler crate(double px) {
    return Ruler.of(
        "r2",
        "Crate",
        new Ruler.KnownLength(
            Stated.exactly(600),
            Optional.empty(),
            new Mark(new Point(100, 600), new Point(100, 600 + px))));
  }

  /** The whole project with a picture. */
  public static Project pictured(Reference reference) {
    return First.withSize(whole(), whole().first().size().withReferences(List.of(reference)));
  }

  /** Everything derived from a project at the time of the tests. */
  public static Derived derive(Project project) {
    return new Reckoner(CATALOGUE).derive(project, NOW, stoutblade.measure.Units.METRIC);
  }
}
