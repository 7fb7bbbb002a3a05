package stoutblade.formats;

import java.util.Map;
import java.util.TreeMap;
import stoutblade.project.Project;

/**
 * A project with the pictures and models that it refers to.
 *
 * @param project the project
 * @param files the files of pictures and models as they were opened, by digest; not to be changed
 */
public record Document(Project project, Map<String, byte[]> files) {

  /** Copies the map. */
  public Document {
    files = java.util.Collections.unmodifiableMap(new TreeMap<>(files));
  }

  /** The document with one more file of a picture or a model. */
  public Document withFile(String digest, byte[] file) {
    Map<String, byte[]> more = new TreeMap<>(files);
    more.put(digest, file);
    return new Document(project, more);
  }

  /** The document with another project. */
  public Document with(Project changed) {
    return new Document(changed, files);
  }
}
