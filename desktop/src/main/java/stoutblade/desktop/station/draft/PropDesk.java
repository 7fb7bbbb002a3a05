package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Pictures;
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
import stoutblade.desktop.station.Between;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.LeftOut;
import stoutblade.desktop.station.PlaceFields;
import stoutblade.desktop.station.PropDrawing;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.Followers;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.finding.Place;
import stoutblade.part.Assembly;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** The prop put together: its parts from the front, each where it is, moved by hand. */
final class PropDesk {

  private static final double REACH_PX = 9;
  private static final double MARGIN_PX = 60;
  private static final double NOTE_WIDE = 620;

  private final Desk desk;
  private final PropDrawing drawing;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final MaskingTape tape;
  private final BorderPane node = new BorderPane(mat);
  private final Trays below = new Trays();
  private final Tray always = new Tray();
  private final Tray chosen = new Tray();
  private final Slider dim = new Slider(0, 1, 0.5);
  private final ComboBox<String> on = new ComboBox<>();
  private final ComboBox<Placing.Faces> shows = new ComboBox<>();
  private final ComboBox<Placing.Faces> textured = new ComboBox<>();
  private final ToggleButton facing = new ToggleButton(Texts.DRAFT.of("along-its-axis"));
  private final TextField name = PlainText.field();
  private final EntryField copies;
  private final EntryField mirrored;
  private final MaterialFields material;
  private final BoughtFields bought;
  private final PlaceFields places;
  private final Between between;
  private final NextFields next;
  private final LeftOut leftOut;
  private final Button open = new Button(Texts.DRAFT.of("draft-it-enter"));
  private final Label how = mat.note("prop-how", NOTE_WIDE);
  private String laidOut = "";
  private boolean showing;
  private Point held = new Point(0, 0);
  private Optional<Point> moved = Optional.empty();
  private String selected = "";

