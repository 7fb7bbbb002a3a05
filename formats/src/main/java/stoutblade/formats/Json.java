package stoutblade.formats;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import stoutblade.prop.Part;
import stoutblade.prop.Where;
import stoutblade.reference.Model;
import stoutblade.reference.Ruler;
import stoutblade.reference.School;
import stoutblade.shape.Outline;

/** JSON as this project reads and writes it: strict, limited in depth and size, dates as text. */
final class Json {

  /** No document of ours is deeper than this. */
  static final int DEEPEST = 40;

  private static final int LONGEST_TEXT = 20_000;
  private static final int LONGEST_NUMBER = 60;

  private static final Pattern MISSING =
      Pattern.compile("Missing (?:required )?creator property '([^']+)'");

  /** The mapper. */
  static final JsonMapper MAPPER = mapper();

  /** The mapper for glTF: parts inside it may be long texts; the reader checks the rest. */
  static final JsonMapper GEOMETRY = geometry();

  private Json() {}

  private static JsonMapper geometry() {
    StreamReadConstraints limits =
        StreamReadConstraints.builder()
            .maxNestingDepth(DEEPEST)
            .maxStringLength(ModelFile.LARGEST_FILE)
            .maxNumberLength(LONGEST_NUMBER)
            .maxDocumentLength(ModelFile.LARGEST_FILE)
            .build();
    return JsonMapper.builder(JsonFactory.builder().streamReadConstraints(limits).build())
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .build();
  }

  private static JsonMapper mapper() {
    StreamReadConstraints limits =
        StreamReadConstraints.builder()
            .maxNestingDepth(DEEPEST)
            .maxStringLength(LONGEST_TEXT)
            .maxNumberLength(LONGEST_NUMBER)
            .maxDocumentLength(ProjectFile.LARGEST_JSON)
            .build();
    return JsonMapper.builder(JsonFactory.builder().streamReadConstraints(limits).build())
        .addModule(new Jdk8Module())
        .addModule(new JavaTimeModule())
        .addMixIn(Ruler.By.class, Kinds.By.class)
        .addMixIn(School.class, Kinds.OfSchool.class)
        .addMixIn(Model.ModelRuler.class, Kinds.OfModelRuler.class)
        .addMixIn(Outline.class, Kinds.OfOutline.class)
        .addMixIn(Part.class, Kinds.OfPart.class)
        .addMixIn(Where.class, Kinds.OfWhere.class)
        .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
        .enable(SerializationFeature.INDENT_OUTPUT)
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .build();
  }

  /** Says in one line what is wrong and where. */
  static FormatException fault(String file, JsonProcessingException e) {
    if (e instanceof StreamConstraintsException) {
      return new FormatException(
          file, "larger or deeper than any project; at most " + DEEPEST + " levels are read", e);
    }
    String what = reason(e);
    String place = e instanceof JsonMappingException mapping ? path(mapping) : "";
    JsonLocation at = e.getLocation();
    String line = at == null ? "" : " (line " + at.getLineNr() + ")";
    return new FormatException(
        file, (place.isEmpty() ? "" : "at " + place + ": ") + what + line, e);
  }

  private static String reason(JsonProcessingException e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof IllegalArgumentException) {
        return cause.getMessage();
      }
      if (cause instanceof StreamConstraintsException) {
        return "larger or deeper than any project; at most " + DEEPEST + " levels are read";
      }
      if (cause == cause.getCause()) {
        break;
      }
    }
    if (e instanceof UnrecognizedPropertyException unknown) {
      return "'" + unknown.getPropertyName() + "' is not known here";
    }
    Matcher missing = MISSING.matcher(e.getOriginalMessage());
    return missing.find()
        ? "'" + missing.group(1) + "' is missing"
        : e.getOriginalMessage().replaceAll("`[^`]*\\.([^`.]*)`", "$1").replaceAll("\\s+", " ");
  }

  private static String path(JsonMappingException e) {
    return e.getPath().stream()
        .map(
            step -> step.getFieldName() != null ? step.getFieldName() : "[" + step.getIndex() + "]")
        .collect(Collectors.joining("."))
        .replace(".[", "[");
  }
}
