package stoutblade.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import stoutblade.project.Project;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;

/**
 * The project file: a zip with {@code project.json} and the pictures, as {@code docs/format.md}
 * describes.
 */
public final class ProjectFile {

  /** The ending of a project's file name. */
  public static final String ENDING = ".stout";

  /** The word by which a file is known. */
  static final String FORMAT = "stout-blade-project";

  /** The version that is written. */
  static final int VERSION = 1;

  /** The most bytes of JSON. */
  static final int LARGEST_JSON = 8 * 1024 * 1024;

  private static final long LARGEST_FILE = 512L * 1024 * 1024;
  private static final int MOST_ENTRIES = 64;
  private static final String JSON_NAME = "project.json";
  private static final Pattern PICTURE_NAME = Pattern.compile("pictures/([0-9a-f]{64})");

  private ProjectFile() {}

  /**
   * Reads a project file.
   *
   * @throws FormatException if it is not a whole project file; the message says what is wrong
   */
  public static Document read(Path file) throws IOException {
    String name = String.valueOf(file.getFileName());
    if (!Files.isRegularFile(file)) {
      throw new FormatException(name, "there is no such file");
    }
    if (Files.size(file) > LARGEST_FILE) {
      throw new FormatException(name, "larger than 512 MB, which no project is");
    }
    try (ZipFile zip = new ZipFile(file.toFile())) {
      return new Reading(name, zip).document();
    } catch (ZipException e) {
      throw new FormatException(
          name, "not a whole project file: a zip was expected (" + e.getMessage() + ")", e);
    }
  }

  /** Reads a project from its JSON alone. */
  static Project parse(String name, byte[] json) throws IOException {
    try {
      JsonNode tree = Json.MAPPER.readTree(json);
      return Json.MAPPER.treeToValue(Migrations.current(name, tree), Project.class);
    } catch (JsonProcessingException e) {
      throw Json.fault(name, e);
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, e.getMessage(), e);
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
      for (String digest : digests(document.project())) {
        store(zip, "pictures/" + digest, picture(file, document, digest));
      }
    }
    SafeWrite.write(file, bytes.toByteArray());
  }

  private static byte[] picture(Path file, Document document, String digest)
      throws FormatException {
    byte[] picture = document.pictures().get(digest);
    if (picture == null) {
      throw new FormatException(
          String.valueOf(file.getFileName()), "not written: a picture of the project is missing");
    }
    return picture;
  }

  /** Pictures are compressed already: they are stored as they are. */
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

  /** The digests of the pictures that a project refers to. */
  static List<String> digests(Project project) {
    return project.reference().map(Reference::picture).map(Picture::digest).stream().toList();
  }

  /** The reading of one file. */
  private record Reading(String name, ZipFile zip) {

    Document document() throws IOException {
      List<? extends ZipEntry> entries = Collections.list(zip.entries());
      if (entries.size() > MOST_ENTRIES) {
        throw new FormatException(
            name, "at most " + MOST_ENTRIES + " entries are expected; found " + entries.size());
      }
      byte[] json = null;
      Map<String, byte[]> pictures = new TreeMap<>();
      for (ZipEntry entry : entries) {
        var picture = PICTURE_NAME.matcher(entry.getName());
        if (entry.getName().equals(JSON_NAME)) {
          json = bytes(entry, LARGEST_JSON);
        } else if (picture.matches()) {
          pictures.put(picture.group(1), checked(entry, picture.group(1)));
        } else {
          throw new FormatException(
              name,
              "an entry '"
                  + shortened(entry.getName())
                  + "' does not belong in a project; expected"
                  + " project.json and pictures/ only");
        }
      }
      if (json == null) {
        throw new FormatException(name, "no project.json inside: this is not a project file");
      }
      return whole(parse(name, json), pictures);
    }

    private static String shortened(String text) {
      return text.length() > 80 ? text.substring(0, 80) + "…" : text;
    }

    private byte[] checked(ZipEntry entry, String digest) throws IOException {
      byte[] bytes = bytes(entry, PictureFile.LARGEST_FILE);
      if (!PictureFile.digest(bytes).equals(digest)) {
        throw new FormatException(name, entry.getName() + " is damaged: its digest differs");
      }
      return bytes;
    }

    private byte[] bytes(ZipEntry entry, int most) throws IOException {
      try (InputStream in = zip.getInputStream(entry)) {
        byte[] bytes = in.readNBytes(most + 1);
        if (bytes.length > most) {
          throw new FormatException(
              name, entry.getName() + " is larger than " + most / 1024 / 1024 + " MB");
        }
        return bytes;
      }
    }

    private Document whole(Project project, Map<String, byte[]> pictures) throws FormatException {
      List<String> missing = new ArrayList<>(digests(project));
      missing.removeAll(pictures.keySet());
      if (!missing.isEmpty()) {
        throw new FormatException(name, "the picture " + missing.getFirst() + " is missing");
      }
      return new Document(project, pictures);
    }
  }
}
