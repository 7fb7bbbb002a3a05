package stoutblade.desktop.station.size;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.SizeEdits;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reference.PictureSize;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.Flattened;
import stoutblade.trace.Halves;
import stoutblade.trace.Pixels;
import stoutblade.trace.Tracer;
import stoutblade.trace.Tracer.By;
import stoutblade.trace.Tracer.Options;
import stoutblade.trace.TracingFigures;

/** A flat picture at true scale, and the outlines that are found on it, before they are kept. */
final class TraceDesk {

  private static final double FINE_TOLERANCE = 0.05;

  private final Desk desk;
  private final Pictures pictures;
  private final BackgroundTasks tasks;
  private final Runnable opened;
  private final Runnable done;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final BorderPane node = new BorderPane(mat);
  private final ToggleButton dark = new ToggleButton(Texts.SIZE.of("dark"));
  private final ToggleButton light = new ToggleButton(Texts.SIZE.of("light"));
  private final ToggleButton colour = new ToggleButton(Texts.SIZE.of("this-colour"));
  private final Slider bias = new Slider(-0.9, 0.9, 0);
  private final CheckBox middle = new CheckBox(Texts.SIZE.of("middle-of-the-line"));
  private final EntryField tolerance;
  private final TextField name = PlainText.field();
  private final Label found = new Label();
  private final Button keep = new Button(Texts.SIZE.of("keep-it"));
  private final Button draft = new Button(Texts.SIZE.of("draft-from-it"));
  private Optional<Source> source = Optional.empty();
  private Options options = Options.USUAL;
  private List<WholeOutline> outlines = List.of();
  private double lineWidth;
  private int round;
  private String note = "";

  /**
   * What is traced.
   *
   * @param from the id of the picture, or {@code paper}
   * @param pixels the flat picture
   * @param image the same for the screen
   * @param mm how large a pixel is, in mm
   * @param origin where the middle of the first pixel is, in mm, y up
   * @param turnRad how far it is turned clockwise, in radians
   */
  record Source(String from, Pixels pixels, Image image, double mm, Point origin, double turnRad) {

    Point place(Point px) {
      return turned(origin.plus(new Point(px.x() * mm, -px.y() * mm)), -turnRad);
    }

    private static Point turned(Point p, double radians) {
      double c = Math.cos(radians);
      double s = Math.sin(radians);
      return new Point(p.x() * c - p.y() * s, p.x() * s + p.y() * c);
    }

    Point pixel(Point place) {
      Point it = turned(place, turnRad).minus(origin);
      return new Point(it.x() / mm, -it.y() / mm);
    }
  }

