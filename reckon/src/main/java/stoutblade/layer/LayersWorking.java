package stoutblade.layer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.feature.Lightening;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Outline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;
import stoutblade.stack.Sheet;
import stoutblade.stack.Splits;

/** The working of one stack. */
record LayersWorking(
    String id,
    Solid solid,
    Layering layering,
    Map<String, SheetMaterial> foams,
    Outline outline,
    List<Lightening> fields,
    Figure area,
    Figure girth) {

  Layers layers() {
    List<Layer> each = each();
    Optional<EdgeBand> band =
        layering.band().map(it -> EdgeBand.of(id, solid, outline, it, foams.get(it.materialId())));
    Profile profile = layering.profile();
    Figure thickness = thickness();
    boolean across = profile.kind().across();
    Figure bevel =
        across
            ? found(
                ".bevel",
                "From the edge to the ridge, at most",
                solid.widestHalf(),
                Quantity.LENGTH,
                "half the widest section across",
                area)
            : given(".bevel", "Bevel width on the face", width(profile));
    Figure edge = given(".edge", "Thickness at the edge", profile.edgeMm());
    Figure volume = volume();
    SheetMaterial main = foams.get(layering.middle().materialId());
    List<Figure> further = new ArrayList<>(deviation(thickness));
    further.addAll(changes(thickness));
    further.addAll(saved());
    List<MaterialShare> shares = MaterialShare.of(solid, layering, foams);
    Figure mass = mass(each, band, volume, shares, further);
    return new Layers(
        layering,
        main,
        solid,
        each,
        band,
        given(
            ".layer",
            layering.sheets().size() > 1 ? "Layer next to the middle" : "The layer",
            layering.middle().thicknessMm()),
        thickness,
        bevel,
        edge,
        angle(".angle", profile, thickness, edge, bevel),
        volume,
        sanded(thickness),
        surface(),
        glued(each, band),
        mass,
        shares,
        further);
  }

  /** What hollow layers, and those with a field of holes, weigh less than solid ones. */
  private List<Figure> saved() {
    double grams = 0;
    for (int i = 0; i < layering.sheets().size(); i++) {
      Sheet sheet = layering.sheets().get(i);
      double density = foams.get(sheet.materialId()).densityGPerMm3();
      double out = solid.layers().pockets(i).area();
      for (Lightening field : fields) {
        if (field.feature().into().holds(i, layering.sheets().size())) {
          out += field.areaMm2();
        }
      }
      grams += out * sheet.thicknessMm() * density;
    }
    return grams == 0
        ? List.of()
        : List.of(
            found(
                ".saved",
                "Lighter than solid by",
                grams,
                Quantity.MASS,
                "what is cut out of hollow layers and by fields of holes, by its area, thickness and"
                    + " density",
                area));
  }

  private double width(Profile profile) {
    return profile.flat(layering.thicknessMm()) ? 0 : profile.widthMm();
  }

  private List<Layer> each() {
    List<Layer> all = new ArrayList<>();
    List<Double> joints = layering.joints();
    for (int i = 0; i < layering.sheets().size(); i++) {
      Sheet sheet = layering.sheets().get(i);
      double from = joints.get(i);
      double to = joints.get(i + 1);
      var widest = solid.layers().widest(i);
      var filled = solid.layers().filled(i);
      double more = sheet.oversize() ? Layer.OVERSIZE_MM : layering.allowanceMm();
      all.add(
          new Layer(
              i + 1,
              sheet,
              foams.get(sheet.materialId()),
              from,
              to,
              widest,
              filled,
              more > 0 ? widest.offset(more) : widest,
              Joints.NONE));
    }
    return joined(all);
  }

  /** Cut apart as decided, else where sheets are too small: from the front on, where it is seen. */
  private static List<Layer> joined(List<Layer> all) {
    List<Layer> joined = new ArrayList<>();
    Optional<Joints> before = Optional.empty();
    for (Layer layer : all.reversed()) {
      SheetMaterial foam = layer.foam();
      Splits splits = layer.sheet().splits();
      double thick = layer.sheet().thicknessMm();
      Joints own =
          splits.placed()
              ? new Joints(splits.across(), splits.along(), splits.joint(), thick)
              : Joints.leastSeen(
                  layer.cut(),
                  foam.largest().widthMm(),
                  foam.largest().lengthMm(),
                  before,
                  splits.joint(),
                  thick);
      joined.addFirst(layer.with(own));
      before = Optional.of(own);
    }
    return joined;
  }

  private Figure thickness() {
    List<Figure> parts = new ArrayList<>();
    for (int i = 0; i < layering.sheets().size(); i++) {
      parts.add(
          given(
              ".sheet" + (i + 1),
              "Layer " + (i + 1) + " from the back",
              layering.sheets().get(i).thicknessMm()));
    }
    return Figure.sum(
        id + ".thickness",
        layering.sheets().size() == 2 ? "Both layers" : "All layers",
        Quantity.LENGTH,
        parts);
  }

  private List<Figure> deviation(Figure thickness) {
    if (layering.wantedMm() <= 0) {
      return List.of();
    }
    Figure wanted = given(".wanted", "Thickness wanted", layering.wantedMm());
    return List.of(
        wanted,
        Figure.computed(
            id + ".off",
            "Thicker than wanted by",
            Quantity.LENGTH,
            "{%s} - {%s}".formatted(thickness.id(), wanted.id()),
            Source.GEOMETRY,
            thickness,
            wanted));
  }

  /** The sections that follow along: from where on, and how steep. */
  private List<Figure> changes(Figure thickness) {
    List<Figure> all = new ArrayList<>();
    for (int i = 0; i < layering.changes().size(); i++) {
      ProfileChange change = layering.changes().get(i);
      String key = ".change" + (i + 1);
      all.add(given(key, change.profile().kind().title() + " reached, along", change.toMm()));
      if (!change.profile().kind().across() && width(change.profile()) > 0) {
        all.add(
            angle(
                key + ".angle",
                change.profile(),
                thickness,
                given(key + ".edge", "Thickness at the edge there", change.profile().edgeMm()),
                given(key + ".bevel", "Bevel width there", width(change.profile()))));
      }
    }
    return all;
  }

  private Figure angle(String key, Profile profile, Figure thickness, Figure edge, Figure bevel) {
    if (bevel.value() == 0 || profile.flat(layering.thicknessMm())) {
      return Figure.found(
          id + key,
          "Bevel angle from the face",
          0,
          Quantity.ANGLE,
          "no bevel",
          Source.GEOMETRY,
          Uncertainty.NONE);
    }
    return Figure.computed(
        id + key,
        "Bevel angle from the face",
        Quantity.ANGLE,
        "atan(({%s} - {%s}) / (%s{%s}))"
            .formatted(
                thickness.id(), edge.id(), layering.profile().flatBack() ? "" : "2 * ", bevel.id()),
        Source.practice("the line where the bevel stops and the edge give the angle"),
        thickness,
        edge,
        bevel);
  }

  private Figure volume() {
    double value = solid.volume();
    return Figure.found(
        id + ".volume",
        "Foam left in it",
        value,
        Quantity.VOLUME,
        "the areas of {"
            + area.id()
            + "} that reach each height, added up over the height of both faces"
            + (solid.fullered() ? "; with what fullers take off or add" : ""),
        Source.GEOMETRY,
        share(value),
        area);
  }

  private Uncertainty share(double value) {
    return area.value() == 0 ? Uncertainty.NONE : area.uncertainty().times(value / area.value());
  }

  private Figure sanded(Figure thickness) {
    return Figure.found(
        id + ".sanded",
        "Foam to sand off",
        solid.sanded(),
        Quantity.VOLUME,
        "{%s} × {%s} less what is left inside the profile".formatted(area.id(), thickness.id()),
        Source.GEOMETRY,
        Uncertainty.NONE,
        area,
        thickness);
  }

  private Figure surface() {
    double value = solid.surface();
    return Figure.found(
        id + ".surface",
        "Surface to finish",
        value,
        Quantity.AREA,
        "both faces of {%s}, what slants measured on the slant, and the edge round {%s}"
            .formatted(area.id(), girth.id()),
        Source.GEOMETRY,
        share(value),
        area,
        girth);
  }

  /** Both faces of every joint, as large as the part is there; and of the band. */
  private Figure glued(List<Layer> each, Optional<EdgeBand> band) {
    double sum = 0;
    for (int i = 1; i < each.size(); i++) {
      sum += 2 * solid.layers().joined(i).area();
    }
    Figure joints =
        found(
            band.isPresent() ? ".glued.joints" : ".glued",
            band.isPresent() ? "Faces between the layers" : "Faces to spread with glue",
            sum,
            Quantity.AREA,
            "twice the area of the part at the height of each joint",
            area);
    return band.map(
            it ->
                Figure.computed(
                    id + ".glued",
                    "Faces to spread with glue",
                    Quantity.AREA,
                    "{%s} + {%s}".formatted(joints.id(), it.glued().id()),
                    Source.GEOMETRY,
                    joints,
                    it.glued()))
        .orElse(joints);
  }

  /** The weight; where foams differ, what each layer keeps of the volume counts. */
  private Figure mass(
      List<Layer> each,
      Optional<EdgeBand> band,
      Figure volume,
      List<MaterialShare> shares,
      List<Figure> further) {
    Map<Sheet, List<Layer>> kinds = new LinkedHashMap<>();
    for (Layer layer : each) {
      kinds
          .computeIfAbsent(
              Sheet.of(layer.sheet().materialId(), layer.sheet().thicknessMm()),
              it -> new ArrayList<>())
          .add(layer);
    }
    List<Figure> costs = new ArrayList<>();
    kinds.forEach((kind, layers) -> further.add(amount(kind, layers, costs)));
    band.ifPresent(it -> further.add(amount(it, costs)));
    further.add(Figure.sum(id + ".cost", "Foam, cost by area", Quantity.MONEY, costs));
    List<Figure> masses = new ArrayList<>();
    for (MaterialShare it : shares) {
      SheetMaterial foam = it.foam();
      Figure density = foam.density(id + ".density." + foam.id());
      Figure own =
          shares.size() == 1
              ? volume
              : Figure.found(
                  id + ".volume." + foam.id(),
                  "Foam left, " + foam.name(),
                  it.volume(),
                  Quantity.VOLUME,
                  "what its layers keep of {"
                      + volume.id()
                      + "}: the areas at each height, added up from joint to joint",
                  Source.GEOMETRY,
                  share(it.volume()),
                  volume);
      masses.add(
          Figure.computed(
              id + ".mass." + foam.id(),
              "Weight of " + foam.name(),
              Quantity.MASS,
              "{%s} * {%s}".formatted(own.id(), density.id()),
              Source.GEOMETRY,
              own,
              density));
    }
    Figure mass = Figure.sum(id + ".mass", "Foam, weight", Quantity.MASS, masses);
    further.addFirst(mass);
    return mass;
  }

  private Figure amount(Sheet kind, List<Layer> layers, List<Figure> costs) {
    SheetMaterial foam = foams.get(kind.materialId());
    String own = id + ".foam" + layers.getFirst().number();
    Figure cut =
        Figure.found(
            own,
            "%s, %s mm".formatted(foam.name(), plain(kind.thicknessMm())),
            layers.stream().mapToDouble(it -> it.cut().area()).sum(),
            Quantity.AREA,
            layers.size() == 1
                ? "area of what is cut for its layer"
                : "areas of what is cut for " + layers.size() + " layers",
            Source.GEOMETRY,
            Uncertainty.NONE,
            area);
    costs.add(cost(cut, foam, kind.thicknessMm()));
    return cut;
  }

  private Figure amount(EdgeBand band, List<Figure> costs) {
    Figure cut =
        Figure.computed(
            id + ".band.foam",
            "%s, %s mm, for the band"
                .formatted(band.foam().name(), plain(band.band().thicknessMm())),
            Quantity.AREA,
            "{%s} * {%s}".formatted(band.length().id(), band.width().id()),
            Source.GEOMETRY,
            band.length(),
            band.width());
    costs.add(cost(cut, band.foam(), band.band().thicknessMm()));
    return cut;
  }

  private static Figure cost(Figure cut, SheetMaterial foam, double thicknessMm) {
    Figure price =
        Figure.given(
            cut.id() + ".price",
            "A square metre of it, a millimetre thick",
            foam.pricePerM2Mm(),
            Quantity.MONEY,
            Source.catalogue(foam.source()));
    Figure thick = length(cut.id() + ".thick", "Its thickness", thicknessMm);
    return Figure.computed(
        cut.id() + ".cost",
        "Cost of " + foam.name(),
        Quantity.MONEY,
        "{%s} / 1000000 * {%s} * {%s}".formatted(cut.id(), thick.id(), price.id()),
        Source.GEOMETRY,
        cut,
        thick,
        price);
  }

  private static String plain(double mm) {
    return Display.decimal(mm, 2);
  }

  private Figure given(String key, String label, double mm) {
    return length(id + key, label, mm);
  }

  private static Figure length(String id, String label, double mm) {
    return Figure.given(id, label, mm, Quantity.LENGTH, Source.DECIDED);
  }

  private Figure found(
      String key, String label, double value, Quantity quantity, String words, Figure input) {
    return Figure.found(
        id + key, label, value, quantity, words, Source.GEOMETRY, Uncertainty.NONE, input);
  }
}
