package stoutblade.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import stoutblade.project.Project;
import stoutblade.reference.Model;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;

/**
 * The project file: a zip with {@code project.json}, the pictures and the models, as {@code
 * docs/format.md} describes.
 */
public final class ProjectFile {

  /** The ending of a project's file name. */
  public static final String ENDING = ".stout";

  /** The word by which a file is known. */
  static final String FORMAT = "stout-blade-project";

  /** The version that is written. */
  static final int VERSION = 12;

  /** The most bytes of JSON. */
  static final int LARGEST_JSON = 8 * 1024 * 1024;

  private static final long LARGEST_FILE = 512L * 1024 * 1024;
  private static final long MOST_UNPACKED = 768L * 1024 * 1024;
  private static final int MOST_ENTRIES = 512;
  private static final String JSON_NAME = "project.json";
  private static final Pattern FILE_NAME = Pattern.compile("(pictures|models)/([0-9a-f]{64})");

  private ProjectFile() {}

  /**
   * Reads a project file.
   *
   * @throws FormatException if it is not a whole project file; the message says what is wrong
   */
  public static Document read(Path file) throws IOException {
    String name = String.valueOf(file.getFileName());
    Inside.check(name, file, LARGEST_FILE);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      return new Reading(name, zip).document();
    } catch (FormatException e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      // Damaged zips make the reader throw all kinds of exceptions.
      throw new FormatException(
          name,
          "not a whole project file: it is damaged or ends early. Another copy of it, or an"
              + " autosave, may be whole",
          e);
    }
  }

  /** Reads a project from its JSON alone. */
  static Project parse(String name, byte[] json) throws IOException {
    try {
      JsonNode tree = Json.MAPPER.readTree(json);
      Project project = Json.MAPPER.treeToValue(Migrations.current(name, tree), Project.class);
      // Marks that each may be but not together, such as one beyond a horizon, are a fault here.
      project.props().forEach(it -> it.size().sizing(project.wearer(it)));
      return project;
    } catch (FormatException e) {
      throw e;
    } catch (JsonProcessingException e) {
      throw Json.fault(name, e);
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, e.getMessage(), e);
    } catch (IOException | RuntimeException e) {
      // Bytes that are no text, and a shape that a migration does not expect.
      throw new FormatException(name, "damaged: it does not read as a project", e);
    }
  }

  /** The JSON of a project. */
  static byte[] json(Project project) throws IOException {
    ObjectNode root = Json.MAPPER.createObjectNode();
    root.put("format", FORMAT);
    root.put("version", VERSION);
    root.set("project", Json.MAPPER.valueToTree(project));
    return Json.MAPPER.writeValueAsBytes(root);
  }

  /** Writes a project file; at any moment the old or the new one is there, whole. */
  public static void write(Path file, Document document) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry(JSON_NAME));
      zip.write(json(document.project()));
      zip.closeEntry();
      for (String digest : pictures(document.project())) {
        store(zip, "pictures/" + digest, file(file, document, digest));
      }
      for (String digest : models(document.project())) {
        store(zip, "models/" + digest, file(file, document, digest));
      }
    }
    SafeWrite.write(file, bytes.toByteArray());
  }

  private static byte[] file(Path to, Document document, String digest) throws FormatException {
    byte[] bytes = document.files().get(digest);
    if (bytes == null) {
      throw new FormatException(
          String.valueOf(to.getFileName()),
          "not written: a picture or model of the project is missing");
    }
    return bytes;
  }

  /** Pictures are compressed already, and models are seldom large: stored as they are. */
  private static void store(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    CRC32 crc = new CRC32();
    crc.update(bytes);
    ZipEntry entry = new ZipEntry(name);
    entry.setMethod(ZipEntry.STORED);
    entry.setSize(bytes.length);
    entry.setCrc(crc.getValue());
    zip.putNextEntry(entry);
    zip.write(bytes);
    zip.closeEntry();
  }

  /** The digests of the files that a project refers to. */
  static List<String> digests(Project project) {
    return Stream.concat(pictures(project).stream(), models(project).stream()).toList();
  }

  private static List<String> pictures(Project project) {
    return project.props().stream()
        .flatMap(it -> it.size().references().stream())
        .map(Reference::picture)
        .map(Picture::digest)
        .distinct()
        .toList();
  }

  private static List<String> models(Project project) {
    return project.props().stream()
        .flatMap(it -> it.size().models().stream())
        .map(Model::digest)
        .distinct()
        .toList();
  }

  /** The reading of one file. */
  private record Reading(String name, ZipFile zip) {

    Document document() throws IOException {
      List<? extends ZipEntry> entries = Collections.list(zip.entries());
      if (entries.size() > MOST_ENTRIES) {
        throw new FormatException(
            name, "at most " + MOST_ENTRIES + " entries are expected; found " + entries.size());
      }
      for (ZipEntry entry : entries) {
        check(entry);
      }
      ZipEntry json = zip.getEntry(JSON_NAME);
      if (json == null) {
        throw new FormatException(name, "no project.json inside: this is not a project file");
      }
      Project project = parse(name, bytes(json, LARGEST_JSON));
      return new Document(project, files(project, entries));
    }

    private void check(ZipEntry entry) throws FormatException {
      boolean belongs =
          entry.getName().equals(JSON_NAME) || FILE_NAME.matcher(entry.getName()).matches();
      if (!belongs) {
        throw new FormatException(
            name,
            "an entry '"
                + shortened(entry.getName())
                + "' does not belong in a project; expected"
                + " project.json, pictures/ and models/ only");
      }
    }

    /** The files that the project refers to; others are not even unpacked. */
    private Map<String, byte[]> files(Project project, List<? extends ZipEntry> entries)
        throws IOException {
      List<String> missing = new ArrayList<>(digests(project));
      Map<String, byte[]> files = new TreeMap<>();
      long sum = 0;
      for (ZipEntry entry : entries) {
        var file = FILE_NAME.matcher(entry.getName());
        if (file.matches() && missing.removeIf(file.group(2)::equals)) {
          boolean picture = file.group(1).equals("pictures");
          int most = picture ? PictureFile.LARGEST_FILE : ModelFile.LARGEST_FILE;
          byte[] bytes = checked(entry, file.group(2), most);
          files.put(file.group(2), bytes);
          sum += bytes.length;
          if (sum > MOST_UNPACKED) {
            throw new FormatException(
                name,
                "its pictures and models take more than " + MOST_UNPACKED / 1024 / 1024 + " MB");
          }
        }
      }
      if (!missing.isEmpty()) {
        throw new FormatException(
            name, "the picture or model " + missing.getFirst() + " is missing");
      }
      return files;
    }

    private static String shortened(String text) {
      return text.length() > 80 ? text.substring(0, 80) + "…" : text;
    }

    private byte[] checked(ZipEntry entry, String digest, int most) throws IOException {
      byte[] bytes = bytes(entry, most);
      if (!PictureFile.digest(bytes).equals(digest)) {
        throw new FormatException(name, entry.getName() + " is damaged: its digest differs");
      }
      return bytes;
    }

    private byte[] bytes(ZipEntry entry, int most) throws IOException {
      try (InputStream in = zip.getInputStream(entry)) {
        if (in == null) {
          throw new FormatException(
              name, "'" + shortened(entry.getName()) + "' cannot be unpacked");
        }
        byte[] bytes = in.readNBytes(most + 1);
        if (bytes.length > most) {
          throw new FormatException(
              name, entry.getName() + " is larger than " + most / 1024 / 1024 + " MB");
        }
        return bytes;
      }
    }
  }
}
