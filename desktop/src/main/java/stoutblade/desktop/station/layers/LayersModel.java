package stoutblade.desktop.station.layers;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.desktop.Desk;
import stoutblade.desktop.station.Layered;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.LayerEdits;
import stoutblade.measure.Figure;
import stoutblade.part.Placing;
import stoutblade.reckoning.PartReckoning;
import stoutblade.stack.Choice;
import stoutblade.stack.ChoiceFigures;
import stoutblade.stack.Layering;
import stoutblade.stack.StackFinder;
import stoutblade.stack.Wish;

/** The layers that are looked at, which of them is selected, and what stack is wished for. */
final class LayersModel {

  /** How a part is looked at. */
  enum View {
    SECTION(Texts.LAYERS.of("section")),
    APART(Texts.LAYERS.of("taken-apart")),
    FINISHED(Texts.LAYERS.of("finished")),
    OFF(Texts.LAYERS.of("to-sand-off")),
    FIND(Texts.LAYERS.of("suggest-layers"));

    private final String words;

    View(String words) {
      this.words = words;
    }

    String words() {
      return words;
    }

    /** The one some places on, round about. */
    View step(int by) {
      List<View> all = List.of(values());
      return all.get(Math.floorMod(all.indexOf(this) + by, all.size()));
    }
  }

  private static final int MOST_CHOICES = 12;
  private static final double WITHIN_MM = 1;

  private final Desk desk;
  private View view = View.SECTION;
  private int selected = -1;
  private int section;
  private double wantedMm = Double.NaN;
  private double withinMm = WITHIN_MM;
  private int most = 4;
  private Wish.Outside outside = Wish.Outside.HARD;
  private boolean skinned;
  private Wish.Criterion first = Wish.Criterion.DEVIATION;
  private Optional<Choice> chosen = Optional.empty();
  private String lookedAt = "";

  LayersModel(Desk desk) {
    this.desk = desk;
  }

  View view() {
    return view;
  }

  void setView(View changed) {
    view = changed;
  }

  /** What is looked at, where it has layers. */
  Optional<Layered> layered() {
    Optional<Layered> now = desk.looked().flatMap(Layered::of);
    String id = now.map(Layered::id).orElse("");
    if (!id.equals(lookedAt)) {
      lookedAt = id;
      selected = -1;
      section = 0;
      wantedMm = Double.NaN;
      chosen = Optional.empty();
    }
    return now;
  }

  /** The id of what is looked at; empty where there is no part. */
  String id() {
    return desk.lookedId();
  }

  Layering layering() {
    return desk.looked()
        .flatMap(it -> it.part().stack())
        .orElseGet(() -> desk.prop().defaults().stack());
  }

  // == THE SECTION ALONG

  /** Which of the sections along is looked at: 0 for the one from the near end on. */
  int section() {
    return Math.min(section, layering().changes().size());
  }

  void lookAtSection(int number) {
    section = number;
  }

  // == THE SELECTED LAYER

  /** The selected layer, from 0 at the back, where there is one. */
  Optional<Integer> selected() {
    return selected >= 0 && selected < layering().sheets().size()
        ? Optional.of(selected)
        : Optional.empty();
  }

  void select(int index) {
    selected = index;
  }

  // == FINDING A STACK

  double wantedMm() {
    if (Double.isNaN(wantedMm)) {
      Layering now = layering();
      wantedMm = now.wantedMm() > 0 ? now.wantedMm() : now.thicknessMm();
    }
    return wantedMm;
  }

  void setWanted(double mm) {
    wish(mm, withinMm, most);
    wantedMm = mm;
  }

  double withinMm() {
    return withinMm;
  }

  void setWithin(double mm) {
    wish(wantedMm(), mm, most);
    withinMm = mm;
  }

  int most() {
    return most;
  }

  void setMost(int layers) {
    most = layers;
  }

  Wish.Outside outside() {
    return outside;
  }

  void setOutside(Wish.Outside changed) {
    outside = changed;
  }

  boolean skinned() {
    return skinned;
  }

  void setSkinned(boolean changed) {
    skinned = changed;
  }

  Wish.Criterion first() {
    return first;
  }

  void setFirst(Wish.Criterion changed) {
    first = changed;
  }

  /**
   * What is wished.
   *
   * @throws IllegalArgumentException if no stack can be so thick
   */
  Wish wished() {
    return wish(wantedMm(), withinMm, most);
  }

  private Wish wish(double mm, double within, int layers) {
    double area = layered().map(it -> it.layers().solid().face().area()).orElse(1e4);
    return new Wish(
        mm,
        within,
        layers,
        desk.catalogue().foams(),
        desk.project().leftovers(),
        area,
        outside,
        skinned,
        first);
  }

  /** The best stacks for what is wished; not on the window's thread. */
  static List<Choice> choices(Wish wish) {
    return StackFinder.best(wish, MOST_CHOICES);
  }

  Optional<Choice> chosen() {
    return chosen;
  }

  void choose(Choice choice) {
    chosen = Optional.of(choice);
  }

  /** Makes the chosen stack the part's. */
  boolean take() {
    return chosen.map(it -> desk.perform(LayerEdits.take(id(), it, wantedMm()))).orElse(false);
  }

  /** The figures of the chosen stack, and what it does to the parts beside. */
  List<Figure> figures() {
    return chosen
        .map(
            it ->
                ChoiceFigures.of(
                    it, wished(), foam -> desk.catalogue().sheet(foam).orElseThrow(), neighbours()))
        .orElse(List.of());
  }

  /** Plates that lie on the same thing, carry the part or are carried by it, and how thick. */
  private Map<String, Double> neighbours() {
    Map<String, Double> found = new LinkedHashMap<>();
    String id = id();
    String on = desk.prop().part(id).map(it -> it.placing().on()).orElse("");
    for (PartReckoning it : desk.reckoned().parts()) {
      Placing placing = it.part().placing();
      boolean beside =
          placing.on().equals(id)
              || it.part().id().equals(on)
              || (!on.isEmpty() && placing.on().equals(on));
      if (it.form().isPresent() && beside && !it.part().id().equals(id)) {
        found.put(it.part().name(), it.part().thicknessMm());
      }
    }
    return found;
  }
}
