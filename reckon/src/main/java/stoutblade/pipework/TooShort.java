package stoutblade.pipework;

/** A run that is shorter than what is at its ends takes. */
public final class TooShort extends IllegalArgumentException {

  private static final long serialVersionUID = 1;

  private final int from;
  private final int to;
  private final double neededMm;

  TooShort(int from, int to, double neededMm, double foundMm) {
    super(
        "%s to %s: what is at its ends needs %.1f mm; found %.1f mm"
            .formatted(Skeleton.name(from), Skeleton.name(to), neededMm, foundMm));
    this.from = from;
    this.to = to;
    this.neededMm = neededMm;
  }

  /** The number of the pipe that it is, from 0. */
  public int pipe(Skeleton skeleton) {
    return skeleton.pipes().stream()
        .filter(it -> it.at(from) && it.at(to))
        .findFirst()
        .map(skeleton.pipes()::indexOf)
        .orElseThrow();
  }

  /** How long it is at least, from middle to middle, in mm. */
  public double neededMm() {
    return neededMm;
  }
}
