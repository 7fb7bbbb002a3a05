package stoutblade.desktop;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** The look: the theme library's light or dark base with our own style sheet over it. */
public final class Theme {

  private static final PseudoClass DARK = PseudoClass.getPseudoClass("dark");
  private static final List<String> FONTS =
      List.of(
          "Asap-Regular.ttf",
          "Asap-SemiBold.ttf",
          "AsapCondensed-Medium.ttf",
          "AsapCondensed-Bold.ttf");

  private Theme() {}

  /** Loads the fonts that ship with the application. */
  public static void loadFonts() {
    for (String name : FONTS) {
      try (InputStream in = Theme.class.getResourceAsStream("/stoutblade/fonts/" + name)) {
        Font.loadFont(in, 14);
      } catch (java.io.IOException e) {
        throw new IllegalStateException("The font " + name + " is missing", e);
      }
    }
  }

  /** Dresses a scene in light or dark. */
  public static void dress(Scene scene, boolean dark) {
    Application.setUserAgentStylesheet(
        dark
            ? new PrimerDark().getUserAgentStylesheet()
            : new PrimerLight().getUserAgentStylesheet());
    String own = Theme.class.getResource("stoutblade.css").toExternalForm();
    if (!scene.getStylesheets().contains(own)) {
      scene.getStylesheets().add(own);
    }
    Optional.ofNullable(scene.getRoot())
        .ifPresent(root -> root.pseudoClassStateChanged(DARK, dark));
  }
}
