package stoutblade.desktop.print;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.PrintQueue;
import stoutblade.template.Paper;

/** The printers of the system, the usual one first, and last the one that saves a PDF. */
public final class SystemPrinters implements Printers {

  private final SavedAsPdf saved;

  /** The printers of the system, and one whose paper tray is a folder. */
  public SystemPrinters(Path folder) {
    this.saved = new SavedAsPdf(folder);
  }

  @Override
  public List<Printer> all() {
    List<Printer> all = new ArrayList<>();
    PrintQueue.all().forEach(it -> all.add(new OfSystem(it)));
    all.add(saved);
    return all;
  }

  private record OfSystem(PrintQueue queue) implements Printer {

    @Override
    public String name() {
      return queue.name();
    }

    @Override
    public boolean takes(Paper paper) {
      return queue.takes(paper);
    }

    @Override
    public String print(Path pdf, Paper paper, int copies) throws IOException {
      queue.print(pdf, paper, copies);
      return Texts.WINDOW.of("sent-to", name());
    }
  }
}
