package stoutblade.formats;

import java.io.IOException;
import java.io.StringWriter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/**
 * A template as one SVG at true size: user units are millimetres, one group for each kind of line.
 */
public final class TemplateSvg {

  private static final double MARGIN_MM = 10;
  private static final double FOOT_MM = 16;

  private final Template template;
  private final String project;
  private final String scale;
  private final Box box;
  private final XMLStreamWriter xml;

  private TemplateSvg(Template template, String project, String scale, XMLStreamWriter xml) {
    this.template = template;
    this.project = project;
    this.scale = scale;
    this.box = template.box().grown(MARGIN_MM);
    this.xml = xml;
  }

  /** Writes the SVG. */
  public static void write(Path file, Template template, String project, String scale)
      throws IOException {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      new TemplateSvg(template, project, scale, xml).document();
      xml.close();
    } catch (XMLStreamException e) {
      throw new IOException("The SVG cannot be written", e);
    }
    SafeWrite.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
  }

  private void document() throws XMLStreamException {
    double width = Math.max(box.width(), TemplatePdf.CHECK_MM + 2 * MARGIN_MM);
    double height = box.height() + FOOT_MM;
    xml.writeStartDocument("UTF-8", "1.0");
    xml.writeStartElement("svg");
    xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
    xml.writeAttribute("width", number(width) + "mm");
    xml.writeAttribute("height", number(height) + "mm");
    xml.writeAttribute("viewBox", "0 0 " + number(width) + " " + number(height));
    element("title", project + ": " + template.title());
    element("desc", scale);
    for (Stroke.Kind kind : template.kinds()) {
      group(kind);
    }
    labels();
    checkLength(height);
    xml.writeEndElement();
    xml.writeEndDocument();
  }

  private void element(String name, String text) throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(text);
    xml.writeEndElement();
  }

  private void group(Stroke.Kind kind) throws XMLStreamException {
    xml.writeStartElement("g");
    xml.writeAttribute("id", kind.name().toLowerCase(java.util.Locale.ROOT));
    xml.writeAttribute("fill", "none");
    LineStyle style = LineStyle.of(kind);
    xml.writeAttribute("data-layer", kind.name());
    xml.writeAttribute("stroke", style.colour());
    xml.writeAttribute("stroke-width", number(style.widthMm()));
    if (!style.dashesMm().isEmpty()) {
      xml.writeAttribute(
          "stroke-dasharray",
          String.join(" ", style.dashesMm().stream().map(TemplateSvg::number).toList()));
    }
    element("title", kind.words());
    for (Stroke stroke : template.strokes()) {
      if (stroke.kind() == kind) {
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", data(stroke));
      }
    }
    xml.writeEndElement();
  }

  private String data(Stroke stroke) {
    StringBuilder data = new StringBuilder();
    data.append('M').append(place(stroke.path().cubics().getFirst().start()));
    for (Cubic cubic : stroke.path().cubics()) {
      if (cubic.straight()) {
        data.append(" L").append(place(cubic.end()));
      } else if (Arcs.bulge(cubic).isPresent()) {
        arc(cubic, data);
      } else {
        data.append(" C")
            .append(place(cubic.control1()))
            .append(' ')
            .append(place(cubic.control2()))
            .append(' ')
            .append(place(cubic.end()));
      }
    }
    return stroke.path().closed() ? data.append(" Z").toString() : data.toString();
  }

  /** On an SVG y runs downwards: what runs counter-clockwise is swept the other way. */
  private void arc(Cubic cubic, StringBuilder data) {
    double bulge = Arcs.bulge(cubic).orElseThrow();
    String radius = number(Arcs.radius(cubic.start(), cubic.end(), bulge));
    data.append(" A").append(radius).append(' ').append(radius).append(" 0 ");
    data.append(Math.abs(bulge) > 1 ? '1' : '0').append(' ').append(bulge > 0 ? '0' : '1');
    data.append(' ').append(place(cubic.end()));
  }

  private void labels() throws XMLStreamException {
    xml.writeStartElement("g");
    xml.writeAttribute("id", "labels");
    xml.writeAttribute("data-layer", "WORDS");
    xml.writeAttribute("fill", "none");
    xml.writeAttribute("stroke", "#404040");
    xml.writeAttribute("stroke-width", "0.2");
    xml.writeAttribute("stroke-linecap", "round");
    xml.writeAttribute("stroke-linejoin", "round");
    element("title", "Words, in single strokes");
    for (Label label : template.labels()) {
      xml.writeStartElement("g");
      xml.writeAttribute("aria-label", label.text());
      for (List<Point> line : StrokeLetters.of(label)) {
        xml.writeEmptyElement("polyline");
        xml.writeAttribute("points", String.join(" ", line.stream().map(this::place).toList()));
      }
      xml.writeEndElement();
    }
    xml.writeEndElement();
  }

  private void checkLength(double height) throws XMLStreamException {
    xml.writeStartElement("g");
    xml.writeAttribute("id", "check");
    xml.writeAttribute("font-family", "Asap, sans-serif");
    xml.writeAttribute("font-size", "3");
    xml.writeEmptyElement("path");
    xml.writeAttribute(
        "d",
        "M" + number(MARGIN_MM) + " " + number(height - 8) + " h" + number(TemplatePdf.CHECK_MM));
    xml.writeAttribute("stroke", "#1b1f22");
    xml.writeAttribute("stroke-width", "0.25");
    xml.writeStartElement("text");
    xml.writeAttribute("x", number(MARGIN_MM));
    xml.writeAttribute("y", number(height - 3));
    xml.writeCharacters("Check: 100 mm · " + project + " · " + scale);
    xml.writeEndElement();
    xml.writeEndElement();
  }

  private String place(Point mm) {
    return number(x(mm)) + " " + number(y(mm));
  }

  private double x(Point mm) {
    return mm.x() - box.minX();
  }

  /** On an SVG y runs downwards. */
  private double y(Point mm) {
    return box.maxY() - mm.y();
  }

  private static String number(double value) {
    return BigDecimal.valueOf(value)
        .setScale(4, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
