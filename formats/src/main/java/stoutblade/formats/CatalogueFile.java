package stoutblade.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.Pace;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetFamily;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.catalogue.Thing;

/**
 * The catalogue of materials: the one that ships with the application, with the user's own on top.
 *
 * <p>The user's file has the same form; an entry with a known id replaces it, any other is added.
 */
public final class CatalogueFile {

  private static final String SHIPPED = "catalogue.json";

  private CatalogueFile() {}

  /** The catalogue that ships with the application. */
  public static Catalogue shipped() {
    try (InputStream in = CatalogueFile.class.getResourceAsStream(SHIPPED)) {
      return Json.MAPPER.readValue(in, Catalogue.class);
    } catch (IOException e) {
      throw new IllegalStateException("The shipped catalogue cannot be read", e);
    }
  }

  /** Where the user's own catalogue is looked for. */
  public static Path usersOwn() {
    String stated = System.getenv("XDG_CONFIG_HOME");
    Path config =
        stated == null || stated.isBlank()
            ? Path.of(System.getProperty("user.home"), ".config")
            : Path.of(stated);
    return config.resolve("stoutblade").resolve(SHIPPED);
  }

  /**
   * The shipped catalogue with the user's own on top, where there is one.
   *
   * @throws FormatException if the user's file cannot be read
   */
  public static Catalogue withUsersOwn(Path file) throws IOException {
    Catalogue shipped = shipped();
    if (!Files.exists(file)) {
      return shipped;
    }
    String name = String.valueOf(file.getFileName());
    byte[] bytes = Inside.bytes(name, file, ProjectFile.LARGEST_JSON);
    try {
      return merged(shipped, Json.MAPPER.treeToValue(whole(name, bytes), Catalogue.class));
    } catch (FormatException e) {
      throw e;
    } catch (JsonProcessingException e) {
      throw Json.fault(name, e);
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, e.getMessage(), e);
    } catch (IOException | RuntimeException e) {
      throw new FormatException(name, "damaged: it does not read as a catalogue", e);
    }
  }

  /**
   * Lists that are not in the user's file are empty; its sheets may be of the shipped families. One
   * that was written before there were families has foams.
   */
  private static ObjectNode whole(String name, byte[] file) throws IOException {
    if (!(Json.MAPPER.readTree(file) instanceof ObjectNode lists)) {
      throw new FormatException(
          name, "empty, or no catalogue: lists of sheets, rods, glues and so on are expected");
    }
    if (lists.has("foams") && !lists.has("sheets")) {
      lists.set("sheets", lists.remove("foams"));
    }
    for (String list :
        List.of("families", "sheets", "rods", "glues", "coatings", "paces", "things", "fittings")) {
      if (!lists.has(list)) {
        lists.putArray(list);
      }
    }
    for (JsonNode sheet : lists.get("sheets")) {
      if (sheet instanceof ObjectNode own) {
        if (!own.has("familyId")) {
          own.put("familyId", SheetFamily.USUAL);
        }
        if (!own.has("otherOffers")) {
          own.putArray("otherOffers");
        }
        for (JsonNode offer : own.get("otherOffers")) {
          if (offer instanceof ObjectNode it && !it.has("stepMm")) {
            it.put("stepMm", 0);
          }
        }
      }
    }
    for (JsonNode rod : lists.get("rods")) {
      if (rod instanceof ObjectNode own) {
        if (!own.has("softens")) {
          own.put("softens", false);
        }
        for (String number : List.of("wideMm", "strength", "price")) {
          if (!own.has(number)) {
            own.put(number, 0);
          }
        }
      }
    }
    for (String list : List.of("glues", "coatings")) {
      for (JsonNode entry : lists.get(list)) {
        if (entry instanceof ObjectNode own && !own.has("driedGPerMm3")) {
          own.put("driedGPerMm3", 0);
        }
      }
    }
    if (lists.get("families") instanceof ArrayNode families) {
      JsonNode shipped = Json.MAPPER.valueToTree(shipped().families());
      Set<String> own = new HashSet<>();
      families.forEach(it -> own.add(it.path("id").asText()));
      for (JsonNode it : families) {
        if (it instanceof ObjectNode family && !family.has("grain")) {
          family.put("grain", false).put("notInLaser", "");
        }
      }
      shipped.forEach(
          it -> {
            if (!own.contains(it.get("id").asText())) {
              families.add(it);
            }
          });
    }
    return lists;
  }

  private static Catalogue merged(Catalogue below, Catalogue above) {
    return new Catalogue(
        merged(below.families(), above.families(), SheetFamily::id),
        merged(below.sheets(), above.sheets(), SheetMaterial::id),
        merged(below.rods(), above.rods(), Rod::id),
        merged(below.glues(), above.glues(), Glue::id),
        merged(below.coatings(), above.coatings(), Coating::id),
        merged(below.paces(), above.paces(), Pace::id),
        merged(below.things(), above.things(), Thing::id),
        merged(below.fittings(), above.fittings(), it -> it.rodId() + it.kind()));
  }

  private static <T> List<T> merged(List<T> below, List<T> above, Function<T, String> id) {
    Map<String, T> byId = new LinkedHashMap<>();
    below.forEach(entry -> byId.put(id.apply(entry), entry));
    above.forEach(entry -> byId.put(id.apply(entry), entry));
    return new ArrayList<>(byId.values());
  }
}