  PropDesk(Desk desk, Pictures pictures) {
    this.desk = desk;
    this.drawing = new PropDrawing(desk, pictures);
    this.tape = new MaskingTape(desk, mat, this::where);
    this.places = new PlaceFields(desk, "place-", List.of(PlaceFields.Way.values()), new Placed());
    this.between =
        new Between(
            "place-between",
            other -> part().ifPresent(it -> desk.perform(Followers.between(it.id(), other))));
    this.next = new NextFields(desk, this::part);
    this.leftOut =
        new LeftOut(
            desk,
            "place-left-out",
            without -> place(Texts.DRAFT.of("leave-out"), it -> it.leavingOut(without)));
    this.bought = new BoughtFields(desk, this::part);
    this.material = new MaterialFields(desk, "part-", this::part);
    mat.setCalled(Texts.DRAFT.of("parts-put-together"));
    mat.setId("prop-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Moving());
    mat.setPending(desk::busy);
    dim.setPrefWidth(80);
    always.with(Texts.DRAFT.of("picture"), dim);
    dim.valueProperty().addListener(it -> mat.redraw());
    copies =
        EntryField.number(
            desk,
            "×",
            () -> Texts.DRAFT.of("how-many-are-made-for"),
            value ->
                place(
                    Texts.DRAFT.of("how-many-edit"),
                    it -> it.made((int) Math.rint(value), it.mirrored())));
    mirrored =
        EntryField.number(
            desk,
            "×",
            () -> Texts.DRAFT.of("how-many-of-them-are"),
            value ->
                place(
                    Texts.DRAFT.of("mirrored-edit"),
                    it -> it.made(it.copies(), (int) Math.rint(value))));
    copies.setId("place-copies");
    mirrored.setId("place-mirrored");
    copies.setPrefColumnCount(3);
    mirrored.setPrefColumnCount(3);
    on.setId("place-on");
    on.setPrefWidth(150);
    on.setConverter(Choices.named(this::carrier));
    on.setOnAction(
        event -> {
          if (!showing && on.getValue() != null) {
            part().ifPresent(it -> desk.perform(PartEdits.fix(it.id(), on.getValue())));
          }
        });
    faces(shows, "place-shows", List.of(Placing.Faces.values()), true);
    faces(
        textured,
        "place-textured",
        List.of(Placing.Faces.NONE, Placing.Faces.FRONT, Placing.Faces.BACK),
        false);
    facing.setId("place-facing");
    facing.setOnAction(
        event -> place(Texts.DRAFT.of("seen-from"), it -> it.facing(facing.isSelected())));
    name.setId("place-name");
    name.setPrefColumnCount(8);
    name.setOnAction(
        event -> {
          part()
              .ifPresent(
                  it ->
                      desk.perform(
                          PartEdits.change(
                              it.id(),
                              Texts.DRAFT.of("name-a-part"),
                              own -> own.withName(name.getText().strip()))));
          mat.requestFocus();
        });
    open.setId("open-part");
    open.setOnAction(event -> part().ifPresent(it -> desk.goToPart(it.id())));
    node.setBottom(below);
    mat.setMenu(() -> TrayMenu.of(below));
  }

  private void faces(
      ComboBox<Placing.Faces> box, String id, List<Placing.Faces> faces, boolean showing1) {
    box.setId(id);
    box.getItems().setAll(faces);
    box.setConverter(Choices.named(Placing.Faces::words));
    box.setPrefWidth(96);
    box.setOnAction(
        event -> {
          if (!showing && box.getValue() != null) {
            place(
                showing1
                    ? Texts.DRAFT.of("which-faces-show")
                    : Texts.DRAFT.of("which-face-is-textured"),
                it -> showing1 ? it.showing(box.getValue()) : it.textured(box.getValue()));
          }
        });
  }

  BorderPane node() {
    return node;
  }

  /** What a hand can do here, while nothing is selected. */
  private String how() {
    if (part().isPresent()) {
      return "";
    }
    return desk.prop().parts().isEmpty()
        ? Texts.DRAFT.of("there-is-no-part-yet")
        : Texts.DRAFT.of("click-a-part-to-say");
  }

  // == WHAT IS SELECTED

  /** The part that is selected. */
  private Optional<Part> part() {
    return desk.prop().part(selected);
  }

  /** What is selected, where it is bought. */
  private Optional<Bought> thing() {
    return part().filter(it -> it.shape() instanceof Bought).map(it -> (Bought) it.shape());
  }

  /** Selects a part; an empty id for none. */
  void select(String id) {
    selected = id;
    show(desk.derived());
  }

  private boolean place(String what, Function<Placing, Placing> change) {
    return part()
        .map(it -> desk.perform(PartEdits.place(it.id(), what, change::apply)))
        .orElse(false);
  }

  private String carrier(String id) {
    return switch (id) {
      case "" -> Texts.DRAFT.of("nothing-it-stands-by-itself");
      default -> desk.prop().part(id).map(Part::name).orElse(id);
    };
  }

  private List<String> carriers(Part part) {
    List<String> ids = new ArrayList<>(List.of(""));
    Assembly assembly = desk.reckoned().assembly();
    desk.prop().parts().stream()
        .filter(it -> !it.id().equals(part.id()) && !assembly.carries(part.id(), it))
        .map(Part::id)
        .forEach(ids::add);
    return ids;
  }

  /** What is repeated, and does not stand between what is looked at itself. */
  private Map<String, String> repeated(Part part) {
    Map<String, String> names = new LinkedHashMap<>();
    desk.prop().parts().stream()
        .filter(it -> it.placing().where().count() > 1 && !it.id().equals(part.id()))
        .filter(it -> !it.placing().between().equals(part.id()))
        .forEach(it -> names.put(it.id(), it.name()));
    return names;
  }

  private final class Placed implements PlaceFields.Placed {

    @Override
    public Optional<Where> where() {
      return part().map(it -> it.placing().where());
    }

    @Override
    public Outline carrier() {
      return part()
          .flatMap(it -> desk.prop().part(it.placing().on()))
          .flatMap(Part::cut)
          .map(Cut::outline)
          .orElse(HalfOutline.EMPTY);
    }

    @Override
    public boolean put(String what, Function<Where, Where> change) {
      boolean done = place(what, it -> it.at(change.apply(it.where())));
      mat.requestFocus();
      return done;
    }
  }

  // == SHOWING

  void show(Derived derived) {
    mat.setUnits(desk.units());
    how.setText(how());
    how.setVisible(!how.getText().isEmpty());
    String key =
        part()
            .map(
                it ->
                    it.id()
                        + places.key()
                        + repeated(it)
                        + next.key(it)
                        + (it.placing().where().count() > 1)
                        + thing().map(own -> own.ofRod()).orElse(false))
            .orElse("");
    if (!key.equals(laidOut)) {
      laidOut = key;
      layOut();
    }
    showing = true;
    part().ifPresent(this::values);
    showing = false;
    desk.besideProperty()
        .set(
            part()
                .flatMap(it -> desk.reckoned().part(it.id()))
                .map(PartReckoning::figures)
                .orElse(List.of()));
    List<Tray> trays = new ArrayList<>();
    if (part().isPresent()) {
      trays.add(chosen);
    }
    if (desk.reckoned().placement().isPresent()) {
      trays.add(always);
    }
    below.show(trays);
    drawing.box().ifPresent(it -> mat.fitAnew(it, MARGIN_PX));
    tape.show(desk.findingsOf(Station.DRAFT));
    mat.redraw();
  }

  private void layOut() {
    chosen.getChildren().clear();
    chosen.with(Texts.DRAFT.of("this-part-is"), name).with(Texts.DRAFT.of("fixed-to"), on);
    places.into(chosen);
    part().ifPresent(it -> between.show(repeated(it), it.placing().between()));
    if (between.any()) {
      chosen.with(Texts.DRAFT.of("between-those-of"), between.control());
    }
    part().ifPresent(it -> next.into(chosen, it));
    part()
        .filter(it -> it.placing().where().count() > 1)
        .ifPresent(
            it -> chosen.with(Texts.DRAFT.of("left-out"), leftOut.showing(it.placing().without())));
    chosen
        .with(Texts.DRAFT.of("quantity"), copies)
        .with(Texts.DRAFT.of("of-them-mirrored"), mirrored)
        .with(Texts.DRAFT.of("faces-that-show"), shows)
        .with(Texts.DRAFT.of("textured-face"), textured)
        .with(Texts.DRAFT.of("seen"), facing);
    if (thing().isPresent()) {
      bought.into(chosen);
    } else {
      material.into(chosen);
      chosen.with(" ", open);
    }
    chosen
        .with(" ", button("part-up", Texts.DRAFT.of("move-up"), id -> PartEdits.order(id, -1)))
        .with(" ", button("part-down", Texts.DRAFT.of("move-down"), id -> PartEdits.order(id, 1)))
        .with(" ", button("part-again", Texts.DRAFT.of("another-like-it"), PartEdits::again))
        .with(" ", button("part-remove", Texts.DRAFT.of("remove-del"), PartEdits::remove));
  }

  private Button button(String id, String words, Function<String, Change> edit) {
    return Tray.button(
        id,
        words,
        () -> part().ifPresent(it -> desk.perform(edit.apply(it.id()))),
        mat::requestFocus);
  }

  private void values(Part part) {
    if (!name.isFocused()) {
      name.setText(part.name());
    }
    between.show(repeated(part), part.placing().between());
    next.show(part);
    leftOut.showing(part.placing().without());
    on.getItems().setAll(carriers(part));
    on.setValue(part.placing().on());
    copies.show(part.placing().copies());
    mirrored.show(part.placing().mirrored());
    shows.setValue(part.placing().shows());
    textured.setValue(part.placing().textured());
    facing.setSelected(part.placing().facing());
    if (thing().isPresent()) {
      bought.show();
    } else {
      material.show();
    }
    places.show();
  }

  private Optional<Point> where(Place place) {
    if (place instanceof Place.OnPart it) {
      List<Spot> spots = desk.reckoned().assembly().spots().getOrDefault(it.partId(), List.of());
      return spots.isEmpty() ? Optional.empty() : Optional.of(spots.getFirst().place(it.mm()));
    }
    return Optional.empty();
  }

  private void draw(Pen pen) {
    Point by = moved.orElse(new Point(0, 0));
    drawing.draw(pen, part(), by, dim.getValue());
    // What was chosen may be of a project that is not open any more.
    part()
        .filter(desk.reckoned().assembly().order()::contains)
        .ifPresent(
            it -> {
              Spot carrier = desk.reckoned().assembly().carrier(it);
              for (Point handle : Handles.of(it.placing().where())) {
                pen.handle(carrier.place(handle).plus(by), true, true);
              }
            });
    tape.mark(pen);
  }

  // == HAND

  /** The part under a place, the topmost first. */
  private Optional<Part> under(Point place) {
    double reach = REACH_PX / mat.zoom();
    List<Part> topmost = new ArrayList<>(desk.reckoned().assembly().order().reversed());
    topmost.sort(Comparator.comparing(PropDrawing::hidden));
    for (Part part : topmost) {
      for (Spot spot : desk.reckoned().assembly().spots().get(part.id())) {
        Point own = spot.own(place);
        for (Path line : desk.reckoned().part(part.id()).orElseThrow().seen()) {
          Region region = Region.inside(line, 0.1);
          if (region.contains(own) || region.distanceToBoundary(own) < reach / 3) {
            return Optional.of(part);
          }
        }
      }
    }
    return Optional.empty();
  }

  /** Moving parts with the pointer and the keys. */
  private final class Moving implements MatView.Hand {

    @Override
    public String selected() {
      return part().map(Part::name).orElse("");
    }

    @Override
    public boolean press(Point place, MouseEvent event) {
      Optional<Part> under = under(place);
      select(under.map(Part::id).orElse(""));
      held = place;
      if (under.isPresent() && event.getClickCount() == 2) {
        desk.goToPart(selected);
        return false;
      }
      return under.isPresent();
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      moved = Optional.of(place.minus(held));
    }

    @Override
    public void release(Point place, MouseEvent event) {
      Optional<Point> by = moved.filter(it -> it.length() * mat.zoom() > 2);
      moved = Optional.empty();
      by.ifPresent(it -> part().ifPresent(part -> desk.perform(PartEdits.move(part.id(), it))));
    }

    @Override
    public boolean key(KeyEvent event) {
      switch (event.getCode()) {
        case LEFT, RIGHT, UP, DOWN -> Arrows.by(event).ifPresent(PropDesk.this::nudge);
        case ENTER -> part().ifPresent(it -> desk.goToPart(it.id()));
        case ESCAPE -> select("");
        default -> {
          if (Key.PLACE.is(event)) {
            next(event.isShiftDown() ? -1 : 1);
          } else if (Key.REMOVE.is(event)) {
            part().ifPresent(it -> desk.perform(PartEdits.remove(it.id())));
          } else {
            return false;
          }
        }
      }
      return true;
    }
  }

  private void nudge(Point by) {
    part().ifPresent(it -> desk.perform(PartEdits.move(it.id(), by)));
  }

  private void next(int by) {
    List<Part> parts = desk.prop().parts();
    if (!parts.isEmpty()) {
      int now = part().map(parts::indexOf).orElse(by > 0 ? -1 : 0);
      select(parts.get(Math.floorMod(now + by, parts.size())).id());
    }
  }

  boolean key(KeyEvent event) {
    if (event.getCode() == KeyCode.ENTER && part().isPresent()) {
      desk.goToPart(selected);
      return true;
    }
    return false;
  }
}
