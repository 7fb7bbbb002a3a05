package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import stoutblade.catalogue.PipeFitting;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.edit.Change;
import stoutblade.edit.Followers;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PatternEdits;
import stoutblade.edit.SkeletonEdits;
import stoutblade.edit.Skins;
import stoutblade.part.Bought;
import stoutblade.part.Defaults;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.pipework.Skeletons;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reference.Model;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.Tracing;

/** The menu from which a part is begun: by drawing, from what was traced, or among the sums. */
final class NewPart {

  private static final double THICKNESS_MM = 10;
  private static final double RING_MM = 25;

  private static final double YOKE_WIDE_MM = 400;
  private static final double YOKE_HIGH_MM = 250;
  private static final double SKIN_MM = 2;

  /** A skin stands so far over the edge until it is trimmed. */
  private static final double TRIM_MM = 3;

  private final Desk desk;
  private final MenuButton menu = new MenuButton(Key.PART.on("New part"));

  NewPart(Desk desk) {
    this.desk = desk;
    menu.setId("new-part");
    menu.setOnShowing(event -> fill());
    fill();
  }

  MenuButton menu() {
    return menu;
  }

  private void fill() {
    List<MenuItem> items = new ArrayList<>();
    items.add(item("new-half", "Plate, half drawn about its axis", () -> add("Plate", half())));
    items.add(item("new-whole", "Plate, drawn whole", () -> add("Plate", rectangle())));
    items.add(
        item("new-disc", "Disc", () -> add("Disc", WholeOutline.circle(new Point(0, 0), 60))));
    items.add(item("new-by-hand", "Plate, traced by hand", () -> add("Plate", HalfOutline.EMPTY)));
    desk.looked()
        .flatMap(it -> it.part().cut())
        .filter(it -> it.outline().drawn())
        .ifPresent(
            it ->
                items.add(
                    item(
                        "new-like",
                        "Plate with this one's outline",
                        () -> add("Plate", it.outline()))));
    desk.looked()
        .map(PartReckoning::part)
        .filter(it -> it.cut().filter(cut -> cut.outline().drawn()).isPresent())
        .ifPresent(
            it -> {
              items.add(
                  item(
                      "new-follower",
                      "Plate whose outline follows this one",
                      () -> follow(it.name() + ", again", Follow.on(it.id()))));
              items.add(
                  item(
                      "new-ring",
                      "Ring that follows the edge of this one",
                      () ->
                          follow(
                              it.name() + ", rim",
                              Follow.on(it.id()).withInside(Optional.of(-RING_MM)))));
            });
    desk.looked()
        .map(PartReckoning::part)
        .filter(it -> it.cut().filter(cut -> cut.outline().drawn()).isPresent())
        .ifPresent(
            it ->
                items.add(
                    item(
                        "new-skin",
                        "Skin over both faces and the edge of this one",
                        () -> add(Skins.over(it.id(), SKIN_MM, TRIM_MM)))));
    items.add(item("new-blade", "Blade, worked on both faces", this::addBlade));
    items.add(item("new-bought", "Bought thing: a pipe, a ball, a strap", this::addBought));
    items.add(item("new-skeleton", "Skeleton of pipe and fittings", this::addSkeleton));
    List<Tracing> tracings = desk.prop().size().tracings();
    if (!tracings.isEmpty()) {
      items.add(new SeparatorMenuItem());
    }
    for (Tracing tracing : tracings) {
      items.add(item("new-" + tracing.id(), "From " + tracing.name(), () -> addTraced(tracing)));
      if (tracing.outlines().size() > 1) {
        items.add(
            item(
                "new-pieces-" + tracing.id(),
                "All pieces of " + tracing.name() + ", what lies within one cut out of it",
                () -> add(PatternEdits.add(tracing, THICKNESS_MM))));
      }
    }
    for (Model model : desk.prop().size().models()) {
      items.add(
          item(
              "new-patch-" + model.id(),
              "Faces of " + model.name() + ", laid flat",
              () -> desk.partProperty().set(Desk.MODEL + model.id())));
      items.add(
          item(
              "new-slices-" + model.id(),
              model.name() + ", sliced into layers",
              () -> desk.goToSlices(model.id())));
    }
    items.add(new SeparatorMenuItem());
    items.add(
        item(
            "new-shape",
            Key.SUMS.on("Wrapped, turned or folded: from a sum"),
            () -> {
              desk.partProperty().set("");
              desk.sumsProperty().set(true);
            }));
    menu.getItems().setAll(items);
  }

  private static MenuItem item(String id, String words, Runnable action) {
    MenuItem item = new MenuItem(words);
    item.setId(id);
    item.setOnAction(event -> action.run());
    return item;
  }

  private void add(String name, Outline outline) {
    add(PartEdits.addPlate(name, outline, THICKNESS_MM));
  }

  private void follow(String name, Follow follow) {
    String called = name.substring(0, Math.min(name.length(), Part.LONGEST_NAME));
    add(Followers.add(called, follow, THICKNESS_MM));
  }

  private void addBlade() {
    add(PartEdits.addBlade(Defaults.FIRST));
  }

  private void addBought() {
    add(PartEdits.addBought("Bought thing", new Bought("bought thing", "", 100, 40, 0, 0)));
  }

  /** A yoke of the first pipe that fittings are sold for. */
  private void addSkeleton() {
    desk.catalogue().fittings().stream()
        .map(PipeFitting::rodId)
        .findFirst()
        .flatMap(desk.catalogue()::rod)
        .ifPresentOrElse(
            it ->
                add(
                    SkeletonEdits.add(
                        "Skeleton",
                        new Piped(
                            Skeletons.yoke(YOKE_WIDE_MM, YOKE_HIGH_MM), it.id(), it.outerMm()))),
            () -> desk.say("The catalogue has no pipe with fittings"));
  }

  private void add(Change edit) {
    desk.perform(edit, () -> desk.goToPart(desk.prop().parts().getLast().id()));
  }

  /** The outline of a tracing that is taken becomes the plate, about its middle. */
  private void addTraced(Tracing tracing) {
    WholeOutline taken = tracing.outlines().getFirst();
    add(PartEdits.addTraced(tracing.name(), taken.centred(), THICKNESS_MM, tracing.from()));
    int others = tracing.outlines().size() - 1;
    if (others > 0) {
      desk.say(others + " more outlines are in the tracing; click another one there to take it");
    }
  }

  private static HalfOutline half() {
    return new HalfOutline(
        List.of(Node.corner(0, 0), Node.corner(40, 0), Node.corner(40, 120), Node.corner(0, 120)));
  }

  private static WholeOutline rectangle() {
    return new WholeOutline(
        List.of(
            Node.corner(-60, -40),
            Node.corner(60, -40),
            Node.corner(60, 40),
            Node.corner(-60, 40)));
  }
}
