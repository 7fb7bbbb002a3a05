package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.project.Project;

/**
 * The projects that followed one another, for undo and redo; immutable.
 *
 * @param states the projects, oldest first, with the name of the edit that led to each
 * @param at which of them stands now
 */
public record History(List<State> states, int at) {

  /** How many steps back are kept. */
  public static final int DEEPEST = 1000;

  /**
   * A project and how it came about.
   *
   * @param edit the name of the edit; empty for the first
   * @param project the project after it
   */
  public record State(String edit, Project project) {}

  /** Copies the states. */
  public History {
    states = List.copyOf(states);
  }

  /** A history that starts with a project. */
  public static History of(Project project) {
    return new History(List.of(new State("", project)), 0);
  }

  /** The project that stands now. */
  public Project now() {
    return states.get(at).project();
  }

  /** The history after an edit; undone edits are given up. An edit without effect adds nothing. */
  public History after(Edit edit) {
    Project changed = edit.applyTo(now());
    if (changed.equals(now())) {
      return this;
    }
    List<State> kept = new ArrayList<>(states.subList(0, at + 1));
    kept.add(new State(edit.name(), changed));
    if (kept.size() > DEEPEST) {
      kept.removeFirst();
    }
    return new History(kept, kept.size() - 1);
  }

  /** The name of the edit that undo takes back, if there is one. */
  public Optional<String> undoable() {
    return at > 0 ? Optional.of(states.get(at).edit()) : Optional.empty();
  }

  /** The name of the edit that redo brings back, if there is one. */
  public Optional<String> redoable() {
    return at + 1 < states.size() ? Optional.of(states.get(at + 1).edit()) : Optional.empty();
  }

  /** One edit back; the same where there is none. */
  public History undo() {
    return at > 0 ? new History(states, at - 1) : this;
  }

  /** One edit forward; the same where there is none. */
  public History redo() {
    return at + 1 < states.size() ? new History(states, at + 1) : this;
  }
}
