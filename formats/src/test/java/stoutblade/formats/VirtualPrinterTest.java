package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.template.Paper;

/**
 * Printed on a virtual printer of the system (CUPS with its PDF printer), and what comes out of it
 * laid over what was sent. It takes the packages {@code cups}, {@code cups-bsd} and {@code
 * printer-driver-cups-pdf}, and root; where they are not there it says so and is left out.
 */
class VirtualPrinterTest {

  private static final Path SCHEDULER = Path.of("/usr/sbin/cupsd");
  private static final Path BACKEND = Path.of("/usr/lib/cups/backend/cups-pdf");
  private static final Path SPOOLER = Path.of("/usr/bin/lpr");
  private static final Path DRIVER = Path.of("/usr/share/ppd/cups-pdf/CUPS-PDF_opt.ppd");
  private static final Path TRAY = Path.of(System.getProperty("user.home"), "PDF");
  private static final double DPI = 300;
  private static final double MM = 25.4 / DPI;
  private static final long WAIT_S = 60;

  @TempDir private Path folder;

  /** A process of its own: which printers there are is asked of the system once, at its start. */
  static final class Printing {

    private Printing() {}

    /** Takes a PDF. */
    public static void main(String[] arguments) throws IOException {
      for (PrintQueue it : PrintQueue.all()) {
        it.print(Path.of(arguments[0]), Paper.A4, 1);
      }
    }
  }

  @Test
  void a_page_comes_out_of_it_at_100_percent() throws Exception {
    for (Path it : List.of(SCHEDULER, BACKEND, SPOOLER, DRIVER)) {
      assumeTrue(Files.exists(it), it + " is not there");
    }
    assumeTrue(Files.isReadable(Path.of("/etc/shadow")), "not root");
    Path sent = folder.resolve("markers.pdf");
    MarkerSheetPdf.write(sent, Paper.A4);
    Set<Path> before = tray();
    String server = "localhost:" + freePort();
    Process scheduler = scheduler(server);
    try {
      // Asked again until it is taken: the scheduler takes a while to listen.
      assumeTrue(
          comes(
              () ->
                  run(
                          server,
                          "lpadmin",
                          "-p",
                          "out",
                          "-v",
                          "cups-pdf:/",
                          "-P",
                          DRIVER.toString(),
                          "-E")
                      == 0),
          () -> "no printer can be set up: " + said());
      int printed =
          run(
              server,
              Path.of(System.getProperty("java.home"), "bin", "java").toString(),
              "-cp",
              System.getProperty("java.class.path"),
              Printing.class.getName(),
              sent.toString());
      assertThat(printed).as(said()).isZero();
      assertThat(comes(() -> tray().size() > before.size())).as(said()).isTrue();
      Set<Path> out = tray();
      out.removeAll(before);
      Path came = out.iterator().next();
      assertThat(comes(() -> readable(came))).as(said()).isTrue();

      Rectangle was = ink(sent);
      Rectangle is = ink(came);
      assertThat(is.width * MM).isCloseTo(was.width * MM, within(2 * MM));
      assertThat(is.height * MM).isCloseTo(was.height * MM, within(2 * MM));
      assertThat(is.x * MM).isCloseTo(was.x * MM, within(2 * MM));
      assertThat(is.y * MM).isCloseTo(was.y * MM, within(2 * MM));
      Files.delete(came);
    } finally {
      scheduler.destroy();
      scheduler.waitFor();
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket any = new ServerSocket(0)) {
      return any.getLocalPort();
    }
  }

  private Process scheduler(String server) throws IOException {
    // What filters a page works as another user, who has to get at it.
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
    for (String it : List.of("root", "spool", "cache", "state")) {
      Files.createDirectories(folder.resolve(it));
    }
    Path files = folder.resolve("root/cups-files.conf");
    Files.writeString(
        files,
        """
        ServerRoot %1$s/root
        RequestRoot %1$s/spool
        CacheDir %1$s/cache
        StateDir %1$s/state
        AccessLog %1$s/access
        ErrorLog %1$s/error
        PageLog %1$s/page
        SystemGroup root
        """
            .formatted(folder));
    Path how = folder.resolve("root/cupsd.conf");
    Files.writeString(
        how,
        """
        Listen %s
        <Location />
          Order allow,deny
          Allow all
        </Location>
        <Policy default>
          <Limit All>
            Order deny,allow
          </Limit>
        </Policy>
        """
            .formatted(server));
    return new ProcessBuilder(
            SCHEDULER.toString(), "-f", "-c", how.toString(), "-s", files.toString())
        .redirectErrorStream(true)
        .redirectOutput(folder.resolve("said").toFile())
        .start();
  }

  private int run(String server, String... words) throws IOException, InterruptedException {
    ProcessBuilder process =
        new ProcessBuilder(words)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.appendTo(folder.resolve("said").toFile()));
    process.environment().put("CUPS_SERVER", server);
    return process.start().waitFor();
  }

  /** The last of what the programs said. */
  private String said() {
    try {
      List<String> all = Files.readAllLines(folder.resolve("said"));
      return String.join("\n", all.subList(Math.max(0, all.size() - 20), all.size()));
    } catch (IOException e) {
      return e.toString();
    }
  }

  private static Set<Path> tray() throws IOException {
    if (!Files.isDirectory(TRAY)) {
      return new HashSet<>();
    }
    try (Stream<Path> all = Files.list(TRAY)) {
      return new HashSet<>(all.toList());
    }
  }

  /** Something that comes to be true. */
  private interface Condition {
    boolean holds() throws IOException, InterruptedException;
  }

  /** Whether it does within {@link #WAIT_S}. */
  private static boolean comes(Condition condition) throws IOException, InterruptedException {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(WAIT_S);
    while (!condition.holds()) {
      if (System.nanoTime() > end) {
        return false;
      }
      Thread.sleep(200);
    }
    return true;
  }

  private static boolean readable(Path pdf) {
    try (PDDocument read = Loader.loadPDF(pdf.toFile())) {
      return read.getNumberOfPages() > 0;
    } catch (IOException e) {
      return false;
    }
  }

  /** What of a page is dark, in dots from its upper left corner. */
  private static Rectangle ink(Path pdf) throws IOException {
    try (PDDocument read = Loader.loadPDF(pdf.toFile())) {
      BufferedImage page = new PDFRenderer(read).renderImageWithDPI(0, (float) DPI);
      List<Integer> across = new ArrayList<>();
      List<Integer> along = new ArrayList<>();
      for (int y = 0; y < page.getHeight(); y++) {
        for (int x = 0; x < page.getWidth(); x++) {
          if ((page.getRGB(x, y) & 0xff) < 128) {
            across.add(x);
            along.add(y);
          }
        }
      }
      int left = across.stream().mapToInt(it -> it).min().orElseThrow();
      int right = across.stream().mapToInt(it -> it).max().orElseThrow();
      int top = along.stream().mapToInt(it -> it).min().orElseThrow();
      int bottom = along.stream().mapToInt(it -> it).max().orElseThrow();
      return new Rectangle(left, top, right - left, bottom - top);
    }
  }
}
