package stoutblade.build;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeMap;
import stoutblade.build.Plan.Placed;
import stoutblade.build.Plan.Sitting;
import stoutblade.build.Plan.Unplaced;
import stoutblade.measure.Display;

/**
 * Places steps on a calendar as late as they may be, counted back from when everything is done.
 *
 * <p>One pair of hands. Steps tied by a 'not after' make one block that is placed whole, waits
 * included; a divisible step may be spread over several sittings. Blocks are placed in reverse
 * order of need; of those whose followers are placed, the one that may end latest goes first.
 */
final class Scheduler {

  /** Calendars are kept in steps of so many minutes. */
  static final long GRAIN = 5;

  private static final int FURTHEST_DAYS = 3 * 366;
  private static final long SHORTEST_SITTING = 15;

  private final Map<String, Step> open = new LinkedHashMap<>();
  private final Map<String, Block> blockOf = new HashMap<>();
  private final FreeHours hours;
  private final LocalDateTime readyBy;
  private final TreeMap<LocalDate, List<Sitting>> taken = new TreeMap<>();
  private final Map<LocalDate, List<Sitting>> free = new HashMap<>();
  private final Map<String, List<Sitting>> places = new HashMap<>();
  private final Map<String, String> failures = new LinkedHashMap<>();

  private Scheduler(List<Step> steps, Set<String> done, FreeHours hours, LocalDateTime readyBy) {
    steps.stream().filter(it -> !done.contains(it.id())).forEach(it -> open.put(it.id(), it));
    this.hours = hours;
    this.readyBy = readyBy;
  }

  /** Steps with places and steps without. */
  record Outcome(List<Placed> placed, List<Unplaced> unplaced) {}

  /**
   * Places the steps that are not done.
   *
   * @param steps all steps, each after those it needs
   */
  static Outcome place(List<Step> steps, Set<String> done, FreeHours hours, LocalDateTime readyBy) {
    return new Scheduler(steps, done, hours, readyBy).outcome();
  }

  private Outcome outcome() {
    List<Block> blocks = blocks();
    tie(blocks);
    // What no block waits for any more; its latest start stays as it is from then on.
    PriorityQueue<Block> ready =
        new PriorityQueue<>(
            Comparator.comparing((Block it) -> it.latestStart)
                .reversed()
                .thenComparing(it -> it.number));
    blocks.stream().filter(it -> it.followers == 0).forEach(ready::add);
    for (int left = blocks.size(); left > 0; left--) {
      Block next = ready.poll();
      if (next == null) {
        throw new IllegalArgumentException("The steps need one another");
      }
      place(next);
      release(next);
      next.before.stream().filter(it -> it.followers == 0).forEach(ready::add);
    }
    List<Placed> placed =
        open.values().stream()
            .filter(step -> places.containsKey(step.id()))
            .map(step -> new Placed(step, places.get(step.id())))
            .sorted(Comparator.comparing(Placed::start))
            .toList();
    List<Unplaced> unplaced =
        failures.entrySet().stream()
            .map(it -> new Unplaced(open.get(it.getKey()), it.getValue()))
            .toList();
    return new Outcome(placed, unplaced);
  }

  /** Steps that are placed as one, with the start of each after the start of the block. */
  private static final class Block {

    final List<Step> steps;
    final List<Long> offsets;

    /** Its place among all, which decides between two that may start equally late. */
    int number;

    /** Blocks that must end before it begins. */
    final Set<Block> before = new LinkedHashSet<>();

    /** How many blocks that need this one have no place yet. */
    int followers;

    /** The latest start that those that have one allow. */
    LocalDateTime latestStart = LocalDateTime.MAX;

    Block(List<Step> steps, List<Long> offsets) {
      this.steps = List.copyOf(steps);
      this.offsets = List.copyOf(offsets);
    }

    long minutes() {
      return offsets.getLast() + length(steps.getLast());
    }
  }

  private static long length(Step step) {
    return Math.max(GRAIN, (long) Math.ceil(step.minutes() / GRAIN - 1e-9) * GRAIN);
  }

  private List<Block> blocks() {
    List<Block> blocks = new ArrayList<>();
    Map<String, Block> of = new HashMap<>();
    for (Step step : open.values()) {
      Optional<Step.Need> tied =
          step.needs().stream()
              .filter(need -> need.notAfter().isPresent() && of.containsKey(need.stepId()))
              .findFirst();
      Block block =
          tied.map(need -> joined(of.get(need.stepId()), step, need))
              .orElseGet(() -> new Block(List.of(step), List.of(0L)));
      tied.ifPresent(need -> blocks.remove(of.get(need.stepId())));
      blocks.add(block);
      block.steps.forEach(it -> of.put(it.id(), block));
    }
    return blocks;
  }

  private static Block joined(Block block, Step step, Step.Need need) {
    int at = block.steps.stream().map(Step::id).toList().indexOf(need.stepId());
    long after = block.offsets.get(at) + length(block.steps.get(at)) + up(need.notBefore());
    long offset = Math.max(after, block.minutes());
    List<Step> steps = new ArrayList<>(block.steps);
    List<Long> offsets = new ArrayList<>(block.offsets);
    steps.add(step);
    offsets.add(offset);
    return new Block(steps, offsets);
  }

  private static long up(double minutes) {
    return (long) Math.ceil(minutes - 1e-9);
  }

