package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshBuilder;
import stoutblade.mesh.MeshCheck;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation;

/**
 * A 3D model: OBJ, STL of both kinds, PLY of all three, 3MF, or glTF.
 *
 * @param digest SHA-256 of the file that is kept, as lower-case hexadecimal digits
 * @param name the file's name without folders
 * @param file the bytes that are kept; a glTF with files beside it has them inside
 * @param mesh its triangles
 * @param check what is broken about it
 * @param orientation how models of its kind usually stand
 * @param unitMm the unit that its kind prescribes, in mm; empty where it prescribes none
 */
@SuppressWarnings("ArrayRecordComponent") // megabytes: passed on, never compared or changed
public record ModelFile(
    String digest,
    String name,
    byte[] file,
    Mesh mesh,
    MeshCheck check,
    Orientation orientation,
    Optional<Double> unitMm) {

  /** The most bytes of a model file. */
  public static final int LARGEST_FILE = 400 * 1024 * 1024;

  /** The endings of the files that are read. */
  public static final java.util.List<String> ENDINGS =
      java.util.List.of(".obj", ".stl", ".gltf", ".glb", ".3mf", ".ply");

  /** A reader of one kind of file. */
  interface Reader {

    /**
     * Reads triangles.
     *
     * @param name the file's name, for messages
     * @param progress takes the share that is done; may throw to stop
     * @throws FormatException if it cannot be read, with the file's name in its message
     * @throws IllegalArgumentException the same, without
     */
    void read(String name, byte[] file, MeshBuilder into, DoubleConsumer progress)
        throws IOException;

    /** The unit of what was read, in mm; empty where its kind prescribes none. */
    default Optional<Double> unitMm() {
      return Optional.empty();
    }

    /** How models of its kind usually stand. */
    default Orientation orientation() {
      return Orientation.Y_UP;
    }
  }

  private static Reader reader(String name, byte[] file) throws FormatException {
    String lower = name.toLowerCase(Locale.ROOT);
    if (GltfReader.isGltf(file)) {
      return new GltfReader();
    }
    if (ThreeMfReader.isThreeMf(file)) {
      return new ThreeMfReader();
    }
    if (PlyReader.isPly(file)) {
      return new PlyReader();
    }
    Optional<FileKind> other = FileKind.of(file).filter(it -> it != FileKind.STL);
    if (other.isPresent() && !lower.endsWith(".stl")) {
      throw new FormatException(name, "no model: " + other.get().words());
    }
    return lower.endsWith(".stl") || StlReader.isStl(file) ? new StlReader() : new ObjReader();
  }

  /**
   * Reads a model.
   *
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   * @throws FormatException if it is no model that can be used; the message says what is wrong
   */
  public static ModelFile read(Path file, DoubleConsumer progress) throws IOException {
    String name = String.valueOf(file.getFileName());
    byte[] bytes = Inside.bytes(name, file, LARGEST_FILE);
    if (GltfReader.isGltf(bytes)) {
      bytes = GltfReader.selfContained(name, bytes, file.toAbsolutePath().getParent());
    }
    return read(name, bytes, progress);
  }

  /**
   * Reads a model from the bytes of a file that needs no others.
   *
   * @throws FormatException if it is no model that can be used; the message says what is wrong
   */
  public static ModelFile read(String name, byte[] file, DoubleConsumer progress)
      throws IOException {
    Reader reader = reader(name, file);
    MeshBuilder builder = new MeshBuilder();
    try {
      reader.read(name, file, builder, share -> progress.accept(0.7 * share));
      Mesh mesh = builder.build();
      progress.accept(0.85);
      MeshCheck check = MeshCheck.of(mesh, builder.flatTriangles());
      progress.accept(1);
      return new ModelFile(
          PictureFile.digest(file), name, file, mesh, check, reader.orientation(), reader.unitMm());
    } catch (FormatException | CancellationException e) {
      throw e;
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, "no usable model: " + e.getMessage(), e);
    } catch (IOException | RuntimeException e) {
      // Damaged files make the readers throw all kinds of exceptions.
      throw new FormatException(
          name, "damaged, or no model: OBJ, STL, 3MF, PLY or glTF was expected", e);
    }
  }

  /** The model as a project refers to it. */
  public Model model(String id) {
    String bare = name.replaceAll("\\.[A-Za-z]+$", "");
    return new Model(
        id,
        bare.isBlank() ? "Model" : bare.substring(0, Math.min(60, bare.length())),
        digest,
        mesh.triangles(),
        mesh.extent(),
        orientation,
        unitMm.map(Model.OwnUnit::new),
        true);
  }
}
