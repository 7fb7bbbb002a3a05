package stoutblade.formats;

import java.util.Map;
import java.util.TreeMap;
import stoutblade.project.Project;

/**
 * A project with the pictures that it refers to.
 *
 * @param project the project
 * @param pictures the files of pictures as they were opened, by digest; not to be changed
 */
public record Document(Project project, Map<String, byte[]> pictures) {

  /** Copies the map. */
  public Document {
    pictures = java.util.Collections.unmodifiableMap(new TreeMap<>(pictures));
  }

  /** The document with one more picture file. */
  public Document withPicture(String digest, byte[] file) {
    Map<String, byte[]> more = new TreeMap<>(pictures);
    more.put(digest, file);
    return new Document(project, more);
  }

  /** The document with another project. */
  public Document with(Project changed) {
    return new Document(changed, pictures);
  }
}
