package stoutblade.formats;

import de.javagl.obj.FloatTuple;
import de.javagl.obj.ObjFace;
import de.javagl.obj.WritableObj;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.function.DoubleConsumer;
import stoutblade.mesh.MeshBuilder;

/** Reads OBJ files: the library takes the lines apart, and corners are checked here. */
final class ObjReader implements ModelFile.Reader {

  private static final int LOOKED_AT = 4096;

  @Override
  public void read(byte[] file, MeshBuilder into, DoubleConsumer progress) throws IOException {
    for (int i = 0; i < Math.min(LOOKED_AT, file.length); i++) {
      if (file[i] == 0) {
        throw new IllegalArgumentException("it is not text, as an OBJ file is");
      }
    }
    Counted in = new Counted(file, progress);
    try {
      de.javagl.obj.ObjReader.read(
          new java.io.InputStreamReader(in, StandardCharsets.ISO_8859_1), new Taking(into));
    } catch (IOException e) {
      if (e.getCause() instanceof NumberFormatException) {
        throw new IllegalArgumentException(
            "before byte " + in.done() + ": a number was expected", e);
      }
      throw e;
    }
  }

  /** Bytes that say how many of them were read. */
  private static final class Counted extends ByteArrayInputStream {

    private final DoubleConsumer progress;

    Counted(byte[] file, DoubleConsumer progress) {
      super(file);
      this.progress = progress;
    }

    int done() {
      return pos;
    }

    @Override
    public synchronized int read(byte[] into, int offset, int length) {
      progress.accept(pos / (double) Math.max(1, count));
      return super.read(into, offset, length);
    }
  }

  /** Takes corners and faces and lets the rest go. */
  private static final class Taking implements WritableObj {

    private final MeshBuilder into;

    Taking(MeshBuilder into) {
      this.into = into;
    }

    @Override
    public void addVertex(FloatTuple at) {
      into.vertex(at.getX(), at.getY(), at.getZ());
    }

    @Override
    public void addVertex(float x, float y, float z) {
      into.vertex(x, y, z);
    }

    @Override
    public void addFace(ObjFace face) {
      int[] corners = new int[face.getNumVertices()];
      for (int i = 0; i < corners.length; i++) {
        corners[i] = face.getVertexIndex(i);
      }
      into.face(corners);
    }

    @Override
    public void addFace(int... corners) {
      into.face(corners);
    }

    @Override
    public void addFaceWithTexCoords(int... corners) {
      into.face(corners);
    }

    @Override
    public void addFaceWithNormals(int... corners) {
      into.face(corners);
    }

    @Override
    public void addFaceWithAll(int... corners) {
      into.face(corners);
    }

    @Override
    public void addFace(int[] corners, int[] texture, int[] normals) {
      into.face(corners);
    }

    @Override
    public void addTexCoord(FloatTuple at) {}

    @Override
    public void addTexCoord(float x) {}

    @Override
    public void addTexCoord(float x, float y) {}

    @Override
    public void addTexCoord(float x, float y, float z) {}

    @Override
    public void addNormal(FloatTuple at) {}

    @Override
    public void addNormal(float x, float y, float z) {}

    @Override
    public void setActiveGroupNames(Collection<? extends String> names) {}

    @Override
    public void setActiveMaterialGroupName(String name) {}

    @Override
    public void setMtlFileNames(Collection<? extends String> names) {}
  }
}
