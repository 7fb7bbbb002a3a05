package stoutblade.formats;

import java.io.ByteArrayInputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * The elements of an SVG as they stand in the file, with its style sheets. Nothing outside the file
 * is ever looked for.
 *
 * @param root the outermost element
 * @param byId elements by their id
 * @param styles what its style sheets say
 */
record SvgTree(Element root, Map<String, Element> byId, SvgStyles styles) {

  static final int DEEPEST = 100;
  private static final int MOST_ELEMENTS = 200_000;
  private static final int LONGEST_STYLE = 1_000_000;

  /**
   * An element.
   *
   * @param tag its name without a prefix
   * @param at its attributes by their names without prefixes
   * @param inside what is in it, in order
   * @param line where it stands in the file
   */
  record Element(String tag, Map<String, String> at, List<Element> inside, int line) {

    String get(String key) {
      return at.getOrDefault(key, "");
    }
  }

  /**
   * Reads a file's elements.
   *
   * @throws FormatException if it is no SVG, damaged or beyond what is read; the message says what
   */
  static SvgTree read(String name, byte[] file) throws FormatException {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    // Our own bound comes first, with its own message.
    factory.setProperty("jdk.xml.maxElementDepth", Integer.toString(2 * DEEPEST));
    factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(file));
      SvgTree tree = new Building(name).document(xml);
      xml.close();
      return tree;
    } catch (XMLStreamException e) {
      throw new FormatException(
          name,
          "no readable SVG: line "
              + e.getLocation().getLineNumber()
              + " of it is damaged, or refers to something outside",
          e);
    } catch (FormatException | CancellationException e) {
      throw e;
    } catch (RuntimeException e) {
      // The library throws all kinds of exceptions at damaged files.
      throw new FormatException(name, "no readable SVG: it is damaged", e);
    }
  }

  /** The building of one tree. */
  private static final class Building {

    private final String name;
    private final Map<String, Element> byId = new HashMap<>();
    private final StringBuilder style = new StringBuilder();
    private int elements;

    Building(String name) {
      this.name = name;
    }

    SvgTree document(XMLStreamReader xml) throws XMLStreamException, FormatException {
      Deque<Element> open = new ArrayDeque<>();
      Optional<Element> root = Optional.empty();
      while (xml.hasNext()) {
        switch (xml.next()) {
          case XMLStreamConstants.START_ELEMENT -> {
            Element element = element(xml, open.size());
            if (open.isEmpty()) {
              root = Optional.of(begun(element));
            } else {
              open.peek().inside().add(element);
            }
            open.push(element);
          }
          case XMLStreamConstants.END_ELEMENT -> open.pop();
          case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
            if (!open.isEmpty() && open.peek().tag().equals("style")) {
              styled(xml.getText());
            }
          }
          case XMLStreamConstants.ENTITY_REFERENCE ->
              throw fault(
                  "it refers to something outside of what stands in it: &"
                      + xml.getLocalName()
                      + ";");
          default -> {}
        }
      }
      return new SvgTree(
          root.orElseThrow(() -> fault("there is nothing in it")),
          byId,
          SvgStyles.of(style.toString()));
    }

    private Element begun(Element element) throws FormatException {
      if (!element.tag().equals("svg")) {
        throw fault("no SVG: it begins with <" + SvgReader.shortened(element.tag()) + ">");
      }
      return element;
    }

    private Element element(XMLStreamReader xml, int depth) throws FormatException {
      Inside.goOn();
      if (++elements > MOST_ELEMENTS) {
        throw fault("more than " + MOST_ELEMENTS + " elements");
      }
      if (depth >= DEEPEST) {
        throw fault("nested deeper than " + DEEPEST + " levels");
      }
      Map<String, String> at = new LinkedHashMap<>();
      for (int i = 0; i < xml.getAttributeCount(); i++) {
        at.put(xml.getAttributeLocalName(i), xml.getAttributeValue(i));
      }
      Element element =
          new Element(xml.getLocalName(), at, new ArrayList<>(), xml.getLocation().getLineNumber());
      if (at.containsKey("id")) {
        byId.putIfAbsent(at.get("id"), element);
      }
      return element;
    }

    private void styled(String text) throws FormatException {
      if (style.length() + text.length() > LONGEST_STYLE) {
        throw fault("style sheets of more than " + LONGEST_STYLE + " letters");
      }
      style.append(text).append('\n');
    }

    private FormatException fault(String what) {
      return new FormatException(name, what);
    }
  }
}
