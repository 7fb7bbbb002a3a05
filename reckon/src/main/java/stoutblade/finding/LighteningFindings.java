package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Lightening;
import stoutblade.feature.PlateForm;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;

/** Looks through the fields of lightening holes of one part for those that cannot be cut. */
final class LighteningFindings {

  private static final double ENOUGH_MM = 0.05;

  private final PartReckoning part;
  private final PlateForm form;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private LighteningFindings(PartReckoning part, PlateForm form, Units units) {
    this.part = part;
    this.form = form;
    this.units = units;
  }

  /** What is wrong with the fields of a part. */
  static List<Finding> of(PartReckoning part, Units units) {
    return part.form()
        .filter(PlateForm::whole)
        .map(
            form -> {
              LighteningFindings own = new LighteningFindings(part, form, units);
              form.lightened().forEach(own::lightening);
              return own.found;
            })
        .orElse(List.of());
  }

  private void lightening(Lightening field) {
    Feature feature = field.feature();
    int layers = part.layers().map(it -> it.each().size()).orElse(0);
    boolean cut =
        layers == 0 || IntStream.range(0, layers).anyMatch(it -> feature.into().holds(it, layers));
    if (!cut) {
      wrong(
          field,
          "layer",
          "No layer lies between the others for the lightening",
          "It is cut into the layers inside; there are " + layers + " in all.",
          List.of(with(feature, "in", Feature.Into.BACK.number(), "Cut it into the back layer")));
    }
    if (field.tooMany()) {
      double larger = Math.ceil(field.widerMm() - feature.size("web"));
      wrong(
          field,
          "many",
          "The lightening has more than " + Lightening.MOST_HOLES + " holes",
          "So many are not cut by anybody.",
          List.of(with(feature, "across", larger, "Each " + show(larger) + " across")));
    } else if (field.holes().isEmpty()) {
      double smaller = Math.max(4, Math.floor(feature.size("across") / 2));
      wrong(
          field,
          "none",
          "No hole of the lightening has room",
          "Each is whole, and keeps clear of the edge and of all else.",
          List.of(with(feature, "across", smaller, "Each " + show(smaller) + " across")));
    }
    bevelled(field);
  }

  /** Where a bevel reaches further in than the field keeps from the edge, holes come out in it. */
  private void bevelled(Lightening field) {
    double rim = field.feature().size("rim");
    part.layers()
        .filter(it -> !it.layering().flat() && !field.holes().isEmpty())
        .map(it -> it.bevelWidth().value())
        .filter(wide -> wide > rim + ENOUGH_MM)
        .ifPresent(
            wide ->
                wrong(
                    field,
                    "bevel",
                    "Lightening holes under the bevel",
                    "The bevel reaches "
                        + show(wide)
                        + " in, the holes keep "
                        + show(rim)
                        + " from the edge: sanding may open them.",
                    List.of(
                        with(
                            field.feature(),
                            "rim",
                            Math.ceil(wide),
                            "Keep " + show(Math.ceil(wide)) + " from the edge"))));
  }

  private Change with(Feature feature, String key, double value, String words) {
    return PartEdits.feature(part.id(), feature.id(), words, it -> it.with(key, value));
  }

  private void wrong(Lightening field, String id, String title, String why, List<Change> mends) {
    found.add(
        new Finding(
            "draft." + part.id() + "." + field.feature().id() + "." + id,
            Station.DRAFT,
            new Place.OnPart(part.id(), form.face().centre()),
            Severity.WARNING,
            title,
            why,
            mends));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}
