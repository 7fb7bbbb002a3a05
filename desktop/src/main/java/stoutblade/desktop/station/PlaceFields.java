package stoutblade.desktop.station;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.texts.Texts;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Fields for where something is: once, in a ring, in a row or along an edge. */
public final class PlaceFields {

  /** The ways in which things are repeated. */
  public enum Way {
    ONE(Texts.WINDOW.of("one")),
    RING(Texts.WINDOW.of("ring")),
    ROW(Texts.WINDOW.of("row")),
    EDGE(Texts.WINDOW.of("along-the-edge"));

    private final String words;

    Way(String words) {
      this.words = words;
    }

    static Way of(Where where) {
      return switch (where) {
        case Where.At it -> ONE;
        case Where.Ring it -> RING;
        case Where.Row it -> ROW;
        case Where.Along it -> EDGE;
      };
    }
  }

  /** What the fields are about. */
  public interface Placed {

    /** Where it is now; empty where nothing is selected. */
    Optional<Where> where();

    /** The outline that carries it. */
    Outline carrier();

    /** Puts it elsewhere; false where that was refused. */
    boolean put(String what, Function<Where, Where> change);
  }

  private static final double FIRST_RADIUS_MM = 40;

  private final Placed placed;
  private final ComboBox<Way> way = new ComboBox<>();
  private final EntryField count;
  private final EntryField pitch;
  private final EntryField across;
  private final EntryField along;
  private final EntryField turn;
  private final EntryField reach;
  private boolean showing;

  /**
   * Fields whose ids begin with a prefix.
   *
   * @param ways in which what is placed may be repeated
   */
  public PlaceFields(Desk desk, String prefix, List<Way> ways, Placed placed) {
    this.placed = placed;
    way.getItems().setAll(ways);
    way.setConverter(Choices.named(it -> it.words));
    way.setId(prefix + "way");
    way.setPrefWidth(118);
    way.setOnAction(
        event -> {
          if (!showing && way.getValue() != null) {
            placed.put(Texts.WINDOW.of("repeat-it"), it -> as(way.getValue(), it));
          }
        });
    count =
        EntryField.number(
            desk,
            "×",
            () -> Texts.WINDOW.of("how-many-a-whole-number"),
            value ->
                placed.put(
                    Texts.WINDOW.of("how-many"), it -> it.withCount((int) Math.rint(value))));
    pitch =
        EntryField.length(desk, mm -> placed.put(Texts.WINDOW.of("spacing"), it -> spaced(it, mm)));
    across =
        EntryField.length(
            desk, mm -> placed.put(Texts.WINDOW.of("move-it"), it -> to(it, mm, true)));
    along =
        EntryField.length(
            desk, mm -> placed.put(Texts.WINDOW.of("move-it"), it -> to(it, mm, false)));
    turn =
        EntryField.number(
            desk,
            "°",
            () -> Texts.WINDOW.of("an-angle-in-degrees"),
            value ->
                placed.put(Texts.WINDOW.of("turn-it"), it -> turned(it, Math.toRadians(value))));
    reach =
        EntryField.length(desk, mm -> placed.put(Texts.WINDOW.of("reach"), it -> reaching(it, mm)));
    count.setId(prefix + "number");
    pitch.setId(prefix + "pitch");
    across.setId(prefix + "across");
    along.setId(prefix + "along");
    turn.setId(prefix + "turn");
    reach.setId(prefix + "reach");
    for (EntryField field : List.of(count, pitch, across, along, turn, reach)) {
      field.setPrefColumnCount(5);
    }
    count.setPrefColumnCount(3);
    turn.setPrefColumnCount(4);
  }

  /** Puts the fields that its place has into a tray. */
  public void into(Tray tray) {
    tray.with(Texts.WINDOW.of("repeated"), way);
    Way now = placed.where().map(Way::of).orElse(Way.ONE);
    if (now != Way.ONE) {
      tray.with(Texts.WINDOW.of("how-many"), count).with(Texts.WINDOW.of("every"), pitch);
    }
    switch (now) {
      case ONE ->
          tray.with(Texts.WINDOW.of("sideways"), across)
              .with(Texts.WINDOW.of("lengthwise"), along)
              .with(Texts.WINDOW.of("turned"), turn);
      case RING ->
          tray.with(Texts.WINDOW.of("ring-radius"), reach)
              .with(Texts.WINDOW.of("middle-across"), across)
              .with(Texts.WINDOW.of("lengthwise"), along)
              .with(Texts.WINDOW.of("first-at"), turn);
      case ROW ->
          tray.with(Texts.WINDOW.of("row-length"), reach).with(Texts.WINDOW.of("runs-at"), turn);
      case EDGE -> tray.with(Texts.WINDOW.of("inside-the-edge"), reach);
    }
  }

