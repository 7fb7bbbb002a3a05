package stoutblade.desktop;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import stoutblade.demo.Demo;
import stoutblade.derive.Reckoner;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.ShippedTypeface;

/** Desks for tests, at a fixed time and without a disk. */
public final class TestDesk {

  public static final Clock CLOCK =
      Clock.fixed(Instant.parse("2031-03-03T12:00:00Z"), ZoneOffset.UTC);

  private static Document walk;

  private TestDesk() {}

  /** A desk with a new project. */
  public static Desk fresh() {
    return on(new Document(NewProject.first(now()), Map.of()), Optional.empty());
  }

  /** A desk with the demo. */
  public static Desk demo() {
    return on(walk(), Optional.empty());
  }

  /** The demo, read once for all tests. */
  static synchronized Document walk() {
    try {
      if (walk == null) {
        walk = Demo.open(now());
      }
      return walk;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  static Desk on(Document document, Optional<Keeper> keeper) {
    return new Desk(
        new Reckoner(CatalogueFile.shipped(), new ShippedTypeface()), CLOCK, keeper, document);
  }

  static LocalDateTime now() {
    return LocalDateTime.now(CLOCK);
  }
}
