package stoutblade.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import stoutblade.body.Body;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.SheetFamily;
import stoutblade.core.Channel;
import stoutblade.core.CoreReckoning;
import stoutblade.part.Bought;
import stoutblade.part.Part;
import stoutblade.part.Workmanship;

/**
 * The ways of working that are open for a part, what a rule proposes with its reason, and what is
 * taken. The proposals are common practice.
 *
 * @param glue between its layers and pieces
 * @param coreGlue what its core is bedded in
 * @param channel when the channel is cut
 * @param bedding how the core is bedded
 * @param bevel when the bevel is sanded
 * @param grits what it is sanded smooth with; nothing where it is not sanded
 * @param families the families of its sheets; none for a bought thing
 */
public record WorkChoices(
    Way<Glue> glue,
    Way<Glue> coreGlue,
    Way<Workmanship.ChannelTime> channel,
    Way<Workmanship.Bedding> bedding,
    Way<Workmanship.BevelTime> bevel,
    Way<List<Integer>> grits,
    List<SheetFamily> families) {

  /** Sets of grits that are offered beside those of the family. */
  private static final List<List<Integer>> GRITS =
      List.of(
          List.of(220, 400),
          List.of(120, 220, 400),
          List.of(80, 120, 220),
          List.of(220, 400, 800),
          List.of(220));

  /**
   * One choice.
   *
   * @param taken what is taken: what was chosen where that can be done, else what is proposed
   * @param proposed what the rule proposes
   * @param options all that can be done, what is proposed first
   * @param reason why it is proposed
   */
  public record Way<T>(T taken, T proposed, List<T> options, String reason) {

    /** Copies the options. */
    public Way {
      options = List.copyOf(options);
    }

    private static <T> Way<T> of(Optional<T> chosen, List<T> options, String reason) {
      T proposed = options.getFirst();
      return new Way<>(
          chosen.filter(options::contains).orElse(proposed), proposed, options, reason);
    }

    /** True where there is something to choose. */
    public boolean open() {
      return options.size() > 1;
    }
  }

  /** Copies the families. */
  public WorkChoices {
    families = List.copyOf(families);
  }

  /** What can be chosen for a part, and what was. */
  public static WorkChoices of(
      Part part, Optional<Body> body, Optional<CoreReckoning> core, Catalogue catalogue) {
    Workmanship workmanship = part.workmanship();
    List<SheetFamily> families = families(part, catalogue);
    return new WorkChoices(
        glue(workmanship, families, catalogue),
        coreGlue(part, workmanship, catalogue),
        channel(workmanship),
        bedding(workmanship, body, core),
        bevel(workmanship, part, body),
        grits(workmanship, families),
        families);
  }

  /** The families of the sheets of a part, each once, the one in front first. */
  private static List<SheetFamily> families(Part part, Catalogue catalogue) {
    Map<String, SheetFamily> all = new LinkedHashMap<>();
    part.stack()
        .ifPresent(
            it ->
                it.sheets().reversed().stream()
                    .flatMap(sheet -> catalogue.sheet(sheet.materialId()).stream())
                    .map(catalogue::family)
                    .forEach(family -> all.putIfAbsent(family.id(), family)));
    return List.copyOf(all.values());
  }

  /** The first glue that every sheet takes; the maker may take any other. */
  private static Way<Glue> glue(
      Workmanship workmanship, List<SheetFamily> families, Catalogue catalogue) {
    Optional<String> shared =
        families.stream()
            .findFirst()
            .flatMap(
                first ->
                    first.glueIds().stream()
                        .filter(id -> families.stream().allMatch(it -> it.glueIds().contains(id)))
                        .filter(id -> catalogue.glues().stream().anyMatch(it -> it.id().equals(id)))
                        .findFirst());
    Glue proposed = catalogue.glue(shared, Glue.FOR_LAYERS);
    String names = families.stream().map(SheetFamily::said).collect(Collectors.joining(" and "));
    String reason =
        families.isEmpty()
            ? "The usual one."
            : shared.isEmpty()
                ? "No glue in the catalogue is known to hold " + names + ": try it on scraps."
                : families.size() > 1 ? "Holds both " + names + "." : "Usual for " + names + ".";
    return ofGlues(workmanship.glueId(), proposed, catalogue, reason);
  }

  private static Way<Glue> coreGlue(Part part, Workmanship workmanship, Catalogue catalogue) {
    boolean bought = part.shape() instanceof Bought;
    Glue proposed = catalogue.glue(Glue.FOR_CORE);
    return ofGlues(
        workmanship.coreGlueId(),
        proposed,
        catalogue,
        bought
            ? "It foams up and fills the gap between tube and core."
            : "It foams up and fills the channel all round.");
  }

  private static Way<Glue> ofGlues(
      Optional<String> chosen, Glue proposed, Catalogue catalogue, String reason) {
    List<Glue> options = new ArrayList<>(List.of(proposed));
    catalogue.glues().stream().filter(it -> !it.equals(proposed)).forEach(options::add);
    return Way.of(
        chosen.flatMap(id -> options.stream().filter(it -> it.id().equals(id)).findFirst()),
        options,
        reason);
  }

  private static Way<Workmanship.ChannelTime> channel(Workmanship workmanship) {
    return Way.of(
        workmanship.channel(),
        List.of(Workmanship.ChannelTime.values()),
        "The wide sheet guides the tool.");
  }

  private static Way<Workmanship.Bedding> bedding(
      Workmanship workmanship, Optional<Body> body, Optional<CoreReckoning> core) {
    boolean closed = body.isPresent() && core.filter(it -> joint(body.get(), it) > 0).isPresent();
    return Way.of(
        workmanship.bedding(),
        closed ? List.of(Workmanship.Bedding.values()) : List.of(Workmanship.Bedding.IN_ONE_LAYER),
        "It can be weighted straight while its glue sets.");
  }

  /** The joint that closes over a core, counted from 1 at the back; 0 for none. */
  static int joint(Body body, CoreReckoning core) {
    if (body.layers().isEmpty() || core.bed().isEmpty()) {
      return 0;
    }
    List<Channel> channels = Channel.of(body.layers().get(), core);
    return channels.size() > 1 ? channels.getLast().layer().number() - 1 : 0;
  }

  private static Way<Workmanship.BevelTime> bevel(
      Workmanship workmanship, Part part, Optional<Body> body) {
    boolean single =
        body.flatMap(Body::layers)
            .filter(it -> it.each().size() > 1 && it.band().isEmpty())
            .filter(it -> it.each().stream().noneMatch(layer -> layer.sheet().oversize()))
            .filter(it -> !part.layering().flat())
            .isPresent();
    return Way.of(
        workmanship.bevel(),
        single
            ? List.of(Workmanship.BevelTime.values())
            : List.of(Workmanship.BevelTime.LAYERS_JOINED),
        "All layers are worked as one, so that no joint stands out.");
  }

  private static Way<List<Integer>> grits(Workmanship workmanship, List<SheetFamily> families) {
    Optional<SheetFamily> sanded = families.stream().filter(SheetFamily::sanded).findFirst();
    if (!families.isEmpty() && sanded.isEmpty()) {
      return Way.of(Optional.empty(), List.of(List.of()), "It is not sanded.");
    }
    LinkedHashSet<List<Integer>> options = new LinkedHashSet<>();
    options.add(sanded.map(SheetFamily::grits).orElse(GRITS.getFirst()));
    options.addAll(GRITS);
    if (!workmanship.grits().isEmpty()) {
      options.add(workmanship.grits());
    }
    return Way.of(
        Optional.of(workmanship.grits()).filter(it -> !it.isEmpty()),
        List.copyOf(options),
        sanded.map(it -> "Usual for " + it.said() + ".").orElse("The usual ones."));
  }
}
