package stoutblade.desktop.print;

import java.util.List;

/** The printers there are: at least one. A system may take seconds to tell: ask beside a window. */
public interface Printers {

  /** All of them, the usual one first. */
  List<Printer> all();
}
