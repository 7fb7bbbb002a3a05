package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import stoutblade.machine.Cutter;
import stoutblade.machine.MachineSheet;
import stoutblade.machine.MachineTemplate;
import stoutblade.machine.ToolPath;
import stoutblade.template.Label;
import stoutblade.template.Template;

/** A sheet for a machine, in every open form that machines read. */
public final class MachineFiles {

  private MachineFiles() {}

  /**
   * A sheet for a machine.
   *
   * @param title what it is
   * @param sheet the sheet
   * @param path the way of the tool
   * @param cutter the machine
   * @param thicknessMm how thick the sheet is
   * @param labels what is written on pieces
   */
  public record Job(
      String title,
      MachineSheet sheet,
      ToolPath path,
      Cutter cutter,
      double thicknessMm,
      List<Label> labels) {}

  /**
   * Writes it as SVG and DXF with a layer for each purpose, as HP-GL and as G-code.
   *
   * @return the files
   */
  public static List<Path> write(Path folder, Job job) throws IOException {
    Files.createDirectories(folder);
    String stem = Exports.fileName(job.title());
    Template template =
        MachineTemplate.of(stem, job.title(), job.sheet(), job.path(), job.labels());
    Path svg = folder.resolve(stem + ".svg");
    Path dxf = folder.resolve(stem + ".dxf");
    Path plotter = folder.resolve(stem + ".hpgl");
    Path code = folder.resolve(stem + ".nc");
    TemplateSvg.write(svg, template, job.title(), "Scale 1 : 1");
    TemplateDxf.write(dxf, template);
    PlotterFile.write(plotter, job.path(), job.cutter());
    GcodeFile.write(code, job.path(), job.cutter(), job.thicknessMm());
    return List.of(svg, dxf, plotter, code);
  }
}
