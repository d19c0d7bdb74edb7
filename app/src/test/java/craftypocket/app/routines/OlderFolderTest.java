package craftypocket.app.routines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.app.RunningApplication;
import craftypocket.app.http.Problems;
import craftypocket.app.http.Refusal;
import craftypocket.app.versions.Tags;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;

/** A page outlives the folder that it was opened from: what it has never takes the place of what it did not see. */
class OlderFolderTest {

    @TempDir
    Path data;

    private static StoredRoutine edit(RoutineService routines, StoredRoutine of, String title) {
        return routines.edit(of.id(), Tags.of(of.version()), UUID.randomUUID(), RoutineDocument.empty(title));
    }

    private static String kind(Throwable refused) {
        return Problems.of((Refusal) refused).getType().toString().replaceFirst(".*:", "");
    }

    @Test
    void in_the_place_of_a_newer_one_has_no_version_that_was_lost_by_that() throws IOException {
        StoredRoutine first;
        StoredRoutine third;
        try (ConfigurableApplicationContext program = RunningApplication.start(data, "false")) {
            RoutineService routines = program.getBean(RoutineService.class);
            first = routines.create(RoutineDocument.empty("First"), UUID.randomUUID());
        }
        Path file = data.resolve("crafty-pocket.mv.db");
        Path copy = data.resolve("copy");
        Files.copy(file, copy);
        try (ConfigurableApplicationContext program = RunningApplication.start(data, "false")) {
            RoutineService routines = program.getBean(RoutineService.class);
            third = edit(routines, edit(routines, first, "Second"), "Third");
            assertThatThrownBy(() -> edit(routines, first, "From another window"))
                    .satisfies(refused -> assertThat(kind(refused)).isEqualTo("changed-elsewhere"));
        }
        Files.move(copy, file, StandardCopyOption.REPLACE_EXISTING);
        try (ConfigurableApplicationContext program = RunningApplication.start(data, "false")) {
            RoutineService routines = program.getBean(RoutineService.class);
            StoredRoutine now = edit(routines, edit(routines, first, "Another second"), "Another third");

            // As many edits as before, and yet another version.
            assertThat(now.version()).isNotEqualTo(third.version());
            assertThatThrownBy(() -> edit(routines, third, "Fourth"))
                    .satisfies(refused -> assertThat(kind(refused)).isEqualTo("other-folder"));
            assertThat(routines.find(first.id()).routine().title()).isEqualTo("Another third");
        }
    }
}
