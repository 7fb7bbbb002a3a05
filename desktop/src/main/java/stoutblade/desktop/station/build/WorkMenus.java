package stoutblade.desktop.station.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import stoutblade.build.Step;
import stoutblade.build.WorkChoices;
import stoutblade.catalogue.Glue;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdit;
import stoutblade.part.Workmanship;
import stoutblade.project.PartRef;
import stoutblade.reckoning.PartReckoning;

/** The ways of working that can be chosen at a step, with what is proposed and why. */
final class WorkMenus {

  private final Desk desk;
  private final Step step;
  private final PartRef part;

  private WorkMenus(Desk desk, Step step, PartRef part) {
    this.desk = desk;
    this.step = step;
    this.part = part;
  }

  /** A line for each choice that is made at a step. */
  static List<Node> of(Desk desk, Step step) {
    return PartRef.ofStep(step.id())
        .map(it -> new WorkMenus(desk, step, it).all())
        .orElse(List.of());
  }

  private List<Node> all() {
    Optional<PartReckoning> reckoned =
        desk.derived().prop(part.propId()).parts().stream()
            .filter(it -> it.id().equals(part.partId()))
            .findFirst();
    if (reckoned.isEmpty()) {
      return List.of();
    }
    WorkChoices choices = reckoned.get().choices();
    String own = step.id().substring(step.id().lastIndexOf('/') + 1);
    List<Node> lines = new ArrayList<>();
    if (!step.glueId().isEmpty()) {
      add(lines, Texts.BUILD.of("glued-with"), "glue", choices.glue(), Glue::name, this::glue);
    }
    switch (own) {
      case "core-bed" -> {
        add(
            lines,
            Texts.BUILD.of("glued-with"),
            "glue",
            choices.coreGlue(),
            Glue::name,
            this::coreGlue);
        add(
            lines,
            Texts.BUILD.of("how"),
            "way",
            choices.bedding(),
            Workmanship.Bedding::words,
            this::bedding);
      }
      case "groove" ->
          add(
              lines,
              Texts.BUILD.of("when"),
              "way",
              choices.channel(),
              Workmanship.ChannelTime::words,
              this::channel);
      case "bevel" ->
          add(
              lines,
              Texts.BUILD.of("when"),
              "way",
              choices.bevel(),
              Workmanship.BevelTime::words,
              this::bevel);
      case "sand" ->
          add(
              lines,
              Texts.BUILD.of("grits"),
              "way",
              choices.grits(),
              WorkMenus::grits,
              this::sanded);
      default -> {}
    }
    return lines;
  }

  private PropEdit glue(Optional<Glue> chosen) {
    return PartEdits.glue(part.partId(), chosen.map(Glue::id));
  }

  private PropEdit coreGlue(Optional<Glue> chosen) {
    return PartEdits.coreGlue(part.partId(), chosen.map(Glue::id));
  }

  private PropEdit bedding(Optional<Workmanship.Bedding> chosen) {
    return PartEdits.workmanship(
        part.partId(), Texts.BUILD.of("how-the-core-is-bedded"), it -> it.withBedding(chosen));
  }

  private PropEdit channel(Optional<Workmanship.ChannelTime> chosen) {
    return PartEdits.workmanship(
        part.partId(), Texts.BUILD.of("when-the-channel-is-cut"), it -> it.withChannel(chosen));
  }

  private PropEdit bevel(Optional<Workmanship.BevelTime> chosen) {
    return PartEdits.workmanship(
        part.partId(), Texts.BUILD.of("when-the-bevel-is-sanded"), it -> it.withBevel(chosen));
  }

  private PropEdit sanded(Optional<List<Integer>> chosen) {
    return PartEdits.workmanship(
        part.partId(), Texts.BUILD.of("grits"), it -> it.withGrits(chosen.orElse(List.of())));
  }

  private static String grits(List<Integer> all) {
    return all.stream().map(String::valueOf).collect(Collectors.joining(", "));
  }

  /** A menu where there is something to choose. */
  private <T> void add(
      List<Node> lines,
      String label,
      String id,
      WorkChoices.Way<T> way,
      Function<T, String> name,
      Function<Optional<T>, PropEdit> choose) {
    if (!way.open()) {
      return;
    }
    MenuButton menu = new MenuButton(name.apply(way.taken()));
    menu.setId(id + "-" + Style.nodeId(step.id()));
    menu.setTooltip(
        new Tooltip(Texts.BUILD.of("proposed", name.apply(way.proposed()), way.reason())));
    for (int i = 0; i < way.options().size(); i++) {
      T option = way.options().get(i);
      boolean usual = option.equals(way.proposed());
      MenuItem item = new MenuItem(name.apply(option) + (usual ? " (proposed)" : ""));
      item.setId(id + "-" + (option instanceof Glue glue ? glue.id() : i));
      Optional<T> chosen = usual ? Optional.empty() : Optional.of(option);
      item.setOnAction(event -> desk.perform(choose.apply(chosen).in(part.propId())));
      menu.getItems().add(item);
    }
    Label with = new Label(label);
    with.getStyleClass().add(Style.SOFT);
    with.setMinWidth(Region.USE_PREF_SIZE);
    menu.setMinWidth(Region.USE_PREF_SIZE);
    Label reason =
        new Label(
            way.taken().equals(way.proposed()) ? way.reason() : Texts.BUILD.of("your-own-choice"));
    reason.getStyleClass().add(Style.SOFT);
    WrappedText.in(reason);
    HBox line = new HBox(8, with, menu, reason);
    line.setAlignment(Pos.CENTER_LEFT);
    lines.add(line);
  }
}
