package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoublePredicate;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import stoutblade.catalogue.Rod;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.mat.Arrows;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.TrayMenu;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PartEdits;
import stoutblade.edit.SkeletonEdits;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.part.Part;
import stoutblade.pipework.Joint;
import stoutblade.pipework.Piping;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** A skeleton of pipe: joints dragged, pipes added from a joint, lengths typed. */
final class SkeletonDesk {

  private static final double REACH_PX = 12;
  private static final double MARGIN_PX = 70;
  private static final double NOTE_WIDE = 620;
  private static final double COVER_MM = 5;
  private static final double USUAL_MM = 200;

  /** A way in which a pipe can run on. */
  private record Way(String id, String sign, String words, Joint by) {}

  private static final List<Way> WAYS = ways();

  private static List<Way> ways() {
    List<Way> ways = new ArrayList<>();
    String[] signs = {"→", "↗", "↑", "↖", "←", "↙", "↓", "↘"};
    String[] ids = {
      "right", "right-up", "up", "left-up", "left", "left-down", "down", "right-down"
    };
    String[] words = {
      Texts.DRAFT.of("to-the-right"),
      Texts.DRAFT.of("right-and-up"),
      Texts.DRAFT.of("up"),
      Texts.DRAFT.of("left-and-up"),
      Texts.DRAFT.of("to-the-left"),
      Texts.DRAFT.of("left-and-down"),
      Texts.DRAFT.of("down"),
      Texts.DRAFT.of("right-and-down")
    };
    for (int i = 0; i < signs.length; i++) {
      double turn = i * Math.PI / 4;
      ways.add(
          new Way(ids[i], signs[i], words[i], new Joint(cos(turn), cos(turn - Math.PI / 2), 0)));
    }
    ways.add(
        new Way(
            "front", Texts.DRAFT.of("to-me"), Texts.DRAFT.of("towards-you"), new Joint(0, 0, 1)));
    ways.add(
        new Way(
            "back", Texts.DRAFT.of("away"), Texts.DRAFT.of("away-from-you"), new Joint(0, 0, -1)));
    return ways;
  }

  /** Exactly 0 and 1 where it is. */
  private static double cos(double turn) {
    double value = Math.cos(turn);
    double near = Math.rint(value);
    return Math.abs(value - near) < 1e-12 ? near : value;
  }

  private final Desk desk;
  private final SkeletonModel model;
  private final SkeletonDrawing drawing;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final MaskingTape tape;
  private final BorderPane node = new BorderPane(mat);
  private final Trays below = new Trays();
  private final Tray whole = new Tray();
  private final Tray ofJoint = new Tray();
  private final Tray ofPipe = new Tray();
  private final TextField name = PlainText.field();
  private final ComboBox<Rod> pipe = new ComboBox<>();
  private final ToggleButton capped = new ToggleButton(Texts.DRAFT.of("caps-on-open-ends"));
  private final EntryField length;
  private final EntryField further;
  private final EntryField aside;
  private final EntryField up;
  private final EntryField depth;
  private final EntryField bend;
  private final Label how = mat.note("skeleton-how", NOTE_WIDE);
  private double next = USUAL_MM;
  private boolean showing;

