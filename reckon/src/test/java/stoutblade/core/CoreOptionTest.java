package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.body.Body;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;

/** Cores compared: each is what it would be if it were chosen. */
class CoreOptionTest {

  private static Project then(Project project, Change edit) {
    return edit.in(Prop.FIRST).applyTo(project);
  }

  private static Cored cored(Project project) {
    Body body = Samples.derive(project).first().parts().getFirst().body().orElseThrow();
    return body.cored();
  }

  private static CoreReckoning core(Project project) {
    return Samples.derive(project).first().parts().getFirst().core().orElseThrow();
  }

  /** What is compared is what comes out once it is taken, by the whole reckoning. */
  @Test
  void each_option_is_what_it_is_once_it_is_taken() {
    Project blade = Samples.whole();
    String id = blade.first().parts().getFirst().id();
    Project project = then(blade, LayerEdits.add(id, 1));
    project = then(project, Edits.coreEnd(id, 200));
    CoreChoice now = project.first().parts().getFirst().core().orElseThrow();

    List<CoreOption> all =
        CoreOption.all(cored(project), now, Optional.of(now), Samples.CATALOGUE.rods());

    assertThat(all).extracting(CoreOption::choice).contains(now).doesNotHaveDuplicates();
    assertThat(all.stream().map(it -> it.rod().id()).distinct())
        .containsExactlyElementsOf(Samples.CATALOGUE.rods().stream().map(it -> it.id()).toList());
    for (CoreOption option : all) {
      Project taken =
          then(
              project,
              Edits.rod(id, option.rod().id(), option.choice())
                  .then(Edits.squeezed(id, option.choice().work().squeezedMm())));
      CoreReckoning core = core(taken);
      assertThat(core.mass().value()).isEqualTo(option.core().mass().value());
      assertThat(core.droop().value()).isEqualTo(option.core().droop().value());
      assertThat(core.balance().value()).isEqualTo(option.core().balance().value());
      assertThat(option.fits() == CoreOption.Fits.FITS).isEqualTo(!core.tooDeep() && !core.shows());
    }
  }

  /** Pipe of 21.3 mm in three layers of 10 mm: 5.65 mm of each outer one, where 5 are allowed. */
  @Test
  void a_pipe_that_does_not_fit_is_there_squeezed_as_well_no_flatter_than_it_must_be() {
    Project blade = Samples.whole();
    String id = blade.first().parts().getFirst().id();
    Cored three = cored(then(blade, LayerEdits.add(id, 1)));
    CoreChoice like = new CoreChoice("dowel-9", -150, 200, 0);

    List<CoreOption> pipes =
        CoreOption.all(three, like, Optional.empty(), List.of(Samples.PIPE, Samples.DOWEL)).stream()
            .filter(it -> it.rod().equals(Samples.PIPE))
            .toList();

    assertThat(pipes).hasSize(2);
    assertThat(pipes.getFirst().fits()).isEqualTo(CoreOption.Fits.DEEP);
    assertThat(pipes.getLast().choice().work().squeezedMm()).contains(20.0);
    assertThat(pipes.getLast().fits()).isEqualTo(CoreOption.Fits.FITS);
    CoreChoice higher = pipes.getLast().choice().withSqueezed(Optional.of(21.0));
    assertThat(CoreReckoning.of(three, higher, Samples.PIPE).tooDeep()).isTrue();
    assertThat(CoreOption.squeezed(three, CoreReckoning.of(three, like, Samples.DOWEL))).isEmpty();
  }
}
