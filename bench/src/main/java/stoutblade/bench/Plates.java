package stoutblade.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Plates with outlines of many nodes and a feature of every kind. */
final class Plates {

  private Plates() {}

  /** A wavy disc. */
  static Part of(String id, int nodes) {
    List<Node> round = new ArrayList<>();
    for (int i = 0; i < nodes; i++) {
      double a = 2 * Math.PI * i / nodes;
      double radius = 260 + 14 * Math.sin(9 * a);
      round.add(Node.curve(radius * Math.cos(a), radius * Math.sin(a)));
    }
    List<Feature> features = new ArrayList<>();
    for (Feature.Kind kind : Feature.Kind.values()) {
      String words = kind == Feature.Kind.LETTERS ? "LANTERN WALK" : "";
      Optional<WholeOutline> own =
          kind == Feature.Kind.CUTOUT
              ? Optional.of(WholeOutline.circle(new Point(0, 0), 9))
              : Optional.empty();
      features.add(
          new Feature("f" + (features.size() + 1), kind, Map.of(), words, where(kind, nodes), own));
    }
    return Part.of(
        id, "Every feature", new Cut(new WholeOutline(round), features), "eva-stiff", 10);
  }

  private static Where where(Feature.Kind kind, int nodes) {
    double y = -200 + 30 * kind.title().length() % 400;
    return switch (kind.reach()) {
      case EDGE -> new Where.Along(0, nodes, 0, kind == Feature.Kind.BEVEL ? 1 : 24);
      case LINE -> new Where.Row(new Point(-120, y), new Point(120, y), 12);
      case ANYWHERE ->
          switch (kind) {
            case WINDOW -> new Where.Ring(new Point(0, 0), 190, 8, 0);
            case SLOT -> new Where.Ring(new Point(0, 0), 120, 12, 0.1);
            case HOLE -> new Where.Ring(new Point(0, 0), 80, 16, 0);
            default -> new Where.Ring(new Point(0, 0), 40, 16, 0);
          };
    };
  }
}
