package stoutblade.desktop.station.draft;

import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Followers;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Part;

/**
 * How an outline follows another: how far outside, with an opening, mirrored; and letting it go.
 */
final class FollowFields {

  private final Desk desk;
  private final Supplier<String> id;
  private final EntryField outside;
  private final EntryField ring;
  private final CheckBox mirrored = new CheckBox(Texts.DRAFT.of("mirrored"));
  private final CheckBox openings = new CheckBox(Texts.DRAFT.of("with-its-cut-outs"));
  private final Button free;

  FollowFields(Desk desk, Supplier<String> id, Runnable after) {
    this.desk = desk;
    this.id = id;
    outside = EntryField.length(desk, this::outside);
    outside.setId("follow-outside");
    outside.setPrefColumnCount(5);
    ring =
        EntryField.length(
            desk,
            mm ->
                change(
                    it ->
                        it.withInside(
                            mm == 0 ? Optional.empty() : Optional.of(it.offsetMm() - mm))));
    ring.setId("follow-ring");
    ring.setPrefColumnCount(5);
    mirrored.setId("follow-mirrored");
    mirrored.setOnAction(event -> change(it -> it.withMirrored(mirrored.isSelected())));
    openings.setId("follow-openings");
    openings.setOnAction(event -> change(it -> it.withOpenings(openings.isSelected())));
    free =
        Tray.button(
            "follow-free",
            Texts.DRAFT.of("stop-following"),
            () -> desk.perform(Followers.follow(id.get(), Optional.empty())),
            after);
  }

  private Optional<Follow> follow() {
    return desk.prop().part(id.get()).flatMap(Part::cut).flatMap(Cut::follow);
  }

  private boolean change(UnaryOperator<Follow> change) {
    return follow()
        .map(it -> desk.perform(Followers.follow(id.get(), Optional.of(change.apply(it)))))
        .orElse(false);
  }

  /** The ring keeps its width. */
  private boolean outside(double mm) {
    return change(
        it ->
            new Follow(
                it.leaderId(),
                mm,
                it.mirrored(),
                it.insideMm().map(inside -> inside + mm - it.offsetMm()),
                it.openings()));
  }

  void into(Tray tray, Follow follow) {
    String leader =
        desk.prop()
            .part(follow.leaderId())
            .map(Part::name)
            .orElse(Texts.DRAFT.of("what-it-follows"));
    outside.show(follow.offsetMm());
    ring.show(follow.insideMm().map(it -> follow.offsetMm() - it).orElse(0.0));
    mirrored.setSelected(follow.mirrored());
    openings.setSelected(follow.openings());
    tray.with(Texts.DRAFT.of("outside-by", leader), outside)
        .with(Texts.DRAFT.of("ring-width-0-none"), ring)
        .with(" ", mirrored)
        .with(" ", openings)
        .with(Texts.DRAFT.of("drawn-by-itself"), free);
  }
}
