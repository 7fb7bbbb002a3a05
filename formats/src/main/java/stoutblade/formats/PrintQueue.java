package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.print.DocFlavor;
import javax.print.PrintException;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import javax.print.SimpleDoc;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.PrintRequestAttributeSet;
import javax.print.attribute.standard.Copies;
import javax.print.attribute.standard.JobName;
import javax.print.attribute.standard.MediaSize;
import javax.print.attribute.standard.MediaSizeName;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.Orientation;
import org.apache.pdfbox.printing.PDFPageable;
import stoutblade.template.Paper;

/** A printer of the system; pages are sent to it at their true size and never fitted to paper. */
public final class PrintQueue {

  private static final DocFlavor PAGES = DocFlavor.SERVICE_FORMATTED.PAGEABLE;
  private static final double NEAR_MM = 1;

  private final PrintService service;

  /** A printer that a service stands for. */
  public PrintQueue(PrintService service) {
    this.service = service;
  }

  /** All that take pages, the usual one first. Asks the system, which may take seconds. */
  public static List<PrintQueue> all() {
    List<PrintService> services =
        new ArrayList<>(Arrays.asList(PrintServiceLookup.lookupPrintServices(PAGES, null)));
    Optional.ofNullable(PrintServiceLookup.lookupDefaultPrintService())
        .filter(services::remove)
        .ifPresent(services::addFirst);
    return services.stream().map(PrintQueue::new).toList();
  }

  /** What the system calls it. */
  public String name() {
    return service.getName();
  }

  /** True where it has a paper of that size. */
  public boolean takes(Paper paper) {
    return media(paper)
        .filter(it -> service.isAttributeValueSupported(it, PAGES, null))
        .isPresent();
  }

  /** What the system calls a paper: the one of its size, within a millimetre. */
  private static Optional<MediaSizeName> media(Paper paper) {
    MediaSizeName name =
        MediaSize.findMedia((float) paper.widthMm(), (float) paper.heightMm(), MediaSize.MM);
    return Optional.ofNullable(name)
        .filter(
            it -> {
              float[] size = MediaSize.getMediaSizeForName(it).getSize(MediaSize.MM);
              return Math.abs(size[0] - paper.widthMm()) < NEAR_MM
                  && Math.abs(size[1] - paper.heightMm()) < NEAR_MM;
            });
  }

  /**
   * Prints all pages of a PDF, each on a sheet of its own size, at 100 %.
   *
   * @throws FormatException if the printer does not have the paper, and would scale
   * @throws IOException if the file cannot be read, or the printer does not take it
   */
  public void print(Path pdf, Paper paper, int copies) throws IOException {
    if (!takes(paper)) {
      throw new FormatException(
          name(), "it has no " + paper.label() + ", and would shrink the pages to what it has");
    }
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      PrintRequestAttributeSet how = new HashPrintRequestAttributeSet();
      how.add(media(paper).orElseThrow());
      if (copies > 1) {
        how.add(new Copies(copies));
      }
      if (service.isAttributeCategorySupported(JobName.class)) {
        how.add(new JobName(pdf.getFileName().toString(), null));
      }
      // The pages' own size and no other: the library prints them at 100 %.
      PDFPageable pages = new PDFPageable(document, Orientation.AUTO);
      service.createPrintJob().print(new SimpleDoc(pages, PAGES, null), how);
    } catch (PrintException e) {
      throw new IOException(name() + " did not take it: " + reason(e), e);
    }
  }

  /** What lies behind what is told, such as a program of the system that is not there. */
  private static String reason(Throwable fault) {
    Throwable deepest = fault;
    for (Throwable it = fault; it != null; it = it.getCause()) {
      // The last but one names the program, the last a number.
      deepest = it.getMessage() != null && it.getCause() != null ? it : deepest;
    }
    return deepest.getMessage();
  }
}
