package stoutblade.desktop.station.draft;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import stoutblade.body.Body;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PropEdit;
import stoutblade.edit.SkeletonEdits;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.pipework.Joint;
import stoutblade.pipework.Piping;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.Skeleton.Run;
import stoutblade.pipework.SkeletonChanges;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;

/** The skeleton that is looked at: which joint or pipe of it is selected, and what is moved. */
final class SkeletonModel {

  private final Desk desk;
  private String id = "";
  private OptionalInt joint = OptionalInt.empty();
  private OptionalInt pipe = OptionalInt.empty();
  private Optional<Joint> moving = Optional.empty();

  SkeletonModel(Desk desk) {
    this.desk = desk;
  }

  /** Looks at a part; what was selected of another one is not any more. */
  void lookAt(String partId) {
    if (!partId.equals(id)) {
      id = partId;
      clear();
    }
    int joints = piped().map(it -> it.skeleton().joints().size()).orElse(0);
    int pipes = piped().map(it -> it.skeleton().pipes().size()).orElse(0);
    if (joint.isPresent() && joint.getAsInt() >= joints) {
      joint = OptionalInt.empty();
    }
    if (pipe.isPresent() && pipe.getAsInt() >= pipes) {
      pipe = OptionalInt.empty();
    }
  }

  void clear() {
    joint = OptionalInt.empty();
    pipe = OptionalInt.empty();
    moving = Optional.empty();
  }

  String id() {
    return id;
  }

  Optional<Part> part() {
    return desk.prop().part(id);
  }

  Optional<Piped> piped() {
    return part().flatMap(Part::piped);
  }

  Skeleton skeleton() {
    return piped().orElseThrow().skeleton();
  }

  /** What it comes to, where it can be made. */
  Optional<Piping> piping() {
    return desk.reckoned()
        .part(id)
        .flatMap(PartReckoning::body)
        .flatMap(Body::piping)
        .filter(it -> piped().filter(own -> own.skeleton().equals(it.skeleton())).isPresent());
  }

  // == WHAT IS SELECTED

  OptionalInt joint() {
    return joint;
  }

  OptionalInt pipe() {
    return pipe;
  }

  Optional<Joint> place() {
    return joint.isPresent()
        ? Optional.of(skeleton().joints().get(joint.getAsInt()))
        : Optional.empty();
  }

  /** How long the selected pipe is from joint to joint. */
  Optional<Double> length() {
    if (pipe.isEmpty()) {
      return Optional.empty();
    }
    Run run = skeleton().pipes().get(pipe.getAsInt());
    return Optional.of(
        skeleton().joints().get(run.from()).distance(skeleton().joints().get(run.to())));
  }

  void selectJoint(int number) {
    clear();
    joint = OptionalInt.of(number);
  }

  void selectPipe(int number) {
    clear();
    pipe = OptionalInt.of(number);
  }

  /** The next joint or pipe: all joints first, then all pipes. */
  void next(int by) {
    int joints = skeleton().joints().size();
    int all = joints + skeleton().pipes().size();
    int now =
        joint.isPresent()
            ? joint.getAsInt()
            : pipe.isPresent() ? joints + pipe.getAsInt() : by > 0 ? -1 : 0;
    int then = Math.floorMod(now + by, all);
    if (then < joints) {
      selectJoint(then);
    } else {
      selectPipe(then - joints);
    }
  }

  /** Selects what is under a place: a joint before a pipe. */
  boolean press(Point place, double reach) {
    OptionalInt near =
        IntStream.range(0, skeleton().joints().size())
            .filter(it -> flat(skeleton().joints().get(it)).distance(place) <= reach)
            .findFirst();
    if (near.isPresent()) {
      selectJoint(near.getAsInt());
      return true;
    }
    OptionalInt on =
        IntStream.range(0, skeleton().pipes().size())
            .filter(it -> away(skeleton().pipes().get(it), place) <= reach)
            .findFirst();
    clear();
    pipe = on;
    return on.isPresent();
  }

  private double away(Run run, Point place) {
    Point from = flat(skeleton().joints().get(run.from()));
    Point to = flat(skeleton().joints().get(run.to()));
    Point way = to.minus(from);
    double square = way.x() * way.x() + way.y() * way.y();
    Point by = place.minus(from);
    double share =
        square == 0 ? 0 : Math.clamp((by.x() * way.x() + by.y() * way.y()) / square, 0, 1);
    return from.towards(to, share).distance(place);
  }

  static Point flat(Joint it) {
    return new Point(it.x(), it.y());
  }

  String said() {
    if (joint.isPresent()) {
      return Texts.DRAFT.of("joint", joint.getAsInt() + 1);
    }
    return pipe.isPresent() ? Texts.DRAFT.of("pipe-number", pipe.getAsInt() + 1) : "";
  }

  // == WHAT IS DONE

  boolean perform(PropEdit edit) {
    return desk.perform(edit);
  }

  /** The selected joint is being moved to a place, to a millimetre. */
  void drag(Point place) {
    moving = place().map(it -> new Joint(Math.rint(place.x()), Math.rint(place.y()), it.z()));
  }

  void drop() {
    Optional<Joint> to = moving;
    moving = Optional.empty();
    to.ifPresent(this::move);
  }

  boolean move(Joint to) {
    return joint.isPresent() && perform(SkeletonEdits.move(id, joint.getAsInt(), to));
  }

  /** A pipe from the selected joint; its end is selected then, ready for the next one. */
  void longer(Joint by) {
    if (joint.isPresent()) {
      int from = joint.getAsInt();
      desk.perform(SkeletonEdits.longer(id, from, by), () -> selectJoint(end(from)));
    }
  }

  private int end(int from) {
    Run last = skeleton().pipes().getLast();
    return last.from() == from ? last.to() : last.from();
  }

  void remove() {
    if (pipe.isPresent()) {
      perform(SkeletonEdits.remove(id, pipe.getAsInt()));
    }
  }

  /** The skeleton as it is to be drawn: with what is moved where it is now. */
  Skeleton shown() {
    Skeleton own = skeleton();
    if (moving.isEmpty() || joint.isEmpty()) {
      return own;
    }
    try {
      return SkeletonChanges.moved(own, joint.getAsInt(), moving.get());
    } catch (IllegalArgumentException onAnother) {
      return own;
    }
  }
}
