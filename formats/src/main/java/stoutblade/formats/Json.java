package stoutblade.formats;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.time.temporal.Temporal;
import java.util.Arrays;
import java.util.Collection;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import stoutblade.feature.Where;
import stoutblade.part.Shape;
import stoutblade.reference.Model;
import stoutblade.reference.Ruler;
import stoutblade.reference.SizingRule;
import stoutblade.shape.Outline;

/** JSON as this project reads and writes it: strict, limited in depth and size, dates as text. */
final class Json {

  /** No document of ours is deeper than this. */
  static final int DEEPEST = 40;

  private static final int LONGEST_TEXT = 20_000;
  private static final int LONGEST_NUMBER = 60;

  /** A tree of more parts takes many times the memory of its file. */
  private static final long MOST_TOKENS = 1_000_000;

  private static final long MOST_GEOMETRY_TOKENS = 5_000_000;

  /** Corners written as text inside the description; larger ones lie in a file beside it. */
  static final int LARGEST_GEOMETRY = 96 * 1024 * 1024;

  private static final Pattern MISSING =
      Pattern.compile("(?:Missing (?:required )?|Null value for )creator property '([^']+)'");

  /** The mapper. */
  static final JsonMapper MAPPER = mapper();

  /** The mapper for glTF: parts inside it may be long texts; the reader checks the rest. */
  static final JsonMapper GEOMETRY = geometry();

  private Json() {}

  private static JsonMapper geometry() {
    StreamReadConstraints limits =
        StreamReadConstraints.builder()
            .maxNestingDepth(DEEPEST)
            .maxStringLength(LARGEST_GEOMETRY)
            .maxNumberLength(LONGEST_NUMBER)
            .maxDocumentLength(LARGEST_GEOMETRY)
            .maxTokenCount(MOST_GEOMETRY_TOKENS)
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
            .maxTokenCount(MOST_TOKENS)
            .build();
    return JsonMapper.builder(JsonFactory.builder().streamReadConstraints(limits).build())
        .addModule(new Jdk8Module())
        .addModule(new JavaTimeModule())
        .addMixIn(Ruler.By.class, Kinds.By.class)
        .addMixIn(SizingRule.class, Kinds.OfSizingRule.class)
        .addMixIn(Model.ModelRuler.class, Kinds.OfModelRuler.class)
        .addMixIn(Outline.class, Kinds.OfOutline.class)
        .addMixIn(Shape.class, Kinds.OfShape.class)
        .addMixIn(Where.class, Kinds.OfWhere.class)
        .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
        .enable(SerializationFeature.INDENT_OUTPUT)
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .build();
  }

  /** Says in one line what is wrong and where. */
  static FormatException fault(String file, JsonProcessingException e) {
    String place = e instanceof JsonMappingException mapping ? path(mapping) : "";
    JsonLocation at = e.getLocation();
    String line = at == null || at.getLineNr() < 1 ? "" : " (line " + at.getLineNr() + ")";
    return new FormatException(
        file, (place.isEmpty() ? "" : "at " + place + ": ") + reason(e) + line, e);
  }

  /** What is wrong, in our words: those of the library are about its own settings and classes. */
  private static String reason(JsonProcessingException e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof StreamConstraintsException) {
        return "larger or deeper than any project; at most " + DEEPEST + " levels are read";
      }
      if (cause instanceof IllegalArgumentException && cause.getMessage() != null) {
        return cause.getMessage();
      }
      if (cause instanceof NullPointerException) {
        return "a value is missing";
      }
    }
    Matcher missing = MISSING.matcher(e.getOriginalMessage());
    return switch (e) {
      case UnrecognizedPropertyException it -> "'" + it.getPropertyName() + "' is not known here";
      case InvalidTypeIdException it when it.getTypeId() == null -> "it does not say what it is";
      case InvalidTypeIdException it -> "'" + it.getTypeId() + "' is not known here";
      case MismatchedInputException it when missing.find() ->
          "'" + missing.group(1) + "' is missing";
      case InvalidFormatException it ->
          expected(it.getTargetType()) + " was expected; found '" + shown(it.getValue()) + "'";
      case MismatchedInputException it -> expected(it.getTargetType()) + " was expected";
      case JsonEOFException it -> "it ends early";
      default -> "it is damaged: this is not how JSON is written";
    };
  }

  private static String shown(Object value) {
    String text = String.valueOf(value);
    return text.length() > 40 ? text.substring(0, 40) + "…" : text;
  }

  private static String expected(Class<?> type) {
    if (type == null || type == Optional.class) {
      return "another value";
    }
    if (type.isEnum()) {
      return "one of "
          + Arrays.stream(type.getEnumConstants())
              .map(String::valueOf)
              .collect(Collectors.joining(", "));
    }
    if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
      return "a whole number";
    }
    if (type == double.class || type == Double.class) {
      return "a number";
    }
    if (type == boolean.class || type == Boolean.class) {
      return "true or false";
    }
    if (type == String.class) {
      return "a text";
    }
    if (Collection.class.isAssignableFrom(type)) {
      return "a list";
    }
    return Temporal.class.isAssignableFrom(type) ? "a date or time" : "a group of named values";
  }

  private static String path(JsonMappingException e) {
    return e.getPath().stream()
        .map(
            step -> step.getFieldName() != null ? step.getFieldName() : "[" + step.getIndex() + "]")
        .collect(Collectors.joining("."))
        .replace(".[", "[");
  }
}