  /**
   * A desk for tracing.
   *
   * @param opened called when there is something to trace
   * @param done called when it is kept or given up
   */
  TraceDesk(Desk desk, Pictures pictures, BackgroundTasks tasks, Runnable opened, Runnable done) {
    this.desk = desk;
    this.pictures = pictures;
    this.tasks = tasks;
    this.opened = opened;
    this.done = done;
    mat.setCalled(Texts.SIZE.of("what-is-traced"));
    mat.setId("trace-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Picking());
    mat.setPending(desk::busy);
    tolerance =
        EntryField.length(
            desk,
            mm -> {
              try {
                change(options.withTolerance(mm));
                return true;
              } catch (IllegalArgumentException e) {
                desk.say(e.getMessage());
                return false;
              }
            });
    dark.setOnAction(event -> change(options.withBy(By.DARK, 0)));
    light.setOnAction(event -> change(options.withBy(By.LIGHT, 0)));
    colour.setOnAction(
        event -> {
          change(options.withBy(By.COLOUR, options.rgb()));
          desk.say(Texts.SIZE.of("click-on-the-colour-in"));
        });
    bias.setPrefWidth(90);
    bias.valueProperty()
        .addListener(
            it -> {
              if (!bias.isValueChanging()) {
                change(options.withBias(bias.getValue()));
              }
            });
    bias.setOnMouseReleased(event -> change(options.withBias(bias.getValue())));
    middle.setOnAction(event -> change(options.withLineMiddle(middle.isSelected())));
    keep.setOnAction(event -> keep(false));
    draft.setOnAction(event -> keep(true));
    name.setPrefColumnCount(9);
    tolerance.setPrefColumnCount(5);
    name.setId("trace-name");
    keep.setId("trace-keep");
    draft.setId("trace-draft");
    found.setId("trace-found");
    dark.setId("trace-dark");
    light.setId("trace-light");
    colour.setId("trace-colour");
    tolerance.setId("trace-tolerance");
    Button away = new Button(Texts.SIZE.of("back-esc"));
    away.setOnAction(event -> leave());
    node.setBottom(
        new Tray()
            .with(Texts.SIZE.of("trace-what-is"), dark)
            .with(" ", light)
            .with(" ", colour)
            .with(Texts.SIZE.of("called"), name)
            .with(" ", keep)
            .with(" ", draft)
            .with(" ", away)
            .with(Texts.SIZE.of("less-or-more"), bias)
            .with(Texts.SIZE.of("of-a-drawn-line"), middle)
            .with(Texts.SIZE.of("within"), tolerance)
            .with(found));
  }

  Node node() {
    return node;
  }

  boolean open() {
    return source.isPresent();
  }

  /** Traces a part of a picture that has a scale. */
  void picture(PictureSize size, Box part) {
    Optional<Double> mm = size.perPixel();
    if (mm.isEmpty()) {
      desk.say(Texts.SIZE.of("set-the-scale-first"));
      return;
    }
    Optional<Pixels> pixels = pictures.pixels(size.scale().reference().picture());
    pixels.ifPresent(it -> flatten(size, it, part, mm.get()));
  }

  private void flatten(PictureSize size, Pixels picture, Box part, double mm) {
    note = "";
    var flat = size.scale().flat().map();
    var reference = size.scale().reference();
    tasks.start(
        Texts.SIZE.of("flattening"),
        () -> {
          Box frame =
              Box.around(
                  List.of(
                      flat.apply(new Point(part.minX(), part.minY())),
                      flat.apply(new Point(part.maxX(), part.minY())),
                      flat.apply(new Point(part.maxX(), part.maxY())),
                      flat.apply(new Point(part.minX(), part.maxY()))));
          double step = Math.max(1, Math.max(frame.width(), frame.height()) / 3000);
          Pixels bright = picture.brightened(reference.dressing().brightness());
          Flattened made = Flattened.at(bright, flat, frame, step);
          Point first = made.place(new Point(0, 0));
          return new Source(
              reference.id(),
              made.pixels(),
              Pictures.levels(made.pixels()).images().getFirst(),
              mm * step,
              new Point(first.x() * mm, -first.y() * mm),
              reference.dressing().turnRad());
        },
        it -> begin(it, reference.name(), Math.max(FINE_TOLERANCE, 0.6 * it.mm())));
  }

  /** Traces a flattened paper. */
  void paper(Flattened sheet, String called, String note) {
    this.note = note;
    Point first = sheet.place(new Point(0, 0));
    begin(
        new Source(
            "paper",
            sheet.pixels(),
            Pictures.levels(sheet.pixels()).images().getFirst(),
            sheet.step(),
            new Point(first.x(), -first.y()),
            0),
        called,
        0.2);
  }

  private void begin(Source traced, String called, double within) {
    source = Optional.of(traced);
    name.setText(called);
    outlines = List.of();
    options =
        new Options(By.DARK, 0, 0, 1, true, within, Math.max(4, 400 * traced.mm() * traced.mm()));
    bias.setValue(0);
    opened.run();
    Pixels pixels = traced.pixels();
    mat.fit(
        Box.around(
            List.of(
                traced.place(new Point(0, 0)),
                traced.place(new Point(pixels.width(), 0)),
                traced.place(new Point(0, pixels.height())),
                traced.place(new Point(pixels.width(), pixels.height())))),
        24);
    change(options);
  }

  private void change(Options changed) {
    options = changed;
    dark.setSelected(options.by() == By.DARK);
    light.setSelected(options.by() == By.LIGHT);
    colour.setSelected(options.by() == By.COLOUR);
    middle.setSelected(options.lineMiddle());
    tolerance.show(options.toleranceMm());
    int mine = ++round;
    source.ifPresent(
        it ->
            tasks.start(
                Texts.SIZE.of("tracing"),
                progress -> Tracer.trace(it.pixels(), it::place, it.mm(), changed, progress),
                result -> {
                  if (mine == round) {
                    outlines = result.outlines();
                    lineWidth = result.lineWidthMm();
                    show();
                  }
                }));
  }

  private void show() {
    mat.setUnits(desk.units());
    int nodes = outlines.stream().mapToInt(it -> it.nodes().size()).sum();
    String words = Texts.SIZE.of("outlines-nodes", outlines.size(), nodes);
    if (lineWidth > 0) {
      words =
          Texts.SIZE.of(
              "line-wide", words, stoutblade.measure.Display.length(lineWidth, desk.units()));
    }
    found.setText(outlines.isEmpty() ? Texts.SIZE.of("nothing-found-yet") : words + note);
    desk.besideProperty().set(TracingFigures.of("size.trace", outlines, options.toleranceMm()));
    keep.setDisable(outlines.isEmpty());
    draft.setDisable(outlines.isEmpty());
    mat.redraw();
  }

  private void keep(boolean asDraft) {
    Source traced = source.orElseThrow();
    try {
      String called = name.getText().strip();
      desk.perform(
          SizeEdits.addTracing(called, traced.from(), outlines, options.toleranceMm()),
          () -> {
            if (asDraft) {
              draft(desk, called, outlines.getFirst(), options.toleranceMm(), traced.from());
            }
            leave();
          });
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
    }
  }

  /** The part whose outline is drafted anew: what is looked at, where half of it is drawn. */
  private static String drafted(Desk desk) {
    return desk.looked()
        .filter(it -> it.part().half() && it.part().cut().orElseThrow().bothFaces())
        .map(PartReckoning::id)
        .orElse("");
  }

  /** Starts the draft from half of an outline and goes there. */
  static void draft(Desk desk, String called, WholeOutline outline, double within, String from) {
    UnaryOperator<Double> coarser = it -> Math.max(0.1, it);
    desk.perform(
        SizeEdits.draftFrom(drafted(desk), called, Halves.of(outline, coarser.apply(within)), from),
        () -> desk.goTo(Station.DRAFT));
  }

  private void leave() {
    source = Optional.empty();
    round++;
    done.run();
  }

  private void draw(Pen pen) {
    source.ifPresent(
        it -> {
          Point corner = it.place(new Point(-0.5, -0.5));
          pen.picture(
              it.image(),
              corner,
              it.place(new Point(0.5, -0.5)).minus(corner),
              it.place(new Point(-0.5, 0.5)).minus(corner),
              new Box(0, 0, it.pixels().width(), it.pixels().height()),
              0.9);
        });
    Figures.tracing(pen, outlines, Ink.SELECTED);
  }

  /** Picking a colour from the picture. */
  private final class Picking implements MatView.Hand {

    @Override
    public boolean press(Point place, MouseEvent event) {
      if (options.by() != By.COLOUR || source.isEmpty()) {
        return false;
      }
      Pixels pixels = source.get().pixels();
      Point px = source.get().pixel(place);
      int x = Math.clamp(Math.round(px.x()), 0, pixels.width() - 1);
      int y = Math.clamp(Math.round(px.y()), 0, pixels.height() - 1);
      change(options.withBy(By.COLOUR, pixels.argb(x, y) & 0xffffff));
      return true;
    }

    @Override
    public boolean key(KeyEvent event) {
      return TraceDesk.this.key(event);
    }
  }

  boolean key(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE) {
      leave();
      return true;
    }
    return false;
  }
}