  /** What the fields depend on: another value wants them laid out anew. */
  public String key() {
    return placed.where().map(Way::of).map(Way::name).orElse("");
  }

  /** Shows where it is. */
  public void show() {
    showing = true;
    placed
        .where()
        .ifPresent(
            where -> {
              way.setValue(Way.of(where));
              count.show(where.count());
              pitch.show(spacing(where));
              across.show(where.middle().x());
              along.show(where.middle().y());
              turn.show(Math.toDegrees(turn(where)));
              reach.show(reach(where));
            });
    showing = false;
  }

  // == FROM ONE WAY TO ANOTHER

  private Where as(Way wanted, Where now) {
    if (Way.of(now) == wanted) {
      return now;
    }
    Point middle = now.middle();
    int many = Math.max(now.count(), 8);
    return switch (wanted) {
      case ONE -> new Where.At(new Spot(middle, 0));
      case RING -> new Where.Ring(middle, FIRST_RADIUS_MM, many, 0);
      case ROW ->
          new Where.Row(
              middle.minus(new Point(FIRST_RADIUS_MM, 0)),
              middle.plus(new Point(FIRST_RADIUS_MM, 0)),
              Math.max(now.count(), 4));
      case EDGE -> Where.Along.all(placed.carrier(), 10, many);
    };
  }

  private static Where to(Where where, double mm, boolean isAcross) {
    Point middle = where.middle();
    Point wanted = isAcross ? new Point(mm, middle.y()) : new Point(middle.x(), mm);
    return where.moved(wanted.minus(middle));
  }

  private static double turn(Where where) {
    return switch (where) {
      case Where.At it -> it.spot().turn();
      case Where.Ring it -> it.from();
      case Where.Row it -> it.turn();
      case Where.Along it -> 0;
    };
  }

  private static Where turned(Where where, double radians) {
    return switch (where) {
      case Where.At it -> new Where.At(new Spot(it.spot().at(), radians));
      case Where.Ring it -> new Where.Ring(it.centre(), it.radiusMm(), it.count(), radians);
      case Where.Row it -> row(it, it.length(), radians);
      case Where.Along it -> it;
    };
  }

  private static Where row(Where.Row row, double length, double turn) {
    Point half = new Point(Math.cos(turn), Math.sin(turn)).times(length / 2);
    Point middle = row.middle();
    return new Where.Row(middle.minus(half), middle.plus(half), row.count());
  }

  private static double reach(Where where) {
    return switch (where) {
      case Where.At it -> 0;
      case Where.Ring it -> it.radiusMm();
      case Where.Row it -> it.length();
      case Where.Along it -> it.insetMm();
    };
  }

  private static Where reaching(Where where, double mm) {
    return switch (where) {
      case Where.At it -> it;
      case Where.Ring it -> new Where.Ring(it.centre(), mm, it.count(), it.from());
      case Where.Row it -> row(it, mm, it.turn());
      case Where.Along it -> new Where.Along(it.side(), it.sides(), mm, it.count(), it.shift());
    };
  }

  // == SPACING

  /** The way that repeats share out, in mm. */
  private double way(Where where) {
    return switch (where) {
      case Where.At it -> 0;
      case Where.Ring it -> 2 * Math.PI * it.radiusMm();
      case Where.Row it -> it.length();
      case Where.Along it ->
          it.edges(placed.carrier()).stream()
              .mapToDouble(edge -> Path.through(edge, false).length(0.01))
              .sum();
    };
  }

  private double spacing(Where where) {
    int spots = where.spots(placed.carrier()).size();
    int spaces = where instanceof Where.Row ? Math.max(1, spots - 1) : Math.max(1, spots);
    return way(where) / spaces;
  }

  /** About so far apart, evenly: never one thin at the end. */
  private Where spaced(Where where, double mm) {
    if (!(mm > 0)) {
      throw new IllegalArgumentException(Texts.WINDOW.of("a-spacing-is-above-0", mm));
    }
    int spaces = (int) Math.max(1, Math.rint(way(where) / mm));
    int halves = placed.carrier() instanceof HalfOutline ? 2 : 1;
    int wanted =
        switch (where) {
          case Where.Row it -> spaces + 1;
          case Where.Along it -> Math.max(1, spaces / halves);
          default -> spaces;
        };
    return where.withCount(Math.min(wanted, Where.MOST));
  }
}
