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
import stoutblade.desktop.texts.Texts;
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
  private final MenuButton menu = new MenuButton(Key.PART.on(Texts.DRAFT.of("new-part")));

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
    items.add(
        item(
            "new-half",
            Texts.DRAFT.of("plate-half-drawn-about-its"),
            () -> add(Texts.DRAFT.of("plate"), half())));
    items.add(
        item(
            "new-whole",
            Texts.DRAFT.of("plate-drawn-whole"),
            () -> add(Texts.DRAFT.of("plate"), rectangle())));
    items.add(
        item(
            "new-disc",
            Texts.DRAFT.of("disc"),
            () -> add(Texts.DRAFT.of("disc"), WholeOutline.circle(new Point(0, 0), 60))));
    items.add(
        item(
            "new-by-hand",
            Texts.DRAFT.of("plate-traced-by-hand"),
            () -> add(Texts.DRAFT.of("plate"), HalfOutline.EMPTY)));
    desk.looked()
        .flatMap(it -> it.part().cut())
        .filter(it -> it.outline().drawn())
        .ifPresent(
            it ->
                items.add(
                    item(
                        "new-like",
                        Texts.DRAFT.of("plate-with-this-ones-outline"),
                        () -> add(Texts.DRAFT.of("plate"), it.outline()))));
    desk.looked()
        .map(PartReckoning::part)
        .filter(it -> it.cut().filter(cut -> cut.outline().drawn()).isPresent())
        .ifPresent(
            it -> {
              items.add(
                  item(
                      "new-follower",
                      Texts.DRAFT.of("plate-whose-outline-follows-this"),
                      () -> follow(Texts.DRAFT.of("again", it.name()), Follow.on(it.id()))));
              items.add(
                  item(
                      "new-ring",
                      Texts.DRAFT.of("ring-that-follows-the-edge"),
                      () ->
                          follow(
                              Texts.DRAFT.of("rim", it.name()),
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
                        Texts.DRAFT.of("skin-over-both-faces-and"),
                        () -> add(Skins.over(it.id(), SKIN_MM, TRIM_MM)))));
    items.add(item("new-blade", Texts.DRAFT.of("blade-worked-on-both-faces"), this::addBlade));
    items.add(item("new-bought", Texts.DRAFT.of("bought-thing-a-pipe-a"), this::addBought));
    items.add(
        item("new-skeleton", Texts.DRAFT.of("skeleton-of-pipe-and-fittings"), this::addSkeleton));
    List<Tracing> tracings = desk.prop().size().tracings();
    if (!tracings.isEmpty()) {
      items.add(new SeparatorMenuItem());
    }
    for (Tracing tracing : tracings) {
      items.add(
          item(
              "new-" + tracing.id(),
              Texts.DRAFT.of("from", tracing.name()),
              () -> addTraced(tracing)));
      if (tracing.outlines().size() > 1) {
        items.add(
            item(
                "new-pieces-" + tracing.id(),
                Texts.DRAFT.of("all-pieces-of-what-lies", tracing.name()),
                () -> add(PatternEdits.add(tracing, THICKNESS_MM))));
      }
    }
    for (Model model : desk.prop().size().models()) {
      items.add(
          item(
              "new-patch-" + model.id(),
              Texts.DRAFT.of("faces-of-laid-flat", model.name()),
              () -> desk.partProperty().set(Desk.MODEL + model.id())));
      items.add(
          item(
              "new-slices-" + model.id(),
              Texts.DRAFT.of("sliced-into-layers", model.name()),
              () -> desk.goToSlices(model.id())));
    }
    items.add(new SeparatorMenuItem());
    items.add(
        item(
            "new-shape",
            Key.SUMS.on(Texts.DRAFT.of("wrapped-turned-or-folded-from")),
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
    add(
        PartEdits.addBought(
            Texts.DRAFT.of("bought-thing"),
            new Bought(Texts.DRAFT.of("bought-thing-said"), "", 100, 40, 0, 0)));
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
                        Texts.DRAFT.of("skeleton"),
                        new Piped(
                            Skeletons.yoke(YOKE_WIDE_MM, YOKE_HIGH_MM), it.id(), it.outerMm()))),
            () -> desk.say(Texts.DRAFT.of("the-catalogue-has-no-pipe")));
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
      desk.say(Texts.DRAFT.of("more-outlines-are-in-the", others));
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
