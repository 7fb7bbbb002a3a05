package stoutblade.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreOption;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Edits;
import stoutblade.edit.OutlineEdits;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.Exports;
import stoutblade.formats.ProjectFile;
import stoutblade.measure.Units;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;

/** What an edit costs, and an export and a save of the demo. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class ReckonBench {

  private static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);
  private static final int NODE = 4;

  private Document document;
  private Project project;
  private Reckoner reckoner;
  private Derived derived;
  private Path folder;
  private int turn;

  /** Opens the demo. */
  @Setup
  public void open() throws IOException {
    document = Demo.open(NOW);
    project = document.project();
    reckoner = new Reckoner(CatalogueFile.shipped());
    derived = reckoner.derive(project, NOW, Units.METRIC);
    folder = Files.createTempDirectory("stoutblade-bench");
  }

  /** One node moved: everything that follows from the outline is worked out anew. */
  @Benchmark
  public Derived nodeMoved() {
    turn++;
    String id = project.first().parts().getFirst().id();
    Point at = OutlineEdits.of(project.first(), id).nodes().get(NODE).at();
    Project moved =
        OutlineEdits.moveNode(id, NODE, at.plus(new Point(0.01 * (turn % 100), 0)))
            .in(Prop.FIRST)
            .applyTo(project);
    return reckoner.derive(moved, NOW, Units.METRIC);
  }

  /** One coat more: only the finish, the list and the plan are worked out anew. */
  @Benchmark
  public Derived coatAdded() {
    turn++;
    return reckoner.derive(
        Edits.coats(project.first().parts().getFirst().id(), "steel-dark", 1 + turn % 3)
            .in(Prop.FIRST)
            .applyTo(project),
        NOW,
        Units.METRIC);
  }

  /** Every rod of the catalogue in the place of the leaf's core. */
  @Benchmark
  public List<CoreOption> coresCompared() {
    PartReckoning part = derived.first().parts().getFirst();
    CoreChoice choice = part.part().core().orElseThrow();
    return CoreOption.all(
        part.body().orElseThrow().cored(),
        choice,
        Optional.of(choice),
        reckoner.catalogue().rods());
  }

  /** Every export of the demo. */
  @Benchmark
  public Object export() throws IOException {
    return Exports.write(folder, derived, Units.METRIC, NOW, share -> {});
  }

  /** The demo saved and read back. */
  @Benchmark
  public Document savedAndRead() throws IOException {
    Path file = folder.resolve("demo.stout");
    ProjectFile.write(file, document);
    return ProjectFile.read(file);
  }
}
