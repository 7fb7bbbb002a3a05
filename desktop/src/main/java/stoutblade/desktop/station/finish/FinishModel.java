package stoutblade.desktop.station.finish;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Coating;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.CoatStock;
import stoutblade.finish.Coats;
import stoutblade.project.Station;

/** The coats of the part that is looked at, and what there is of each coating. */
final class FinishModel {

  private final Desk desk;

  FinishModel(Desk desk) {
    this.desk = desk;
  }

  // == THE COATS

  /** Its coats, in the order in which they go on. */
  List<Coats> coats() {
    return desk.looked().map(it -> it.part().coats()).orElse(List.of());
  }

  /** The coatings of them, as far as the catalogue has them. */
  List<Coating> coatings() {
    return coats().stream()
        .flatMap(it -> desk.catalogue().coating(it.coatingId()).stream())
        .toList();
  }

  /** The coatings that are not among them. */
  List<Coating> others() {
    List<String> planned = coats().stream().map(Coats::coatingId).toList();
    return desk.catalogue().coatings().stream().filter(it -> !planned.contains(it.id())).toList();
  }

  /** Adds a coating where it usually comes: after all of its own role and of those before. */
  void add(Coating chosen) {
    List<Coats> coats = new ArrayList<>(coats());
    int at = 0;
    for (int i = 0; i < coats.size(); i++) {
      boolean before =
          desk.catalogue()
              .coating(coats.get(i).coatingId())
              .filter(it -> it.role().compareTo(chosen.role()) <= 0)
              .isPresent();
      at = before ? i + 1 : at;
    }
    coats.add(at, new Coats(chosen.id(), chosen.usualCoats()));
    desk.perform(Edits.allCoats(desk.lookedId(), coats));
  }

  /** Moves one up by a place. */
  void up(int index) {
    List<Coats> coats = new ArrayList<>(coats());
    Collections.swap(coats, index, index - 1);
    desk.perform(Edits.allCoats(desk.lookedId(), coats));
  }

  /** So many coats more, or fewer; none takes the coating out. */
  void more(Coats coats, int by) {
    desk.perform(Edits.coats(desk.lookedId(), coats.coatingId(), coats.count() + by));
  }

  /** True where other parts could have these coats, too. */
  boolean forOthers() {
    return !coats().isEmpty() && desk.prop().parts().size() > 1;
  }

  void forAll() {
    desk.perform(Edits.coatsForAll(desk.lookedId()));
  }

  // == WHAT THERE IS OF EACH

  /** What the part that is looked at takes of a coating. */
  Optional<CoatReckoning> own(String coatingId) {
    return desk.looked().stream()
        .flatMap(it -> it.coats().stream())
        .filter(it -> it.coating().id().equals(coatingId))
        .findFirst();
  }

  /** What this part takes, and all of them where that is more. */
  String need(CoatStock stock) {
    String all = stock.need().show(desk.units());
    String here = own(stock.coating().id()).map(it -> it.need().show(desk.units())).orElse(all);
    return here.equals(all)
        ? Texts.FINISH.of("takes-of", all)
        : Texts.FINISH.of("takes-all-parts-of", here, all);
  }

  /** Says how much of a coating is on the shelf, in mm³. */
  boolean onShelf(CoatStock stock, double mm3) {
    return desk.perform(Edits.onShelf(stock.coating().id(), mm3));
  }

  // == FINDINGS

  /** What is wrong with a coating of this part, or with what there is of it. */
  List<Finding> findings(String coatingId) {
    return desk.findingsOf(Station.FINISH).stream()
        .filter(it -> it.place() instanceof Place.OnCoating own && on(own, coatingId))
        .toList();
  }

  /** What is wrong elsewhere. */
  List<Finding> otherFindings() {
    return desk.findingsOf(Station.FINISH).stream()
        .filter(it -> !(it.place() instanceof Place.OnCoating own) || elsewhere(own))
        .toList();
  }

  private boolean elsewhere(Place.OnCoating place) {
    boolean planned = coats().stream().anyMatch(it -> it.coatingId().equals(place.coatingId()));
    return place.partId().isEmpty() ? !planned : !place.partId().equals(desk.lookedId());
  }

  private boolean on(Place.OnCoating place, String coatingId) {
    return place.coatingId().equals(coatingId)
        && (place.partId().isEmpty() || place.partId().equals(desk.lookedId()));
  }
}
