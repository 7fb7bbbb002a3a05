package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.texts.Texts;
import stoutblade.finding.PatchFindings;
import stoutblade.flatten.Fault;
import stoutblade.flatten.LaidFlat;
import stoutblade.flatten.PatchFigures;
import stoutblade.flatten.Proposal;
import stoutblade.flatten.Seams;
import stoutblade.flatten.StretchColours;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.Shading;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** Faces of a model on the mat, and beside them how they lie when they are laid flat. */
final class PatchDesk {

  private static final int PX = 900;
  private static final double NOTE_WIDE = 330;
  private static final double MARGIN_PX = 64;
  private static final double APART = 0.12;

  /** Smaller pieces have no room for their number. */
  private static final double NUMBERED_PX = 34;

  /** How wide rows of pieces are, to the side of a square of their size. */
  private static final double ROW = 1.5;

  /** So many faults are marked at once: one cut often mends several. */
  private static final int MOST_TAPED = 3;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final PatchModel model;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final BorderPane node = new BorderPane(mat);
  private final ToggleGroup tools = new ToggleGroup();
  private final ToggleButton choosing = new ToggleButton(Texts.DRAFT.of("choose-faces"));
  private final ToggleButton cutting = new ToggleButton(Key.CUT.on(Texts.DRAFT.of("cut-a-seam")));
  private final ToggleGroup views = new ToggleGroup();
  private final EntryField turn;
  private final EntryField forgives;
  private final TextField name = PlainText.field(Texts.DRAFT.of("patch"));
  private final Label how = mat.note("patch-how", NOTE_WIDE);
  private final MaskingTape tape;
  private List<Fault> faults = List.of();
  private Optional<Painted> painted = Optional.empty();
  private List<Flat> flats = List.of();
  private int asked;

  /** The model with its chosen faces in colour. */
  private record Painted(Image image, Box frame, View view) {}

  /** A piece laid flat: its picture, where it lies, and the lines round it. */
  private record Flat(Image image, Box frame, List<Point> outline, Point by) {}

