package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import stoutblade.develop.Developed;
import stoutblade.develop.Panel;
import stoutblade.shape.Box;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Works what is cut out of flat patterns, or drawn on them, into them. */
public final class PanelWork {

  private static final double TOLERANCE_MM = 0.02;
  private static final double LOOKED_AT_MM = 0.2;

  private PanelWork() {}

  /**
   * Patterns with all that is worked into them; what is worked into a pattern that is not there is
   * left out.
   *
   * @param thicknessMm how thick the sheet is
   */
  public static Developed into(
      Developed flat, List<PanelFeature> worked, double thicknessMm, Typeface typeface) {
    if (worked.isEmpty()) {
      return flat;
    }
    List<Panel> panels = new ArrayList<>();
    List<Panel> pieces = new ArrayList<>();
    for (int i = 0; i < flat.panels().size(); i++) {
      Panel panel = flat.panels().get(i);
      List<Path> windows = new ArrayList<>(panel.windows());
      List<Path> marks = new ArrayList<>(panel.marks());
      for (PanelFeature it : worked) {
        if (it.panel() == i) {
          Worked done = worked(it.feature(), panel, thicknessMm, typeface);
          windows.addAll(done.cut());
          done.markings().forEach(mark -> marks.add(mark.path()));
          done.pieces().forEach(piece -> pieces.addAll(PlateForm.panels(piece)));
        }
      }
      panels.add(
          new Panel(panel.name(), panel.count(), panel.edges(), windows, panel.lines(), marks));
    }
    panels.addAll(pieces);
    return new Developed(panels, flat.figures(), flat.words());
  }

  private static Worked worked(
      Feature feature, Panel panel, double thicknessMm, Typeface typeface) {
    Box box = panel.box();
    WholeOutline round =
        new WholeOutline(
            List.of(
                Node.corner(box.minX(), box.minY()),
                Node.corner(box.maxX(), box.minY()),
                Node.corner(box.maxX(), box.maxY()),
                Node.corner(box.minX(), box.maxY())));
    Blank blank = new Blank("", panel.name(), round, List.of(), thicknessMm);
    return Worked.of(feature, blank, face(panel), typeface, TOLERANCE_MM);
  }

  private static Region face(Panel panel) {
    return Region.inside(panel.outline(), TOLERANCE_MM);
  }

  /**
   * What a seam, a dart or the edge of its pattern would cut through, or what lies on no pattern.
   */
  public static List<PanelFeature> broken(
      Developed flat, List<PanelFeature> worked, double thicknessMm, Typeface typeface) {
    return worked.stream().filter(it -> !whole(flat, it, thicknessMm, typeface)).toList();
  }

  private static boolean whole(
      Developed flat, PanelFeature worked, double thicknessMm, Typeface typeface) {
    if (worked.panel() >= flat.panels().size()) {
      return false;
    }
    Panel panel = flat.panels().get(worked.panel());
    Region face = face(panel);
    Worked done = worked(worked.feature(), panel, thicknessMm, typeface);
    List<Path> all = new ArrayList<>(done.cut());
    done.markings().forEach(it -> all.add(it.path()));
    return all.stream()
        .flatMap(it -> it.flattened(LOOKED_AT_MM).stream())
        .allMatch((Point it) -> face.contains(it));
  }
}