  SkeletonDesk(Desk desk) {
    this.desk = desk;
    this.model = new SkeletonModel(desk);
    this.drawing = new SkeletonDrawing(desk, model);
    this.tape = new MaskingTape(desk, mat, this::where);
    mat.setCalled(Texts.DRAFT.of("skeleton-of-pipe"));
    mat.setId("skeleton-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Holding());
    mat.setPending(desk::busy);
    length =
        field(
            "pipe-length",
            mm -> model.perform(SkeletonEdits.length(model.id(), model.pipe().orElse(0), mm)));
    further =
        field(
            "pipe-next",
            mm -> {
              next = mm;
              return true;
            });
    aside = placed("joint-aside", (it, mm) -> new Joint(mm, it.y(), it.z()));
    up = placed("joint-up", (it, mm) -> new Joint(it.x(), mm, it.z()));
    depth = placed("joint-depth", (it, mm) -> new Joint(it.x(), it.y(), mm));
    bend =
        field(
            "joint-bend",
            mm ->
                model.perform(
                    SkeletonEdits.bend(
                        model.id(),
                        model.joint().orElse(0),
                        mm == 0 ? Optional.empty() : Optional.of(mm))));
    layWhole();
    layPipe();
    node.setBottom(below);
    mat.setMenu(() -> TrayMenu.of(below));
  }

  BorderPane node() {
    return node;
  }

  private EntryField field(String id, DoublePredicate commit) {
    EntryField field = EntryField.length(desk, commit);
    field.setId(id);
    return field;
  }

  private EntryField placed(String id, BiFunction<Joint, Double, Joint> change) {
    return field(id, mm -> model.place().map(it -> model.move(change.apply(it, mm))).orElse(false));
  }

  // == TRAYS

  private void layWhole() {
    name.setId("skeleton-name");
    name.setPrefColumnCount(9);
    name.setOnAction(
        event -> {
          String typed = name.getText().strip();
          desk.perform(
              PartEdits.change(
                  model.id(), Texts.DRAFT.of("name-a-part"), it -> it.withName(typed)));
          mat.requestFocus();
        });
    pipe.setId("skeleton-pipe");
    pipe.setPrefWidth(220);
    pipe.setConverter(Choices.named(Rod::name));
    pipe.getItems()
        .setAll(
            desk.catalogue().rods().stream()
                .filter(
                    rod ->
                        desk.catalogue().fittings().stream()
                            .anyMatch(it -> it.rodId().equals(rod.id())))
                .toList());
    pipe.setOnAction(
        event -> {
          Rod it = pipe.getValue();
          if (!showing && it != null) {
            desk.perform(SkeletonEdits.pipe(model.id(), it.id(), it.outerMm()));
          }
        });
    capped.setId("skeleton-capped");
    capped.setOnAction(
        event -> desk.perform(SkeletonEdits.capped(model.id(), capped.isSelected())));
    Button cover =
        Tray.button(
            "skeleton-cover",
            Texts.DRAFT.of("cover-its-pipes-with-foam"),
            this::cover,
            mat::requestFocus);
    whole
        .with(Texts.DRAFT.of("this-part-is"), name)
        .with(Texts.DRAFT.of("pipe"), pipe)
        .with(" ", capped)
        .with(" ", cover)
        .with(
            " ",
            Tray.button(
                "skeleton-again",
                Texts.DRAFT.of("another-like-it"),
                () -> desk.perform(PartEdits.again(model.id())),
                mat::requestFocus));
  }

  private void cover() {
    String material = desk.prop().defaults().materialId();
    Optional<Piping> made = model.piping();
    if (made.isEmpty()) {
      desk.say(Texts.DRAFT.of("its-pipes-are-covered-once"));
    } else {
      desk.perform(SkeletonEdits.cover(model.id(), made.get(), material, COVER_MM));
    }
  }

  private void layPipe() {
    ofPipe
        .with(Texts.DRAFT.of("middle-to-middle"), length)
        .with(
            " ",
            Tray.button(
                "pipe-split",
                Texts.DRAFT.of("joint-in-its-middle"),
                () -> model.perform(SkeletonEdits.split(model.id(), model.pipe().orElse(0))),
                mat::requestFocus))
        .with(
            " ",
            Tray.button(
                "pipe-remove",
                Key.REMOVE.on(Texts.DRAFT.of("remove")),
                model::remove,
                mat::requestFocus));
  }

  private void layJoint() {
    HBox ways = new HBox(4);
    for (Way way : WAYS) {
      Button button =
          Tray.button(
              "pipe-" + way.id(),
              way.sign(),
              () ->
                  model.longer(
                      new Joint(way.by().x() * next, way.by().y() * next, way.by().z() * next)),
              mat::requestFocus);
      button.setAccessibleText(Texts.DRAFT.of("a-pipe", way.words()));
      ways.getChildren().add(button);
    }
    ofJoint
        .with(Texts.DRAFT.of("a-pipe-from-here-long"), further)
        .with(Texts.DRAFT.of("which-way"), ways);
    if (model.joint().isPresent() && model.skeleton().meets(model.joint().getAsInt()) == 2) {
      ofJoint.with(Texts.DRAFT.of("bent-in-heat-radius-0"), bend);
    }
    ofJoint
        .with(Texts.DRAFT.of("sideways"), aside)
        .with(Texts.DRAFT.of("upwards"), up)
        .with(Texts.DRAFT.of("towards-you-label"), depth);
  }

  // == SHOWING

  void show(Derived derived, String id) {
    model.lookAt(id);
    mat.setUnits(desk.units());
    how.setText(model.said().isEmpty() ? Texts.DRAFT.of("click-a-joint-to-add") : "");
    how.setVisible(!how.getText().isEmpty());
    ofJoint.lay(this::layJoint);
    showing = true;
    values();
    showing = false;
    desk.besideProperty()
        .set(desk.reckoned().part(id).map(PartReckoning::figures).orElse(List.of()));
    List<Tray> trays = new ArrayList<>();
    if (model.joint().isPresent()) {
      trays.add(ofJoint);
    } else if (model.pipe().isPresent()) {
      trays.add(ofPipe);
    } else {
      trays.add(whole);
    }
    below.show(trays);
    box().ifPresent(it -> mat.fitAnew(it, MARGIN_PX));
    tape.show(derived.findings().stream().filter(this::own).toList());
    mat.redraw();
  }

  private boolean own(Finding finding) {
    return finding.station() == Station.DRAFT
        && finding.place() instanceof Place.OnPart it
        && it.partId().equals(model.id());
  }

  private void values() {
    if (!name.isFocused()) {
      name.setText(model.part().map(Part::name).orElse(""));
    }
    model
        .piped()
        .ifPresent(
            it -> {
              pipe.setValue(desk.catalogue().rod(it.rodId()).orElse(null));
              capped.setSelected(it.skeleton().capped());
            });
    model.length().ifPresent(length::show);
    further.show(next);
    model
        .place()
        .ifPresent(
            it -> {
              aside.show(it.x());
              up.show(it.y());
              depth.show(it.z());
              bend.show(model.skeleton().bends().getOrDefault(model.joint().orElse(0), 0.0));
            });
  }

  private Optional<Box> box() {
    List<Point> points =
        model.part().stream()
            .flatMap(it -> it.seen().stream())
            .flatMap((Path it) -> it.flattened(1).stream())
            .toList();
    return points.isEmpty() ? Optional.empty() : Optional.of(Box.around(points));
  }

  private Optional<Point> where(Place place) {
    return place instanceof Place.OnPart it ? Optional.of(it.mm()) : Optional.empty();
  }

  private void draw(Pen pen) {
    if (model.piped().isPresent()) {
      drawing.draw(pen);
      tape.mark(pen);
    }
  }

  // == HAND

  private void again() {
    show(desk.derived(), model.id());
  }

  /** Joints and pipes held by the pointer and moved by the keys. */
  private final class Holding implements MatView.Hand {

    private boolean moved;

    @Override
    public String selected() {
      return model.piped().isPresent() ? model.said() : "";
    }

    @Override
    public boolean press(Point place, MouseEvent event) {
      moved = false;
      boolean held = model.press(place, REACH_PX / mat.zoom());
      again();
      return held;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      moved = true;
      model.drag(place);
      mat.redraw();
    }

    @Override
    public void release(Point place, MouseEvent event) {
      if (moved) {
        model.drop();
      }
      mat.redraw();
    }

    @Override
    public boolean key(KeyEvent event) {
      switch (event.getCode()) {
        case LEFT, RIGHT, UP, DOWN -> Arrows.by(event).ifPresent(SkeletonDesk.this::nudge);
        case ESCAPE -> {
          model.clear();
          again();
        }
        default -> {
          if (Key.PLACE.is(event)) {
            model.next(event.isShiftDown() ? -1 : 1);
            again();
          } else if (Key.REMOVE.is(event)) {
            model.remove();
          } else {
            return false;
          }
        }
      }
      return true;
    }
  }

  private void nudge(Point by) {
    model.place().ifPresent(it -> model.move(new Joint(it.x() + by.x(), it.y() + by.y(), it.z())));
  }

  boolean key(KeyEvent event) {
    return new Holding().key(event);
  }
}
