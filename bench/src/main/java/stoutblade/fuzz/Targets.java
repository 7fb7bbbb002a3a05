package stoutblade.fuzz;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Repair;
import stoutblade.formats.Autosave;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.FormatException;
import stoutblade.formats.LinesFile;
import stoutblade.formats.ModelFile;
import stoutblade.formats.PictureFile;
import stoutblade.formats.ProjectFile;
import stoutblade.formats.ShippedTypeface;
import stoutblade.formats.TemplateDxf;
import stoutblade.formats.TemplateSvg;
import stoutblade.measure.LengthEntry;
import stoutblade.measure.Units;
import stoutblade.project.Project;
import stoutblade.template.Template;

/** Every reader of something from outside, with whole files that it reads. */
final class Targets {

  private static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);

  private final Path folder;

  /**
   * A reader.
   *
   * @param name what it reads
   * @param file the name of the file in messages
   * @param seeds whole files
   * @param reading reads a file
   */
  record Target(String name, String file, List<byte[]> seeds, Reading reading) {}

  /** Reads bytes. */
  interface Reading {
    void read(byte[] bytes) throws IOException;
  }

  /** Targets that may write to a folder. */
  Targets(Path folder) {
    this.folder = folder;
  }

  List<Target> all() throws IOException {
    Document demo = Demo.open(NOW);
    Derived derived =
        new Reckoner(CatalogueFile.shipped()).derive(demo.project(), NOW, Units.METRIC);
    List<Target> all = new ArrayList<>();
    all.add(lines("SVG", "a.svg", svgs(derived)));
    all.add(lines("DXF", "a.dxf", dxfs(derived)));
    for (String kind : List.of("png", "jpg", "tiff", "gif", "bmp")) {
      all.add(picture(kind, List.of(picture(kind, 24, 16), picture(kind, 7, 40))));
    }
    all.add(picture("webp", List.of(webp(), webp())));
    all.add(model("STL", "a.stl", List.of(textStl(), binaryStl())));
    all.add(model("OBJ", "a.obj", List.of(obj(), obj())));
    all.add(model("glTF", "a.gltf", List.of(gltf(), gltf())));
    all.add(model("glTF, binary", "a.glb", List.of(glb(), glb())));
    byte[] small = small(demo);
    all.add(new Target("project", "a.stout", List.of(small, small), this::project));
    List<byte[]> texts = List.of(json(small), json(small));
    all.add(
        new Target("project.json", "a.stout", texts, it -> project(zipped("project.json", it))));
    all.add(new Target("autosave", "autosave", texts, this::autosave));
    byte[] catalogue = resource(CatalogueFile.class, "catalogue.json");
    all.add(
        new Target(
            "catalogue", "catalogue.json", List.of(catalogue, ownCatalogue()), this::catalogue));
    all.add(
        new Target(
            "typed length",
            "",
            List.of(bytes("5' 7 1/2\""), bytes("24\" - 2*3/8\""), bytes("(12,5 mm + 1.5cm)/2")),
            it -> LengthEntry.parse(new String(it, StandardCharsets.UTF_8), Units.METRIC)));
    return all;
  }

  // == LINES

  private static Target lines(String name, String file, List<byte[]> seeds) {
    return new Target(name, file, seeds, it -> LinesFile.read(file, it).words());
  }

  private List<byte[]> svgs(Derived derived) throws IOException {
    Path file = folder.resolve("seed.svg");
    Template template = derived.templates().getFirst();
    TemplateSvg.write(file, template, "Seed", "1 : 1");
    return List.of(
        bytes(
            """
            <svg xmlns="http://www.w3.org/2000/svg" width="200mm" height="100mm" viewBox="0 0 200 100">
            <defs><rect id="x" width="3" height="4"/></defs>
            <g id="cut" transform="rotate(12 50 50) translate(3,4) scale(1.5)">
            <path d="M10 10h30v20q-5 8-12 0t-9 3s-8-2-9-3z"/><path d="M 60,60 a 12 8 20 1 0 10,5 z"/>
            <circle cx="30" cy="40" r="9.5"/><ellipse cx="80" cy="20" rx="9" ry="4"/>
            <rect x="100" y="20" width="30" height="20" rx="4" ry="3"/>
            <polygon points="10,80 40,80 25,95"/><polyline points="1,2 3,4 5,1"/>
            <line x1="0" y1="0" x2="5" y2="5"/><text x="1" y="2">no</text></g></svg>"""),
        Files.readAllBytes(file));
  }

  private List<byte[]> dxfs(Derived derived) throws IOException {
    Path file = folder.resolve("seed.dxf");
    TemplateDxf.write(file, derived.templates().getFirst());
    String own =
        """
        0 SECTION 2 HEADER 9 $INSUNITS 70 4 0 ENDSEC
        0 SECTION 2 BLOCKS 0 BLOCK 2 B 10 1 20 2 0 CIRCLE 8 0 10 0 20 0 40 5 0 ENDBLK 0 ENDSEC
        0 SECTION 2 ENTITIES
        0 LINE 8 cut 10 0 20 0 11 50 21 0 0 LINE 8 cut 10 50 20 0 11 0 21 40
        0 LINE 8 cut 10 0 20 40 11 0 21 0
        0 ARC 8 a 10 5 20 5 40 9 50 10 51 250 0 ELLIPSE 10 0 20 0 11 20 21 5 40 0.5 41 0 42 6.2831853
        0 LWPOLYLINE 90 3 70 1 10 0 20 0 42 0.5 10 30 20 0 10 15 20 20
        0 POLYLINE 70 1 0 VERTEX 10 0 20 0 0 VERTEX 10 9 20 0 42 1 0 VERTEX 10 9 20 9 0 SEQEND
        0 SPLINE 71 3 70 1 40 0 40 0 40 0 40 0 40 1 40 1 40 1 40 1 10 0 20 0 10 9 20 9 10 18 20 -9 10 0 20 0
        0 INSERT 2 B 8 c 10 60 20 10 41 2 42 1.5 50 30 70 3 71 2 44 20 45 25
        0 TEXT 1 no 0 ENDSEC 0 EOF
        """;
    return List.of(bytes(own.strip().replaceAll("\\s+", "\n") + "\n"), Files.readAllBytes(file));
  }

  // == PICTURES

  private static Target picture(String kind, List<byte[]> seeds) {
    return new Target(kind, "a." + kind, seeds, it -> PictureFile.read("a." + kind, it));
  }

  private static byte[] picture(String kind, int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setColor(Color.ORANGE);
    graphics.fillOval(2, 3, width / 2, height / 2);
    graphics.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    if (!ImageIO.write(image, kind, out)) {
      throw new IllegalStateException("No writer of " + kind);
    }
    return out.toByteArray();
  }

  private static byte[] webp() {
    return Base64.getDecoder().decode(WEBP);
  }

  // == MODELS

  private static Target model(String name, String file, List<byte[]> seeds) {
    return new Target(name, file, seeds, it -> ModelFile.read(file, it, share -> {}));
  }

  private static byte[] textStl() {
    return bytes(
        """
        solid box
        facet normal 0 0 1
         outer loop
          vertex 0 0 0
          vertex 10 0 0
          vertex 0 10.5 0
         endloop
        endfacet
        facet normal 1 0 0
         outer loop
          vertex 0 0 0
          vertex 0 10.5 0
          vertex 0 0 7e0
         endloop
        endfacet
        endsolid box
        """);
  }

  private static byte[] binaryStl() {
    ByteBuffer out = ByteBuffer.allocate(84 + 50 * 4).order(ByteOrder.LITTLE_ENDIAN);
    out.putInt(80, 4);
    float[][] corners = {{0, 0, 0}, {10, 0, 0}, {0, 10, 0}, {0, 0, 10}};
    int[][] faces = {{0, 2, 1}, {0, 1, 3}, {1, 2, 3}, {0, 3, 2}};
    for (int f = 0; f < 4; f++) {
      out.position(84 + 50 * f + 12);
      for (int corner : faces[f]) {
        for (float value : corners[corner]) {
          out.putFloat(value);
        }
      }
    }
    return out.array();
  }

  private static byte[] obj() {
    return bytes(
        """
        # a wedge
        o wedge
        v 0 0 0
        v 10 0 0
        v 10 5.5 0
        v 0 5 0
        v 0 0 3
        vt 0 0
        vn 0 0 1
        f 1/1/1 2/1/1 3/1/1 4/1/1
        f 1 2 5
        f -5 -1 \\
          -2
        """);
  }

  private static String gltfText(String buffer) {
    return """
        {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0,2]}],
         "nodes":[{"translation":[5,0,0],"children":[1]},{"scale":[10,10,10],"mesh":0},
          {"mesh":0,"rotation":[0,0,0.7,0.7]}],
         "meshes":[{"primitives":[{"attributes":{"POSITION":0},"indices":1,"mode":4},
          {"attributes":{"POSITION":0},"mode":5}]}],
         "accessors":[{"bufferView":0,"componentType":5126,"count":4,"type":"VEC3",
           "min":[0,0,0],"max":[1,1,1]},
          {"bufferView":1,"componentType":5123,"count":12,"type":"SCALAR"}],
         "bufferViews":[{"buffer":0,"byteOffset":0,"byteLength":48},
          {"buffer":0,"byteOffset":48,"byteLength":24}],
         "buffers":[{"byteLength":72%s}]}"""
        .formatted(buffer);
  }

  private static byte[] corners() {
    ByteBuffer out = ByteBuffer.allocate(72).order(ByteOrder.LITTLE_ENDIAN);
    for (float value : new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0, 1}) {
      out.putFloat(value);
    }
    for (int corner : new int[] {0, 2, 1, 0, 1, 3, 1, 2, 3, 0, 3, 2}) {
      out.putShort((short) corner);
    }
    return out.array();
  }

  private static byte[] gltf() {
    return bytes(
        gltfText(
            ",\"uri\":\"data:application/octet-stream;base64,"
                + Base64.getEncoder().encodeToString(corners())
                + "\""));
  }

  private static byte[] glb() {
    byte[] json = bytes(gltfText(""));
    int padded = (json.length + 3) / 4 * 4;
    ByteBuffer out = ByteBuffer.allocate(12 + 8 + padded + 8 + 72).order(ByteOrder.LITTLE_ENDIAN);
    out.putInt(0x46546C67).putInt(2).putInt(out.capacity());
    out.putInt(padded).putInt(0x4E4F534A).put(json);
    for (int i = json.length; i < padded; i++) {
      out.put((byte) ' ');
    }
    out.putInt(72).putInt(0x004E4942).put(corners());
    return out.array();
  }

  // == PROJECTS AND CATALOGUES

  /** The demo without its pictures and models, which would hide the rest. */
  private byte[] small(Document demo) throws IOException {
    Path file = folder.resolve("seed.stout");
    ProjectFile.write(file, demo.with(Starts.bare(demo.project())));
    return Files.readAllBytes(file);
  }

  private static byte[] json(byte[] zip) throws IOException {
    try (ZipInputStream in = new ZipInputStream(new java.io.ByteArrayInputStream(zip))) {
      in.getNextEntry();
      return in.readAllBytes();
    }
  }

  private static byte[] zipped(String name, byte[] content) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry(name));
      zip.write(content);
      zip.closeEntry();
    }
    return out.toByteArray();
  }

  /** What is read is worked out, or can be without what is wrong in it. */
  private void project(byte[] bytes) throws IOException {
    Document read = ProjectFile.read(Files.write(folder.resolve("a.stout"), bytes));
    try {
      derive(read.project());
    } catch (RuntimeException | StackOverflowError e) {
      derive(Repair.of(read.project(), Targets::derive, share -> {}).mended());
    }
  }

  private static Derived derive(Project project) {
    return new Reckoner(CatalogueFile.shipped(), new ShippedTypeface())
        .derive(project, NOW, Units.METRIC);
  }

  /** What an autosave says of itself is no exception: it is offered, or told as damaged. */
  private void autosave(byte[] json) throws IOException {
    Path home = Files.createDirectories(folder.resolve("autosaves"));
    Path own = Files.createDirectories(home.resolve("one"));
    Files.write(own.resolve("project.json"), json);
    Files.write(own.resolve("origin.json"), json.length % 2 == 0 ? json : bytes("{}"));
    List<Autosave.Left> left = Autosave.left(home);
    Optional<String> fault = left.stream().map(Autosave.Left::fault).findFirst();
    if (left.size() != 1 || left.getFirst().document().isEmpty() != !fault.orElse("").isEmpty()) {
      throw new IllegalStateException("An autosave went missing");
    }
    if (left.getFirst().document().isEmpty()) {
      throw new FormatException("autosave", fault.orElseThrow());
    }
  }

  private void catalogue(byte[] json) throws IOException {
    CatalogueFile.withUsersOwn(Files.write(folder.resolve("catalogue.json"), json));
  }

  private static byte[] ownCatalogue() {
    return bytes(
        """
        {"foams":[{"id":"own","name":"Own foam","thicknessesMm":[2,5.5],"densityGPerMm3":1e-4,
         "sheetWidthMm":600,"sheetLengthMm":900,"textured":false,"modulus":2,"pricePerM2Mm":0.5,
         "source":"own money"}]}""");
  }

  private static byte[] resource(Class<?> beside, String name) throws IOException {
    try (InputStream in = beside.getResourceAsStream(name)) {
      return in.readAllBytes();
    }
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /** Four pixels, lossless. */
  private static final String WEBP =
      "UklGRiwAAABXRUJQVlA4TB8AAAAvJ8AEAA+w//Mf8x8VCLONZjB/2v3vBCL6PwEljD0CAA==";
}
