package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import stoutblade.desktop.print.Printer;
import stoutblade.desktop.print.Printing;
import stoutblade.template.Paper;
import stoutblade.template.Template;

/** A printer that takes what it is given, and remembers it. */
final class TestPrinter implements Printer {

  final List<Printing> asked = new CopyOnWriteArrayList<>();
  final List<String> printed = new CopyOnWriteArrayList<>();

  @Override
  public String name() {
    return "a test's printer";
  }

  @Override
  public boolean takes(Paper paper) {
    return true;
  }

  @Override
  public String print(Path pdf, Paper paper, int copies) throws IOException {
    assertThat(Files.size(pdf)).isPositive();
    printed.add(pdf.getFileName().toString());
    return "Printed " + pdf.getFileName();
  }

  /** What is asked to be printed is printed here. */
  Optional<Printing.Order> order(Printing what) {
    asked.add(what);
    return Optional.of(new Printing.Order(this, what.paper(), 1, List.of()));
  }

  /** The template that was printed last. */
  Template template() {
    return asked.getLast().template().orElseThrow();
  }
}
