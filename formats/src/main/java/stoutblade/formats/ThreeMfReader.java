package stoutblade.formats;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import stoutblade.mesh.MeshBuilder;
import stoutblade.reference.Orientation;

/**
 * Reads 3MF files: the objects of their model with their components, laid where the build lays
 * them, in the unit that the file names (3MF core specification 1.3, from memory).
 */
final class ThreeMfReader implements ModelFile.Reader {

  private static final int MOST_ENTRIES = 2000;
  private static final int DEEPEST = 16;
  private static final int MOST_PLACED = 20_000;

  private static final Map<String, Double> UNITS =
      Map.of(
          "micron",
          0.001,
          "millimeter",
          1.0,
          "centimeter",
          10.0,
          "inch",
          25.4,
          "foot",
          304.8,
          "meter",
          1000.0);

  private Optional<Double> unitMm = Optional.empty();

  /** A corner's move: 12 numbers, rows of a 4 by 3 matrix for row vectors. */
  @SuppressWarnings("ArrayRecordComponent") // passed on, never compared or changed
  private record Move(double[] m) {

    static final Move NONE = new Move(new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0});

    static Move of(String text) {
      if (text == null) {
        return NONE;
      }
      String[] words = text.strip().split("\\s+", -1);
      if (words.length != 12) {
        throw new IllegalArgumentException("a transform has 12 numbers; found " + words.length);
      }
      double[] all = new double[12];
      for (int i = 0; i < 12; i++) {
        all[i] = number("transform", words[i]);
      }
      return new Move(all);
    }

    double[] apply(double x, double y, double z) {
      double[] to = new double[3];
      for (int i = 0; i < 3; i++) {
        to[i] = x * m[i] + y * m[3 + i] + z * m[6 + i] + m[9 + i];
      }
      return to;
    }

