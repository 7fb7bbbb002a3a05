package stoutblade.desktop.station;

import java.util.function.Function;
import javafx.util.StringConverter;
import stoutblade.desktop.texts.Texts;

/** How choices are written in boxes that are chosen from and not typed into. */
public final class Choices {

  private Choices() {}

  /** Writes each choice by a function. */
  public static <T> StringConverter<T> named(Function<T, String> name) {
    return new StringConverter<>() {
      @Override
      public String toString(T choice) {
        return choice == null ? "" : name.apply(choice);
      }

      @Override
      public T fromString(String text) {
        throw new UnsupportedOperationException(Texts.WINDOW.of("choices-are-not-typed"));
      }
    };
  }
}