  PatchDesk(Desk desk, BackgroundTasks tasks, Meshes meshes) {
    this.desk = desk;
    this.tasks = tasks;
    this.model = new PatchModel(desk, meshes);
    this.tape = new MaskingTape(desk, mat, place -> Optional.empty());
    mat.setCalled(Texts.DRAFT.of("faces-of-the-model"));
    mat.setId("patch-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Pressing());
    mat.setPending(desk::busy);
    turn =
        EntryField.number(
            desk,
            "°",
            () -> Texts.DRAFT.of("an-angle-in-degrees"),
            value -> {
              model.setTurn(Math.toRadians(Math.clamp(value, 0, 180)));
              return true;
            });
    forgives =
        EntryField.number(
            desk,
            "%",
            () -> Texts.DRAFT.of("a-share-of-the-length"),
            value -> {
              model.setForgives(Math.clamp(value, 0.5, 60) / 100);
              paint();
              return true;
            });
    turn.setId("patch-turn");
    forgives.setId("patch-forgives");
    turn.setPrefColumnCount(4);
    forgives.setPrefColumnCount(4);
    choosing.setToggleGroup(tools);
    cutting.setToggleGroup(tools);
    choosing.setSelected(true);
    choosing.setId("patch-choose");
    cutting.setId("patch-seam");
    cutting.setOnAction(event -> begin(cutting));
    choosing.setOnAction(event -> begin(choosing));
    name.setId("patch-name");
    name.setPrefColumnCount(8);
    meshes.whenChanged(
        () -> {
          if (node.getScene() != null) {
            paint();
          }
        });
    node.setBottom(tray());
  }

  private void begin(ToggleButton tool) {
    tool.setSelected(true);
    model.endSeam();
    mat.redraw();
    mat.requestFocus();
  }

  private Tray tray() {
    Tray tray = new Tray();
    String label = Texts.DRAFT.of("seen-from");
    for (View it : View.values()) {
      ToggleButton button = new ToggleButton(it.words());
      button.setId("patch-view-" + it.name().toLowerCase(Locale.ROOT));
      button.setToggleGroup(views);
      button.setSelected(it == model.view());
      button.setOnAction(
          event -> {
            button.setSelected(true);
            model.look(it);
            paint();
          });
      tray.with(label, button);
      label = " ";
    }
    return tray.with(Texts.DRAFT.of("click-on-the-model"), choosing)
        .with(" ", button("patch-all", Texts.DRAFT.of("all"), model::all))
        .with(
            Texts.DRAFT.of("flat"),
            button("patch-flat", Key.FLAT.on(Texts.DRAFT.of("lay-flat")), () -> lay(false)))
        .with(" ", button("patch-keep", Texts.DRAFT.of("keep-as-a-part"), this::keep))
        .with(Texts.DRAFT.of("up-to-an-edge-of"), turn)
        .with(Texts.DRAFT.of("from-corner-to-corner"), cutting)
        .with(" ", button("patch-propose", Texts.DRAFT.of("propose-seams"), this::propose))
        .with(" ", button("patch-no-seams", Texts.DRAFT.of("no-seams"), () -> recut(Seams.NONE)))
        .with(Texts.DRAFT.of("foam-stretches-up-to"), forgives)
        .with(" ", button("patch-darts", Texts.DRAFT.of("with-darts"), () -> lay(true)))
        .with(Texts.DRAFT.of("call-it"), name);
  }

  private Button button(String id, String words, Runnable action) {
    return Tray.button(
        id,
        words,
        action,
        () -> {
          paint();
          mat.requestFocus();
        });
  }

  BorderPane node() {
    return node;
  }

  private void keep() {
    String called = name.getText().isBlank() ? Texts.DRAFT.of("patch") : name.getText().strip();
    if (model.keep(called)) {
      desk.say(Texts.DRAFT.of("is-on-the-rack-put", called));
    }
  }

  // == LAYING FLAT

  private void lay(boolean darts) {
    Optional<Mesh> mesh = model.mesh();
    Optional<Double> mm = model.mm();
    if (mesh.isEmpty() || model.chosen().isEmpty()) {
      desk.say(Texts.DRAFT.of("choose-faces-first-click-them"));
      return;
    }
    if (mm.isEmpty()) {
      desk.say(Texts.DRAFT.of("say-how-large-the-model"));
      return;
    }
    int[] faces = model.triangles();
    Seams seams = model.seams();
    double forgiven = model.forgives();
    tasks.start(
        Texts.DRAFT.of("laying-faces-flat", faces.length),
        progress ->
            darts
                ? LaidFlat.withDarts(mesh.get(), faces, seams, mm.get(), forgiven, progress)
                : LaidFlat.of(mesh.get(), faces, seams, mm.get(), progress),
        this::take);
  }

  private void take(LaidFlat laid) {
    model.setLaid(laid);
    paint();
    figures();
  }

  /** Proposes seams beside the window, and shows how the pieces lie. */
  private void propose() {
    Optional<Mesh> mesh = model.mesh();
    if (mesh.isEmpty() || model.chosen().isEmpty()) {
      desk.say(Texts.DRAFT.of("choose-faces-first-click-them"));
      return;
    }
    int[] faces = model.triangles();
    Seams seams = model.seams();
    double forgiven = model.forgives();
    boolean sized = model.mm().isPresent();
    double mm = mm();
    tasks.start(
        Texts.DRAFT.of("proposing-seams"),
        progress -> Proposal.of(mesh.get(), faces, seams, mm, forgiven, progress),
        laid -> {
          // Without a size the seams are good, and the pieces have no millimetres yet.
          if (sized) {
            take(laid);
          } else {
            recut(laid.seams());
            paint();
          }
        });
  }

  private void recut(Seams seams) {
    model.setSeams(seams);
    cleared();
  }

  /** Nothing is laid flat any more. */
  private void cleared() {
    flats = List.of();
    faults = List.of();
    tape.stick(List.of());
    desk.showNothingBeside();
  }

  /** Cuts what mends a fault, and lays the pieces flat anew. */
  private void cut(String what, LaidFlat laid, Function<LaidFlat, Seams> cut) {
    Mesh mesh = model.mesh().orElseThrow();
    int[] faces = model.triangles();
    double mm = mm();
    tasks.start(
        what, progress -> LaidFlat.of(mesh, faces, cut.apply(laid), mm, progress), this::take);
  }

  private void figures() {
    desk.besideProperty()
        .set(model.laid().map(it -> PatchFigures.of(it, model.forgives())).orElse(List.of()));
  }

  // == SHOWING

  void show(Derived derived, String id) {
    boolean other = model.model().map(it -> !it.id().equals(id)).orElse(true);
    model.take(id);
    mat.setUnits(desk.units());
    mat.setRuled(model.mm().isPresent());
    turn.show(Math.toDegrees(model.turn()));
    forgives.show(model.forgives() * 100);
    if (other) {
      painted = Optional.empty();
      cleared();
      paint();
    }
    figures();
    mat.redraw();
  }

  private double mm() {
    return model.mm().orElse(1.0);
  }

  /** Colours the model and its flat pieces off the window's thread; the newest asking counts. */
  private void paint() {
    how.setText(how());
    Optional<Model> it = model.model();
    Optional<Mesh> mesh = model.mesh();
    if (it.isEmpty() || mesh.isEmpty()) {
      return;
    }
    int mine = ++asked;
    View view = model.view();
    StretchColours colours =
        StretchColours.of(model.chosen(), model.laid(), model.forgives(), mesh.get().triangles());
    Optional<LaidFlat> laid = model.laid();
    double mm = mm();
    double forgiven = model.forgives();
    tasks.start(
        Texts.DRAFT.of("colouring"),
        progress -> {
          Shading seen =
              Shading.of(mesh.get(), it.get().orientation(), view, PX, colours::ofFace, progress);
          List<Flat> pieces = laid.map(flat -> pieces(flat, colours)).orElse(List.of());
          List<Fault> wrong = laid.map(flat -> Fault.of(flat, forgiven)).orElse(List.of());
          return new Result(seen, pieces, wrong);
        },
        made -> {
          if (mine == asked) {
            boolean first = painted.isEmpty() || flats.size() != made.flats.size();
            painted =
                Optional.of(
                    new Painted(
                        Pictures.levels(made.seen.pixels()).images().getFirst(),
                        made.seen.frame(),
                        view));
            flats = beside(made.flats, made.seen.frame(), mm);
            faults = made.faults;
            tape();
            if (first) {
              fit();
            }
            mat.redraw();
          }
        });
  }

  /** The worst faults on tape, each with what mends it. */
  private void tape() {
    Optional<LaidFlat> laid = model.laid();
    tape.stick(
        laid.stream()
            .flatMap(it -> faults.stream().limit(MOST_TAPED).map(fault -> taped(it, fault)))
            .toList());
    how.setText(how());
  }

  private MaskingTape.Taped taped(LaidFlat laid, Fault fault) {
    List<MaskingTape.Mend> mends = new ArrayList<>();
    if (fault.kind() == Fault.Kind.STRETCHED || fault.kind() == Fault.Kind.SQUEEZED) {
      mends.add(
          new MaskingTape.Mend(
              Texts.DRAFT.of("cut-a-dart"),
              () -> cut(Texts.DRAFT.of("cutting-a-dart"), laid, fault::darted)));
    }
    mends.add(
        new MaskingTape.Mend(
            Texts.DRAFT.of("a-seam-across"),
            () -> cut(Texts.DRAFT.of("cutting-a-seam"), laid, fault::divided)));
    return new MaskingTape.Taped(
        PatchFindings.of(laid, fault, model.forgives(), desk.units()),
        fault.at(laid).plus(flats.get(fault.piece()).by()),
        mends);
  }

  private record Result(Shading seen, List<Flat> flats, List<Fault> faults) {}

  private static List<Flat> pieces(LaidFlat laid, StretchColours colours) {
    List<Flat> flats = new ArrayList<>();
    for (int i = 0; i < laid.pieces().size(); i++) {
      LaidFlat.Piece own = laid.pieces().get(i);
      Shading map = colours.map(laid, i, PX / 2);
      flats.add(
          new Flat(
              Pictures.levels(map.pixels()).images().getFirst(),
              map.frame(),
              own.flat().outline(),
              new Point(0, 0)));
    }
    return flats;
  }

  /** The pieces to the right of the model, in rows from below, about as wide as they are high. */
  private static List<Flat> beside(List<Flat> pieces, Box frame, double mm) {
    double area = 0;
    double widest = 0;
    for (Flat piece : pieces) {
      area += piece.frame().width() * piece.frame().height();
      widest = Math.max(widest, piece.frame().width());
    }
    double left = frame.maxX() * mm * (1 + APART);
    double apart = Math.max(widest, frame.width() * mm) * APART / 2;
    double right = left + Math.max(widest, ROW * Math.sqrt(area));
    double x = left;
    double y = frame.minY() * mm;
    double row = 0;
    List<Flat> placed = new ArrayList<>();
    for (Flat piece : pieces) {
      Box own = piece.frame();
      if (x > left && x + own.width() > right) {
        x = left;
        y += row + apart;
        row = 0;
      }
      Point by = new Point(x - own.minX(), y - own.minY());
      placed.add(new Flat(piece.image(), own, piece.outline(), by));
      x += own.width() + apart;
      row = Math.max(row, own.height());
    }
    return placed;
  }

  private void fit() {
    if (painted.isEmpty()) {
      return;
    }
    Box all = painted.get().frame().times(mm());
    for (Flat flat : flats) {
      all = all.with(flat.frame().moved(flat.by()));
    }
    mat.fit(all, MARGIN_PX);
  }

  private String how() {
    if (model.mesh().isEmpty()) {
      return Texts.DRAFT.of("reading");
    }
    if (model.chosen().isEmpty()) {
      return Texts.DRAFT.of("click-the-model-where-foam");
    }
    if (cutting.isSelected()) {
      return model.seamFrom().isEmpty()
          ? Texts.DRAFT.of("click-a-corner-where-the")
          : Texts.DRAFT.of("click-the-next-corner-esc");
    }
    if (faults.size() > MOST_TAPED) {
      return Texts.DRAFT.of("the-worst-of-places-are", MOST_TAPED, faults.size());
    }
    return model.laid().isEmpty()
        ? Texts.DRAFT.of("faces-chosen-l-lays-them", model.chosen().cardinality())
        : Texts.DRAFT.of("warm-the-foam-is-stretched");
  }

  // == DRAWING

  private void draw(Pen pen) {
    double mm = mm();
    painted
        .filter(it -> it.view() == model.view())
        .ifPresent(it -> picture(pen, it.image(), it.frame(), mm, new Point(0, 0)));
    for (Flat flat : flats) {
      picture(pen, flat.image(), flat.frame(), 1, flat.by());
      List<Point> ring =
          new ArrayList<>(flat.outline().stream().map(it -> it.plus(flat.by())).toList());
      ring.add(ring.getFirst());
      pen.stroke(List.of(ring), pen.colour(Ink.INK), 1.6);
    }
    for (int i = 0; i < flats.size() && flats.size() > 1; i++) {
      Box own = flats.get(i).frame();
      if (Math.max(own.width(), own.height()) * pen.zoom() > NUMBERED_PX) {
        pen.plate(
            Integer.toString(i + 1), own.centre().plus(flats.get(i).by()), pen.colour(Ink.INK));
      }
    }
    tape.mark(pen);
    seams(pen, mm);
  }

  private static void picture(Pen pen, Image image, Box frame, double mm, Point by) {
    double step = frame.width() / image.getWidth() * mm;
    pen.picture(
        image,
        new Point(frame.minX() * mm, frame.maxY() * mm).plus(by),
        new Point(step, 0),
        new Point(0, -step),
        new Box(0, 0, image.getWidth(), image.getHeight()),
        0.95);
  }

  private void seams(Pen pen, double mm) {
    Optional<Model> it = model.model();
    Optional<Mesh> mesh = model.mesh();
    if (it.isEmpty() || mesh.isEmpty()) {
      return;
    }
    for (Seams.Edge edge : model.seams().edges()) {
      pen.line(
          place(it.get(), mesh.get(), edge.low(), mm),
          place(it.get(), mesh.get(), edge.high(), mm),
          pen.colour(Ink.SELECTED),
          3);
    }
    model
        .seamFrom()
        .ifPresent(
            vertex -> pen.sight(place(it.get(), mesh.get(), vertex, mm), pen.colour(Ink.SELECTED)));
  }

  private Point place(Model it, Mesh mesh, int vertex, double mm) {
    return it.orientation()
        .in(model.view(), mesh.x(vertex), mesh.y(vertex), mesh.z(vertex))
        .times(mm);
  }

  // == HAND

  /** Choosing faces and cutting seams. */
  private final class Pressing implements MatView.Hand {

    @Override
    public boolean press(Point place, MouseEvent event) {
      Point own = place.times(1 / mm());
      boolean taken =
          cutting.isSelected()
              ? model.seam(own)
              : model.choose(own, event.isShiftDown(), event.isShortcutDown());
      if (taken) {
        cleared();
        paint();
      }
      return taken;
    }

    @Override
    public boolean key(KeyEvent event) {
      return PatchDesk.this.key(event);
    }
  }

  boolean key(KeyEvent event) {
    if (Key.CUT.is(event)) {
      begin(cutting.isSelected() ? choosing : cutting);
    } else if (Key.FLAT.is(event)) {
      lay(false);
    } else if (event.getCode() == KeyCode.ESCAPE) {
      model.endSeam();
    } else {
      return false;
    }
    how.setText(how());
    mat.redraw();
    return true;
  }
}
