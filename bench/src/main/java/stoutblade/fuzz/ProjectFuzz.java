package stoutblade.fuzz;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Consumer;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Edit;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.ShippedTypeface;
import stoutblade.measure.Units;
import stoutblade.project.Project;

/**
 * Random edits of random projects, one after another. The law: an edit is refused in words, or the
 * project after it derives, all that is shown of it can be worked out, and it can be written and
 * read again.
 */
public final class ProjectFuzz {

  private static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);
  private static final int EDITS = 40;

  private final Random random;
  private final RandomEdits edits;
  private final List<Project> starts;
  private final Consumer<Project> written;
  private final Map<String, Broken> broken = new TreeMap<>();
  private final List<Slow> slow = new ArrayList<>();
  private long tried;
  private long refused;
  private long accepted;

  /**
   * A place that threw.
   *
   * @param times how often
   * @param fault the first time
   * @param edits the edits that led there
   */
  public record Broken(int times, Throwable fault, List<String> edits) {}

  /**
   * A piece of work that took long.
   *
   * @param millis how long
   * @param edit after which edit
   */
  public record Slow(double millis, String edit) {}

  /**
   * A run.
   *
   * @param starts what is begun with
   * @param written writes a project and reads it again; throws where it is not the same
   */
  public ProjectFuzz(long seed, List<Project> starts, Consumer<Project> written) {
    this.random = new Random(seed);
    this.edits = new RandomEdits(seed, CatalogueFile.shipped());
    this.starts = starts;
    this.written = written;
  }

  /** Makes so many edits. */
  public void run(long count) {
    while (tried < count) {
      oneProject();
    }
  }

  private void oneProject() {
    Reckoner reckoner = new Reckoner(CatalogueFile.shipped(), new ShippedTypeface());
    Project project = starts.get(random.nextInt(starts.size()));
    List<String> made = new ArrayList<>();
    for (int i = 0; i < EDITS; i++) {
      Optional<Project> edited = after(project, made);
      if (edited.isEmpty()) {
        continue;
      }
      Project after = edited.get();
      long start = System.nanoTime();
      try {
        Units units = random.nextBoolean() ? Units.METRIC : Units.INCHES;
        shown(reckoner.derive(after, NOW, units), units);
        written.accept(after);
        accepted++;
        project = after;
      } catch (RuntimeException | StackOverflowError e) {
        note("derive", e, made);
        made.removeLast();
        reckoner = new Reckoner(CatalogueFile.shipped(), new ShippedTypeface());
      }
      slow.add(new Slow((System.nanoTime() - start) / 1e6, String.join(" | ", made)));
      slow.sort(Comparator.comparingDouble((Slow it) -> -it.millis));
      if (slow.size() > 8) {
        slow.removeLast();
      }
    }
  }

  private Optional<Project> after(Project project, List<String> made) {
    tried++;
    String name = "";
    try {
      Edit edit = edits.next(project);
      name = edit.name();
      Project after = edit.applyTo(project);
      made.add(name);
      return Optional.of(after);
    } catch (IllegalArgumentException e) {
      refused++;
      if (e.getMessage() == null || e.getMessage().isBlank()) {
        note("refused without words", e, List.of(name));
      }
    } catch (RuntimeException | StackOverflowError e) {
      refused++;
      note("edit " + name.replaceAll(":.*", ""), e, List.of(name));
    }
    return Optional.empty();
  }

  /** All that is worked out when something of it is looked at. */
  private static void shown(Derived derived, Units units) {
    derived.figures().values().forEach(all -> all.forEach(it -> it.showWithRange(units)));
    derived.templates();
  }

  private void note(String when, Throwable fault, List<String> made) {
    String place = "";
    for (StackTraceElement at : fault.getStackTrace()) {
      if (at.getClassName().startsWith("stoutblade.") && !at.getClassName().contains(".fuzz.")) {
        place = at.toString();
        break;
      }
    }
    String key = when + ": " + fault.getClass().getSimpleName() + " at " + place;
    broken.merge(
        key,
        new Broken(1, fault, List.copyOf(made)),
        (was, is) ->
            new Broken(
                was.times + 1,
                was.fault,
                is.edits.size() < was.edits.size() ? is.edits : was.edits));
  }

  /** What threw, by place. */
  public Map<String, Broken> broken() {
    return broken;
  }

  /** The slowest pieces of work, the slowest first. */
  public List<Slow> slow() {
    return slow;
  }

  /** How many edits were made. */
  public long accepted() {
    return accepted;
  }

  /** What was done, in one line. */
  public String words() {
    return tried + " edits tried, " + refused + " refused in words, " + accepted + " accepted";
  }
}
