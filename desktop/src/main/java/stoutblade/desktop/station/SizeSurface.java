package stoutblade.desktop.station;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.SizeModel.End;
import stoutblade.desktop.station.SizeModel.Kind;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.project.Derived;
import stoutblade.project.Edits;
import stoutblade.project.Place;
import stoutblade.project.Station;
import stoutblade.reference.KnownLength;
import stoutblade.reference.Mark;
import stoutblade.reference.Reference;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;

/**
 * Size: the picture with its marks, and beside it, on the same ground and at the same scale, the
 * wearer's outline with the prop.
 */
public final class SizeSurface implements Surface {

  private static final double REACH_PX = 16;
  private static final double UNSCALED_MM = 1;

  private final Desk desk;
  private final Pictures pictures;
  private final SizeModel model;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final MaskingTape tape;
  private final BorderPane node = new BorderPane(mat);
  private final Map<Kind, ToggleButton> tools = new EnumMap<>(Kind.class);
  private final EntryField height;
  private final EntryField knownLength;
  private final EntryField precision;
  private final TextField knownName = new TextField();
  private String fittedTo = "";

  /**
   * The surface.
   *
   * @param openPicture asks for a picture file and opens it
   */
  public SizeSurface(Desk desk, Pictures pictures, Runnable openPicture) {
    this.desk = desk;
    this.pictures = pictures;
    this.model = new SizeModel(desk);
    this.tape = new MaskingTape(desk, mat, this::where);
    mat.setId("size-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Marking());
    height =
        EntryField.length(
            desk,
            mm -> attempt(() -> Edits.wearer(new Wearer(desk.project().wearer().name(), mm))));
    height.setId("wearer-height");
    knownLength = EntryField.length(desk, mm -> model.know(knownName.getText(), mm));
    knownLength.setId("known-length");
    precision =
        EntryField.number(
            desk,
            "px",
            () -> "the marking precision is a number of pixels",
            px -> desk.perform(Edits.markingPrecision(px)));
    precision.setPrefColumnCount(4);
    knownName.setPrefColumnCount(10);
    knownName.setOnAction(
        event -> knownLengthMm().ifPresent(mm -> model.know(knownName.getText(), mm)));
    node.setBottom(tray(openPicture));
  }

  private boolean attempt(java.util.function.Supplier<stoutblade.project.Edit> edit) {
    try {
      return desk.perform(edit.get());
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
      return false;
    }
  }

  private Optional<Double> knownLengthMm() {
    return desk.project().reference().flatMap(Reference::check).map(KnownLength::lengthMm);
  }

  private Node tray(Runnable openPicture) {
    Button open = new Button("Open a picture…  P");
    open.setId("open-picture");
    open.setOnAction(event -> openPicture.run());
    Tray tray = new Tray().with("Picture", open);
    for (Kind kind : Kind.values()) {
      ToggleButton tool = new ToggleButton(kind.words() + "  " + kind.key());
      tool.setId("mark-" + kind.key());
      tool.setOnAction(event -> model.markingProperty().set(tool.isSelected() ? kind : null));
      tools.put(kind, tool);
      tray.with(kind == Kind.HEIGHT ? "Mark: press, drag, let go" : " ", tool);
    }
    model.markingProperty().addListener(it -> showTools());
    return tray.with("Wearer's height", height)
        .with("Known thing", knownName)
        .with("Its length", knownLength)
        .with("Marked to ±", precision);
  }

  private void showTools() {
    tools.forEach((kind, tool) -> tool.setSelected(kind == model.markingProperty().get()));
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    mat.setUnits(desk.units());
    mat.setRuled(derived.scale().isPresent() || derived.project().reference().isEmpty());
    height.show(derived.project().wearer().heightMm());
    Optional<KnownLength> check = derived.project().reference().flatMap(Reference::check);
    check.ifPresentOrElse(it -> knownLength.show(it.lengthMm()), knownLength::showNothing);
    if (!knownName.isFocused()) {
      knownName.setText(check.map(KnownLength::name).orElse(""));
    }
    derived
        .project()
        .reference()
        .ifPresentOrElse(it -> precision.show(it.markingPx()), precision::showNothing);
    fit(derived);
    tape.show(derived.findingsOf(Station.SIZE));
    mat.redraw();
  }

  /** Fits the mat when another picture lies on it, or its scale becomes known. */
  private void fit(Derived derived) {
    String now =
        derived.project().reference().map(it -> it.picture().digest()).orElse("none")
            + derived.scale().isPresent();
    if (!now.equals(fittedTo)) {
      fittedTo = now;
      mat.fit(extent(derived), 12);
    }
  }

  private Box extent(Derived derived) {
    double tall = derived.project().wearer().heightMm();
    Box people =
        new Box(
            ground(derived) - tall * 0.3,
            0,
            ground(derived) + tall * 0.42,
            Math.max(tall, Figures.wholeLength(derived)));
    return derived
        .project()
        .reference()
        .map(
            it -> {
              Point top = toMat(derived, new Point(0, 0));
              Point bottom =
                  toMat(derived, new Point(it.picture().widthPx(), it.picture().heightPx()));
              Box picture = new Box(top.x(), bottom.y(), bottom.x(), top.y());
              return derived.scale().isPresent() ? picture.with(people) : picture;
            })
        .orElse(people);
  }

  /** Where the wearer's outline stands: to the right of the picture. */
  private double ground(Derived derived) {
    return derived
        .project()
        .reference()
        .map(
            it ->
                toMat(derived, new Point(it.picture().widthPx(), 0)).x()
                    + derived.project().wearer().heightMm() * 0.33)
        .orElse(0.0);
  }

  // == PICTURE AND MAT

  private double perPixel(Derived derived) {
    return derived.scale().map(it -> it.mmPerPixel().value()).orElse(UNSCALED_MM);
  }

  /** The foot of the marked figure, where the ground is; else the foot of the picture. */
  private Point footPx(Derived derived) {
    Optional<Reference> reference = derived.project().reference();
    return reference
        .flatMap(Reference::figureHeight)
        .map(mark -> mark.from().y() > mark.to().y() ? mark.from() : mark.to())
        .orElseGet(
            () -> new Point(0, reference.map(it -> (double) it.picture().heightPx()).orElse(0.0)));
  }

  private Point toMat(Derived derived, Point px) {
    Point foot = footPx(derived);
    double mm = perPixel(derived);
    return new Point((px.x() - foot.x()) * mm, (foot.y() - px.y()) * mm);
  }

  private Point toPicture(Point place) {
    Point foot = footPx(desk.derived());
    double mm = perPixel(desk.derived());
    return new Point(place.x() / mm + foot.x(), foot.y() - place.y() / mm);
  }

  private Optional<Point> where(Place place) {
    return place instanceof Place.OnPicture at
        ? Optional.of(toMat(desk.derived(), at.px()))
        : Optional.empty();
  }

  // == DRAWING

  private void draw(Pen pen) {
    Derived derived = desk.derived();
    derived.project().reference().ifPresent(it -> drawPicture(pen, derived, it));
    if (derived.scale().isPresent() || derived.project().reference().isEmpty()) {
      drawWearer(pen, derived);
    }
    model.marks().forEach((kind, mark) -> drawMark(pen, derived, kind, mark));
    tape.mark(pen);
  }

  private void drawPicture(Pen pen, Derived derived, Reference reference) {
    double mm = perPixel(derived);
    pictures
        .of(reference.picture(), mm * pen.zoom())
        .ifPresent(
            it ->
                pen.picture(
                    it.image(),
                    toMat(derived, new Point(0, 0)),
                    new Point(mm * it.pixels(), 0),
                    new Point(0, -mm * it.pixels()),
                    1));
  }

  private void drawWearer(Pen pen, Derived derived) {
    double x = ground(derived);
    double tall = derived.project().wearer().heightMm();
    pen.line(new Point(x - tall * 0.27, 0), new Point(x + tall * 0.4, 0), pen.colour(Ink.INK), 2);
    Figures.body(pen, derived.project().wearer(), new Point(x, 0));
    Point butt = new Point(x + tall * 0.19, 0);
    Figures.held(pen, derived, butt);
    double whole = Figures.wholeLength(derived);
    if (whole > 0) {
      Point side = new Point(x + tall * 0.30, 0);
      pen.measure(
          side,
          side.plus(new Point(0, whole)),
          Display.length(whole, desk.units()),
          pen.colour(Ink.MEASURE));
    }
    pen.measure(
        new Point(x - tall * 0.22, 0),
        new Point(x - tall * 0.22, tall),
        Display.length(tall, desk.units()),
        pen.colour(Ink.INK));
  }

  private void drawMark(Pen pen, Derived derived, Kind kind, Mark mark) {
    boolean chosen = model.selected().map(End::kind).filter(it -> it == kind).isPresent();
    Ink ink = chosen ? Ink.SELECTED : kind == Kind.CHECK ? Ink.DONE : Ink.MEASURE;
    Point from = toMat(derived, mark.from());
    Point to = toMat(derived, mark.to());
    pen.stroke(Path.line(from, to), pen.faint(Ink.PAPER, 0.8), 5);
    if (kind == Kind.CENTRE_LINE) {
      pen.line(from, to, pen.colour(ink), 2, 12, 5, 2, 5);
    } else {
      pen.line(from, to, pen.colour(ink), 2);
    }
    pen.sight(from, pen.colour(ink));
    pen.sight(to, pen.colour(ink));
    double share = kind == Kind.WHOLE ? 0.32 : 0.5;
    pen.plate(words(kind, mark, derived), from.towards(to, share), pen.colour(ink));
  }

  private String words(Kind kind, Mark mark, Derived derived) {
    String length = length(kind, mark, derived);
    return switch (kind) {
      case HEIGHT -> "Head to heel " + length;
      case CHECK ->
          derived
                  .project()
                  .reference()
                  .flatMap(Reference::check)
                  .map(KnownLength::name)
                  .orElse("Known thing")
              + ": reads "
              + length;
      case WHOLE -> "Whole prop " + length;
      case CENTRE_LINE -> "Blade " + length;
    };
  }

  /**
   * The length of a mark as it is reckoned; while it is being moved, or without a scale, in pixels.
   */
  private String length(Kind kind, Mark mark, Derived derived) {
    Optional<Figure> figure =
        derived
            .scale()
            .flatMap(
                scale ->
                    switch (kind) {
                      case HEIGHT -> Optional.of(scale.wearerHeight());
                      case CHECK -> scale.check().map(it -> it.measured());
                      case WHOLE -> scale.wholeLength();
                      case CENTRE_LINE -> scale.centreLine();
                    });
    return figure
        .filter(it -> !model.moving(kind))
        .map(it -> it.show(desk.units()))
        .orElseGet(() -> Display.decimal(mark.lengthPx(), 0) + " px");
  }

  // == HAND

  /** Marking with the pointer and the keys. */
  private final class Marking implements MatView.Hand {

    @Override
    public boolean press(Point place, MouseEvent event) {
      return model.press(toPicture(place), REACH_PX / mat.zoom() / perPixel(desk.derived()));
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      model.drag(toPicture(place));
    }

    @Override
    public void release(Point place, MouseEvent event) {
      model.release();
    }

    @Override
    public boolean key(KeyEvent event) {
      double step = event.isShiftDown() ? 10 : 1;
      switch (event.getCode()) {
        case LEFT -> model.nudge(-step, 0);
        case RIGHT -> model.nudge(step, 0);
        case UP -> model.nudge(0, -step);
        case DOWN -> model.nudge(0, step);
        case N -> model.next();
        case ESCAPE -> model.markingProperty().set(null);
        default -> {
          return false;
        }
      }
      return true;
    }
  }

  @Override
  public boolean key(KeyEvent event) {
    for (Kind kind : Kind.values()) {
      if (event.getCode().getName().equals(kind.key()) && !event.isShortcutDown()) {
        model.markingProperty().set(model.markingProperty().get() == kind ? null : kind);
        mat.requestFocus();
        return true;
      }
    }
    return false;
  }
}
