package stoutblade.desktop.station.draft;

import java.util.Optional;
import javafx.scene.control.Label;
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
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.TrayMenu;
import stoutblade.desktop.texts.Texts;
import stoutblade.feature.Blank;
import stoutblade.feature.Measures;
import stoutblade.feature.PlateForm;
import stoutblade.finding.Place;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;

/** The outline of the blade or of a plate on the mat, with the trays for what is selected. */
final class OutlineDesk {

  private static final double REACH_PX = 13;
  private static final double FIRST_LENGTH_MM = 600;
  private static final double NOTE_WIDE = 620;

  /** So many times larger or smaller a part does not fit the mat any more. */
  private static final double LARGER = 1.4;

  private final Desk desk;
  private final OutlineModel model;
  private final MatView mat = new MatView(Lie.LYING);
  private final MaskingTape tape;
  private final OutlineDrawing drawing;
  private final OutlineTrays trays;
  private final BorderPane node = new BorderPane(mat);
  private final Label how = mat.note("draft-how", NOTE_WIDE);
  private String fitted = "";
  private Box fittedTo = new Box(0, 0, 0, 0);

  OutlineDesk(Desk desk, Pictures pictures) {
    this.desk = desk;
    this.model = new OutlineModel(desk);
    this.tape = new MaskingTape(desk, mat, this::where);
    this.drawing = new OutlineDrawing(desk, pictures, model);
    this.trays = new OutlineTrays(desk, model, this::after);
    mat.setCalled(Texts.DRAFT.of("outline"));
    mat.setId("draft-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Drafting());
    mat.setPending(desk::busy);
    trays.dim().addListener(it -> mat.redraw());
    node.setBottom(trays.node());
    mat.setMenu(() -> TrayMenu.of(trays.node()));
  }

  /** What a hand can do here, while nothing is selected. */
  private void showHow() {
    boolean nothing =
        model.selected().isEmpty()
            && model.side().isEmpty()
            && model.feature().isEmpty()
            && model.axis().selected().isEmpty();
    if (model.tracingProperty().get()) {
      how.setText(Texts.DRAFT.of("click-along-one-edge-from"));
    } else {
      how.setText(Texts.DRAFT.of("click-a-node-or-a"));
    }
    how.setVisible((nothing && !model.lies()) || model.tracingProperty().get());
  }

  private void after() {
    showHow();
    trays.show();
    mat.redraw();
    mat.requestFocus();
  }

  BorderPane node() {
    return node;
  }

  void show(Derived derived) {
    mat.setUnits(desk.units());
    // A blade lies with its tip to the right; a plate stands as it does on the prop.
    mat.setLie(model.lies() ? Lie.LYING : Lie.UPRIGHT);
    trays.show();
    place();
    showHow();
    tape.show(desk.findingsOf(Station.DRAFT).stream().filter(it -> about(it.place())).toList());
    mat.redraw();
  }

  private boolean about(Place place) {
    return switch (place) {
      case Place.OnPart it -> it.partId().equals(model.id());
      default -> model.id().isEmpty();
    };
  }

  private Optional<Point> where(Place place) {
    return switch (place) {
      case Place.OnPart it -> Optional.of(it.mm());
      default -> Optional.empty();
    };
  }

  /**
   * Fits the mat: to what is expected before anything is drawn, to the outline once it is there.
   */
  private void place() {
    Outline outline = model.opening().isPresent() ? model.blank().outline() : model.outline();
    if (outline.nodes().isEmpty()) {
      fitted = "";
      mat.fit(firstView(), 30);
      model.tracingProperty().set(true);
    } else if (!model.tracingProperty().get() && !model.holding() && outline.drawn()) {
      Box box = Box.around(outline.outline().flattened(1));
      String now = "+" + model.id() + model.layer() + model.lies();
      if (!fitted.equals(now) || otherwise(box)) {
        fitted = now;
        fittedTo = box;
        mat.fit(box, 56);
      }
    }
  }

  /** True where it is of another size altogether than what the mat was fitted to. */
  private boolean otherwise(Box box) {
    double large = Math.max(box.width(), box.height());
    double before = Math.max(fittedTo.width(), fittedTo.height());
    return large > before * LARGER || large < before / LARGER;
  }

  private Box firstView() {
    double reach =
        desk.reckoned()
            .placement()
            .filter(it -> model.lies())
            .flatMap(
                placement ->
                    placement
                        .reference()
                        .centreLine()
                        .map(line -> placement.toBlade(line.to()).y()))
            .orElse(FIRST_LENGTH_MM);
    return new Box(-reach * 0.3, -reach * 0.05, reach * 0.3, reach * 1.05);
  }

  // == DRAWING

  private void draw(Pen pen) {
    drawing.picture(pen, trays.dim().get());
    Outline outline = model.outline();
    if (model.half()) {
      double end =
          outline.nodes().isEmpty()
              ? firstView().maxY()
              : outline.nodes().stream().mapToDouble(it -> it.at().y()).max().orElse(0) * 1.04;
      drawing.centreLine(pen, end);
    }
    drawing.blank(pen, model.moved());
    drawing.axis(pen);
    drawing.nodes(pen, outline);
    Optional<PlateForm> form =
        desk.reckoned().part(model.id()).flatMap(PartReckoning::form).filter(PlateForm::whole);
    if (model.lies() && model.half() && model.layer().isEmpty()) {
      form.flatMap(PlateForm::measures).ifPresent((Measures it) -> drawing.measures(pen, it));
    } else {
      Optional.of(model.moved())
          .filter(it -> it.outline().drawn())
          .ifPresent((Blank it) -> drawing.measures(pen, it));
    }
    tape.mark(pen);
  }

  // == HAND

  /** Drafting with the pointer and the keys. */
  private final class Drafting implements MatView.Hand {

    @Override
    public boolean placing() {
      return model.tracingProperty().get();
    }

    @Override
    public String selected() {
      return model.said();
    }

    private double reach() {
      return REACH_PX / mat.zoom();
    }

    @Override
    public boolean press(Point place, MouseEvent event) {
      boolean held =
          (event.getClickCount() == 2 && !model.tracingProperty().get())
              ? model.addOnSide(place, reach())
              : model.press(place, reach(), event.isShiftDown(), event.isShortcutDown());
      trays.show();
      showHow();
      return held;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      model.drag(place, reach());
      trays.values();
    }

    @Override
    public void release(Point place, MouseEvent event) {
      model.release();
      if (!desk.busy()) {
        trays.show();
        showHow();
      }
    }

    @Override
    public boolean key(KeyEvent event) {
      switch (event.getCode()) {
        case LEFT, RIGHT, UP, DOWN -> Arrows.by(event).ifPresent(OutlineDesk.this::nudge);
        case ESCAPE -> {
          model.tracingProperty().set(false);
          if (model.feature().isEmpty() && model.selected().isEmpty() && model.side().isEmpty()) {
            model.open("");
          }
          model.select(-1);
        }
        default -> {
          if (Key.PLACE.is(event)) {
            model.step(event.isShiftDown() ? -1 : 1);
          } else if (Key.REMOVE.is(event)) {
            model.remove();
          } else {
            return false;
          }
        }
      }
      trays.show();
      showHow();
      return true;
    }
  }

  /** Moves what is selected by mm on the screen: to the right and up. */
  private void nudge(Point by) {
    if (model.lies()) {
      model.nudge(-by.y(), by.x());
    } else {
      model.nudge(by.x(), by.y());
    }
  }

  boolean key(KeyEvent event) {
    if (Key.ADD.is(event)) {
      model.addAfterSelected();
      after();
    } else if (Key.DRAW.is(event)) {
      model.tracingProperty().set(!model.tracingProperty().get());
      after();
    } else if (Key.CORNER.is(event)) {
      model.turn();
      after();
    } else if (Key.DETAILS.is(event)) {
      trays.openFeatures();
    } else {
      return false;
    }
    return true;
  }

  /** True where what is looked at is not cut along an outline. */
  boolean empty() {
    return model.part().isEmpty();
  }
}