  /** Notes which block needs which. */
  private void tie(List<Block> blocks) {
    for (int i = 0; i < blocks.size(); i++) {
      Block block = blocks.get(i);
      block.number = i;
      block.steps.forEach(step -> blockOf.put(step.id(), block));
    }
    for (Block block : blocks) {
      block.latestStart = readyBy.minusMinutes(block.minutes());
      for (Step step : block.steps) {
        for (Step.Need need : step.needs()) {
          Block earlier = blockOf.get(need.stepId());
          if (earlier != null && earlier != block && block.before.add(earlier)) {
            earlier.followers++;
          }
        }
      }
    }
  }

  /** What a block needed may be placed now, as late as it allows. */
  private void release(Block block) {
    for (Step step : block.steps) {
      List<Sitting> place = places.get(step.id());
      if (place != null) {
        step.needs().forEach(need -> limit(block, need, place.getFirst().from()));
      }
    }
    block.before.forEach(it -> it.followers--);
  }

  private void limit(Block block, Step.Need need, LocalDateTime starts) {
    Block earlier = blockOf.get(need.stepId());
    if (earlier == null || earlier == block) {
      return;
    }
    int at = earlier.steps.stream().map(Step::id).toList().indexOf(need.stepId());
    long toItsEnd = earlier.offsets.get(at) + length(earlier.steps.get(at));
    LocalDateTime allowed = starts.minusMinutes(up(need.notBefore()) + toItsEnd);
    if (allowed.isBefore(earlier.latestStart)) {
      earlier.latestStart = allowed;
    }
  }

  private void place(Block block) {
    LocalDateTime latest = block.latestStart;
    Step only = block.steps.getFirst();
    boolean spread = block.steps.size() == 1 && only.divisible();
    boolean found =
        spread ? placeSpread(only, latest.plusMinutes(length(only))) : placeWhole(block, latest);
    if (!found) {
      String reason =
          hours.longest() < block.minutes() && !spread
              ? "it takes "
                  + shown(block.minutes())
                  + " at a stretch; the longest free stretch of"
                  + " the week is "
                  + shown(hours.longest())
              : "no free hours were found for it within three years before the event";
      block.steps.forEach(step -> failures.put(step.id(), reason));
    }
  }

  private static String shown(long minutes) {
    return Display.duration((double) minutes);
  }

  private boolean placeWhole(Block block, LocalDateTime latestStart) {
    LocalDateTime latestEnd = latestStart.plusMinutes(block.minutes());
    for (int back = 0; back < FURTHEST_DAYS; back++) {
      for (Sitting free : freeLatestFirst(latestEnd.toLocalDate().minusDays(back))) {
        LocalDateTime end = free.to().isBefore(latestEnd) ? free.to() : latestEnd;
        LocalDateTime start = end.minusMinutes(block.minutes());
        if (!start.isBefore(free.from())) {
          take(new Sitting(start, end));
          for (int i = 0; i < block.steps.size(); i++) {
            Step step = block.steps.get(i);
            LocalDateTime from = start.plusMinutes(block.offsets.get(i));
            places.put(step.id(), List.of(new Sitting(from, from.plusMinutes(length(step)))));
          }
          return true;
        }
      }
    }
    return false;
  }

  private boolean placeSpread(Step step, LocalDateTime latestEnd) {
    List<Sitting> sittings = new ArrayList<>();
    long left = length(step);
    for (int back = 0; back < FURTHEST_DAYS && left > 0; back++) {
      for (Sitting free : freeLatestFirst(latestEnd.toLocalDate().minusDays(back))) {
        LocalDateTime end = free.to().isBefore(latestEnd) ? free.to() : latestEnd;
        long room = ChronoUnit.MINUTES.between(free.from(), end);
        if (left > 0 && room >= Math.min(left, SHORTEST_SITTING)) {
          long minutes = Math.min(room, left);
          sittings.addFirst(new Sitting(end.minusMinutes(minutes), end));
          left -= minutes;
        }
      }
    }
    if (left > 0) {
      return false;
    }
    sittings.forEach(this::take);
    places.put(step.id(), List.copyOf(sittings));
    return true;
  }

  private void take(Sitting sitting) {
    free.remove(sitting.from().toLocalDate());
    taken.computeIfAbsent(sitting.from().toLocalDate(), day -> new ArrayList<>()).add(sitting);
  }

  /** What is free on a day, the latest stretch first; remembered until some of it is taken. */
  private List<Sitting> freeLatestFirst(LocalDate day) {
    return free.computeIfAbsent(day, this::untaken);
  }

  private List<Sitting> untaken(LocalDate day) {
    List<Sitting> left = new ArrayList<>();
    for (FreeHours.Stretch stretch : hours.on(day)) {
      LocalDateTime from = day.atTime(stretch.from());
      List<Sitting> busy =
          taken.getOrDefault(day, List.of()).stream()
              .sorted(Comparator.comparing(Sitting::from))
              .toList();
      for (Sitting used : busy) {
        if (used.from().isBefore(day.atTime(stretch.to())) && used.to().isAfter(from)) {
          if (used.from().isAfter(from)) {
            left.add(new Sitting(from, used.from()));
          }
          from = used.to();
        }
      }
      if (from.isBefore(day.atTime(stretch.to()))) {
        left.add(new Sitting(from, day.atTime(stretch.to())));
      }
    }
    return List.copyOf(left.reversed());
  }
}
