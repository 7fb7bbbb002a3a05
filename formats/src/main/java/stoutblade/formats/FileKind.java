package stoutblade.formats;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * What a file is by its first bytes, so that one of the wrong kind is called what it is. Marks from
 * the published descriptions of the formats (from memory).
 */
enum FileKind {
  PNG("a PNG picture", "open it as a picture", 0, 0x89, 'P', 'N', 'G'),
  JPEG("a JPEG picture", "open it as a picture", 0, 0xff, 0xd8, 0xff),
  GIF("a GIF picture", "open it as a picture", 0, 'G', 'I', 'F', '8'),
  BMP("a BMP picture", "open it as a picture", 0, 'B', 'M'),
  TIFF_LITTLE("a TIFF picture", "open it as a picture", 0, 'I', 'I', 42, 0),
  TIFF_BIG("a TIFF picture", "open it as a picture", 0, 'M', 'M', 0, 42),
  WEBP("a WebP picture", "open it as a picture", 8, 'W', 'E', 'B', 'P'),
  HEIC(
      "a picture as phones keep it (HEIC)",
      "save or send it as JPEG: the phone's settings or any viewer of pictures do that",
      4,
      'f',
      't',
      'y',
      'p'),
  AVIF("an AVIF picture", "save it as PNG or JPEG first", 4, 'f', 't', 'y', 'p'),
  VIDEO("a film", "take a single picture out of it", 4, 'f', 't', 'y', 'p'),
  LAYERED("a layered picture of a painting program", "save it as PNG first", 0, '8', 'B', 'P', 'S'),
  PDF("a PDF", "save its lines as SVG or DXF, or its page as a picture", 0, '%', 'P', 'D', 'F'),
  POSTSCRIPT("a PostScript file", "save it as SVG or DXF first", 0, '%', '!', 'P', 'S'),
  DWG("a DWG drawing", "save it as DXF in text form", 0, 'A', 'C', '1', '0'),
  GLTF("a glTF model", "open it as a model", 0, 'g', 'l', 'T', 'F'),
  PLY("a PLY model", "open it as a model", 0, 'p', 'l', 'y'),
  ZIP("an archive (zip)", "unpack it first", 0, 'P', 'K', 3, 4),
  GZIP("a packed file (gzip)", "unpack it first", 0, 0x1f, 0x8b),
  SEVEN_ZIP("an archive (7z)", "unpack it first", 0, '7', 'z', 0xbc, 0xaf),
  OFFICE(
      "a document of an office program",
      "save what is in it as a picture or as SVG",
      0,
      0xd0,
      0xcf),
  STEP("a STEP model", "export it as STL, 3MF or OBJ", 0, 'I', 'S', 'O', '-', '1', '0', '3'),
  PROJECT("a Stout Blade project", "open it as a project", 0),
  WEB_PAGE("a web page", "save the picture itself", 0),
  SVG("an SVG", "open it as an outline", 0),
  DXF("a DXF", "open it as an outline", 0),
  STL("an STL model", "open it as a model", 0);

  private static final int LOOKED_AT = 512;

  private final String words;
  private final String wayOut;
  private final int from;
  private final String mark;

  FileKind(String words, String wayOut, int from, int... mark) {
    this.words = words;
    this.wayOut = wayOut;
    this.from = from;
    this.mark = new String(mark, 0, mark.length);
  }

  /** What it is and what to do, for a message. */
  String words() {
    return "this is " + words + ": " + wayOut;
  }

  /** What bytes are; empty where nothing tells. */
  static Optional<FileKind> of(byte[] file) {
    for (FileKind kind : values()) {
      if (!kind.mark.isEmpty() && kind.marked(file)) {
        return Optional.of(
            kind.mark.charAt(0) == 'f' ? boxed(file) : kind == ZIP ? zipped(file) : kind);
      }
    }
    return written(new String(head(file), StandardCharsets.ISO_8859_1).toLowerCase(Locale.ROOT));
  }

  private boolean marked(byte[] file) {
    for (int i = 0; i < mark.length(); i++) {
      if (from + i >= file.length || (file[from + i] & 0xff) != mark.charAt(i)) {
        return false;
      }
    }
    return true;
  }

  private static byte[] head(byte[] file) {
    return Arrays.copyOf(file, Math.min(file.length, LOOKED_AT));
  }

  /** Pictures and films in boxes (ISO/IEC 14496-12) name their brand. */
  private static FileKind boxed(byte[] file) {
    String brand = new String(head(file), StandardCharsets.ISO_8859_1);
    brand = brand.substring(Math.min(8, brand.length()), Math.min(12, brand.length()));
    return switch (brand) {
      case "avif", "avis" -> AVIF;
      case "heic", "heix", "hevc", "heim", "heis", "mif1", "msf1" -> HEIC;
      default -> VIDEO;
    };
  }

  private static FileKind zipped(byte[] file) {
    String start = new String(head(file), StandardCharsets.ISO_8859_1);
    return start.contains("project.json") ? PROJECT : ZIP;
  }

  private static Optional<FileKind> written(String start) {
    String text = start.strip().replaceFirst("^\u00ef\u00bb\u00bf", "").strip();
    if (text.startsWith("<!doctype html") || text.startsWith("<html")) {
      return Optional.of(WEB_PAGE);
    }
    if (text.startsWith("<") && text.contains("<svg")) {
      return Optional.of(SVG);
    }
    if (text.matches("(?s)(999\\s.*)?0\\s+section\\s.*")) {
      return Optional.of(DXF);
    }
    return text.startsWith("solid ") && text.contains("facet")
        ? Optional.of(STL)
        : Optional.empty();
  }
}