    /** First another, then this. */
    Move after(Move first) {
      double[] all = new double[12];
      for (int row = 0; row < 4; row++) {
        for (int i = 0; i < 3; i++) {
          for (int k = 0; k < 3; k++) {
            all[3 * row + i] += first.m[3 * row + k] * m[3 * k + i];
          }
          all[3 * row + i] += row == 3 ? m[9 + i] : 0;
        }
      }
      return new Move(all);
    }
  }

  private record Component(String object, Move move) {}

  /** An object: corners and triangles of its own, or other objects. */
  private record Thing(List<double[]> corners, List<int[]> faces, List<Component> parts) {

    Thing() {
      this(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    }
  }

  static boolean isThreeMf(byte[] file) {
    if (file.length < 4 || file[0] != 'P' || file[1] != 'K' || file[2] != 3 || file[3] != 4) {
      return false;
    }
    try {
      return model("", file).isPresent();
    } catch (IOException | RuntimeException e) {
      return false;
    }
  }

  @Override
  public Optional<Double> unitMm() {
    return unitMm;
  }

  @Override
  public Orientation orientation() {
    return Orientation.Z_UP;
  }

  /** The model's description: the first under '3D'. */
  private static Optional<byte[]> model(String name, byte[] file) throws IOException {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      ZipEntry entry = zip.getNextEntry();
      for (int i = 0; entry != null && i < MOST_ENTRIES; i++) {
        String path = entry.getName();
        if (path.startsWith("3D/") && path.endsWith(".model") && path.indexOf('/', 3) < 0) {
          byte[] bytes = zip.readNBytes(ModelFile.LARGEST_FILE + 1);
          if (bytes.length > ModelFile.LARGEST_FILE) {
            throw new FormatException(name, "larger than 400 MB unpacked");
          }
          return Optional.of(bytes);
        }
        entry = zip.getNextEntry();
      }
      return Optional.empty();
    }
  }

  @Override
  public void read(String name, byte[] file, MeshBuilder into, DoubleConsumer progress)
      throws IOException {
    byte[] model = model(name, file).orElseThrow();
    progress.accept(0.2);
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty("jdk.xml.maxElementDepth", "200");
    Parsing parsing = new Parsing();
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(model));
      while (xml.hasNext()) {
        if (xml.next() == XMLStreamConstants.START_ELEMENT) {
          parsing.start(xml);
        }
      }
      xml.close();
    } catch (XMLStreamException e) {
      throw new FormatException(
          name,
          "damaged: line " + e.getLocation().getLineNumber() + " of its model cannot be read",
          e);
    }
    progress.accept(0.6);
    unitMm = Optional.of(parsing.unit);
    new Laying(parsing, into).all();
  }

  private static double number(String what, String text) {
    try {
      return Double.parseDouble(text);
    } catch (NumberFormatException | NullPointerException e) {
      throw new IllegalArgumentException(what + ": expected a number; found '" + text + "'", e);
    }
  }

  /** What the model's description says. */
  private static final class Parsing {

    private final Map<String, Thing> things = new HashMap<>();
    private final List<Component> build = new ArrayList<>();
    private Thing current = new Thing();
    private double unit = 1;
    private int counted;

    void start(XMLStreamReader xml) {
      Inside.goOn();
      if (++counted > 4 * MeshBuilder.MOST_TRIANGLES) {
        throw new IllegalArgumentException("more elements than are taken");
      }
      switch (xml.getLocalName()) {
        case "model" -> unit = unit(xml.getAttributeValue(null, "unit"));
        case "object" -> {
          current = new Thing();
          things.put(String.valueOf(xml.getAttributeValue(null, "id")), current);
        }
        case "vertex" ->
            current.corners.add(
                new double[] {
                  number("x", xml.getAttributeValue(null, "x")),
                  number("y", xml.getAttributeValue(null, "y")),
                  number("z", xml.getAttributeValue(null, "z"))
                });
        case "triangle" ->
            current.faces.add(new int[] {corner(xml, "v1"), corner(xml, "v2"), corner(xml, "v3")});
        case "component" -> current.parts.add(component(xml));
        case "item" -> build.add(component(xml));
        default -> {}
      }
    }

    private static double unit(String named) {
      String unit = named == null ? "millimeter" : named;
      if (!UNITS.containsKey(unit)) {
        throw new IllegalArgumentException("its unit is none that is known: '" + unit + "'");
      }
      return UNITS.get(unit);
    }

    private static int corner(XMLStreamReader xml, String key) {
      double value = number(key, xml.getAttributeValue(null, key));
      if (!(value >= 0 && value < 3.0 * MeshBuilder.MOST_TRIANGLES)) {
        throw new IllegalArgumentException("a face names corner " + value);
      }
      return (int) value;
    }

    private static Component component(XMLStreamReader xml) {
      for (int i = 0; i < xml.getAttributeCount(); i++) {
        if (xml.getAttributeLocalName(i).equals("path")) {
          throw new IllegalArgumentException(
              "its parts are in files of their own (production extension): export it without");
        }
      }
      return new Component(
          String.valueOf(xml.getAttributeValue(null, "objectid")),
          Move.of(xml.getAttributeValue(null, "transform")));
    }
  }

  /** Objects laid where the build lays them. */
  private static final class Laying {

    private final Parsing parsed;
    private final MeshBuilder into;
    private final Set<String> open = new HashSet<>();
    private int placed;

    Laying(Parsing parsed, MeshBuilder into) {
      this.parsed = parsed;
      this.into = into;
    }

    void all() {
      if (parsed.build.isEmpty()) {
        parsed.things.keySet().forEach(it -> lay(new Component(it, Move.NONE), Move.NONE, 0));
      }
      parsed.build.forEach(it -> lay(it, Move.NONE, 0));
    }

    private void lay(Component component, Move outer, int depth) {
      Thing thing = parsed.things.get(component.object);
      if (thing == null) {
        throw new IllegalArgumentException("it lays an object that is not in it");
      }
      if (!open.add(component.object) || depth > DEEPEST) {
        throw new IllegalArgumentException("its objects are made of each other");
      }
      if (++placed > MOST_PLACED) {
        throw new IllegalArgumentException("more than " + MOST_PLACED + " objects are laid");
      }
      Move move = outer.after(component.move);
      int first = into.vertices();
      for (double[] corner : thing.corners) {
        double[] at = move.apply(corner[0], corner[1], corner[2]);
        into.vertex(at[0], at[1], at[2]);
      }
      for (int[] face : thing.faces) {
        for (int corner : face) {
          if (corner >= thing.corners.size()) {
            throw new IllegalArgumentException(
                "a face names corner " + (corner + 1L) + "; there are " + thing.corners.size());
          }
        }
        into.face(first + face[0], first + face[1], first + face[2]);
      }
      thing.parts.forEach(it -> lay(it, move, depth + 1));
      open.remove(component.object);
    }
  }
}
