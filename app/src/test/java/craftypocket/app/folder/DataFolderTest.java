package craftypocket.app.folder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said of a folder on which the program cannot start, word by word; and that nothing is written to it. */
class DataFolderTest {

    private static final String ELSEWHERE = "./start --data FOLDER";

    @TempDir
    Path place;

    private static void sql(Path folder, String... statements) throws SQLException {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("crafty-pocket"), "sa", "");
                Statement statement = connection.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    private static void folderOfVersion(Path folder, int version) throws SQLException {
        sql(
                folder,
                "create table \"flyway_schema_history\" (\"version\" varchar(50))",
                "insert into \"flyway_schema_history\" values ('" + version + "')");
    }

    private static void assertRefused(Path folder, String sentence) {
        assertThatThrownBy(() -> DataFolder.open(folder.toString(), ""))
                .isInstanceOf(FolderRefused.class)
                .hasMessage(sentence);
    }

    @Test
    void a_folder_is_made_where_there_is_none_and_blanks_in_its_name_are_no_matter() {
        Path folder = place.resolve("my cards/night ferry");

        try (DataFolder opened = DataFolder.open(folder.toString(), "")) {
            assertThat(folder).isDirectory();
            assertThat(opened.readOnly()).isFalse();
            assertThat(opened.url()).startsWith("jdbc:h2:file:" + folder + "/crafty-pocket;WRITE_DELAY=0;");
        }
    }

    @Test
    void a_semicolon_would_reach_the_database_and_is_refused() {
        assertThatThrownBy(() -> DataFolder.open(place + "/x;INIT=drop all objects", ""))
                .hasMessage("The folder “" + place + "/x;INIT=drop all objects” has a semicolon in its name, which the"
                        + " database cannot take. Choose another: " + ELSEWHERE);
        assertThat(place).isEmptyDirectory();
    }

    @Test
    void a_file_in_its_place_is_told() throws IOException {
        Path file = Files.writeString(place.resolve("notes"), "mine");

        assertRefused(file, file + " is a file, not a folder. Move it away, or choose another folder: " + ELSEWHERE);
        assertThat(file).hasContent("mine");
    }

    @Test
    void a_second_instance_is_told_where_the_first_one_is() {
        try (DataFolder first = DataFolder.open(place.toString(), "")) {
            first.announce("http://127.0.0.1:8170");

            assertRefused(
                    place,
                    "Crafty Pocket is already running on the folder " + place
                            + ", at http://127.0.0.1:8170. Use that one, or start on another folder: " + ELSEWHERE);
        }
        DataFolder.open(place.toString(), "").close();
    }

    @Test
    void a_database_that_this_very_process_has_open_can_be_looked_at() throws SQLException {
        folderOfVersion(place, DataFolder.NEWEST_SCHEMA);
        try (Connection old = DriverManager.getConnection("jdbc:h2:file:" + place.resolve("crafty-pocket"), "sa", "")) {
            assertThat(old.isClosed()).isFalse();
            DataFolder.open(place.toString(), "").close();
        }
    }

    @Test
    void a_folder_of_a_newer_version_is_left_alone() throws Exception {
        folderOfVersion(place, DataFolder.NEWEST_SCHEMA + 1);
        byte[] before = Files.readAllBytes(place.resolve("crafty-pocket.mv.db"));

        assertRefused(
                place,
                "The folder " + place
                        + " was written by a newer Crafty Pocket. Start that one, or choose another folder: "
                        + ELSEWHERE);
        assertThat(Files.readAllBytes(place.resolve("crafty-pocket.mv.db"))).isEqualTo(before);
    }

    @Test
    void the_newest_version_that_is_known_is_the_newest_there_is() throws IOException {
        try (Stream<Path> sql = Files.list(Path.of("src/main/resources/db/migration"));
                Stream<Path> java = Files.list(Path.of("src/main/java/craftypocket/app/folder"))) {
            int newest = Stream.concat(sql, java)
                    .map(file -> file.getFileName().toString())
                    .filter(name -> name.matches("V\\d+__.*"))
                    .mapToInt(name -> Integer.parseInt(name.replaceFirst("V(\\d+)__.*", "$1")))
                    .max()
                    .orElseThrow();
            assertThat(newest).isEqualTo(DataFolder.NEWEST_SCHEMA);
        }
    }

    @Test
    void an_empty_file_is_not_taken_for_a_new_one() throws IOException {
        Path file = Files.createFile(place.resolve("crafty-pocket.mv.db"));

        assertRefused(
                place,
                "The file " + file + " is empty. There is no automatic copy of it. Put a copy of your own in its place,"
                        + " or start afresh on another folder: " + ELSEWHERE);
        assertThat(file).isEmptyFile();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 100, 4096, 8192, 12_288, 20_480})
    void what_a_first_start_left_half_made_is_put_aside_while_nobody_was_answered(int length) throws Exception {
        sql(place, "create table routine (id uuid primary key)");
        Path file = place.resolve("crafty-pocket.mv.db");
        byte[] half = Arrays.copyOf(Files.readAllBytes(file), length);
        Files.write(file, half);
        Files.createFile(place.resolve("crafty-pocket.lock"));

        DataFolder.open(place.toString(), "").close();

        assertThat(file).doesNotExist();
        assertThat(Files.readAllBytes(putAside())).isEqualTo(half);
    }

    @Test
    void half_of_the_tables_are_no_database_either_but_a_whole_one_stays() throws Exception {
        folderOfVersion(place, 1);
        Path lock = Files.createFile(place.resolve("crafty-pocket.lock"));

        DataFolder.open(place.toString(), "").close();
        assertThat(place.resolve("crafty-pocket.mv.db")).doesNotExist();

        folderOfVersion(place, DataFolder.NEWEST_SCHEMA);
        DataFolder.open(place.toString(), "").close();
        assertThat(lock).isEmptyFile();
        assertThat(place.resolve("crafty-pocket.mv.db")).exists();
    }

    @Test
    void once_it_has_answered_a_damaged_file_is_told_and_left() throws Exception {
        try (DataFolder first = DataFolder.open(place.toString(), "")) {
            first.announce("http://127.0.0.1:8170/longer");
            first.announce("http://127.0.0.1:8170");
        }
        assertThat(place.resolve("crafty-pocket.lock")).hasContent("http://127.0.0.1:8170\n");
        Path file = Files.createFile(place.resolve("crafty-pocket.mv.db"));

        assertThatThrownBy(() -> DataFolder.open(place.toString(), "")).hasMessageContaining("is empty");
        assertThat(file).exists();
    }

    private Path putAside() throws IOException {
        try (Stream<Path> files = Files.list(place)) {
            return files.filter(f -> f.getFileName().toString().contains("put-aside"))
                    .findFirst()
                    .orElseThrow();
        }
    }

    @Test
    void of_a_damaged_file_the_newest_copy_is_offered_and_put_in_its_place() throws Exception {
        folderOfVersion(place, DataFolder.NEWEST_SCHEMA);
        Path file = place.resolve("crafty-pocket.mv.db");
        byte[] good = Files.readAllBytes(file);
        Copies copies = new Copies(place);
        for (String day : List.of("2026-05-02", "2026-05-04")) {
            copies.make(LocalDate.parse(day), zip -> {
                try {
                    sql(place, "backup to '" + zip + "'");
                } catch (SQLException failed) {
                    throw new IOException(failed);
                }
                return "12 routines";
            });
            Files.setLastModifiedTime(
                    place.resolve("copies/crafty-pocket-" + day + ".zip"),
                    FileTime.from(LocalDateTime.parse(day + "T18:40:59")
                            .atZone(ZoneId.systemDefault())
                            .toInstant()));
        }
        byte[] damaged = good.clone();
        Arrays.fill(damaged, 0, damaged.length, (byte) 7);
        Files.write(file, damaged);

        assertRefused(
                place,
                "The file " + file + " is damaged and cannot be read. Go back to the automatic copy of 18:40 on"
                        + " 2026-05-04, 12 routines: ./start --restore 2026-05-04 (the file is put aside, not deleted).");
        assertThat(Files.readAllBytes(file)).isEqualTo(damaged);

        // The latest of all is offered first.
        copies.makeLatest(zip -> {
            Files.copy(place.resolve("copies/crafty-pocket-2026-05-04.zip"), zip);
            return "13 routines";
        });
        assertThatThrownBy(() -> DataFolder.open(place.toString(), ""))
                .hasMessageContainingAll(
                        ", 13 routines: ./start --restore latest",
                        LocalDate.now().toString());

        DataFolder.open(place.toString(), "latest").close();
        assertThat(Files.readAllBytes(putAside())).isEqualTo(damaged);
        DataFolder.open(place.toString(), "").close();
    }

    @Test
    void a_day_without_a_copy_is_told_with_those_there_are() throws Exception {
        assertThatThrownBy(() -> DataFolder.open(place.toString(), "2026-05-03"))
                .hasMessage("There is no automatic copy of “2026-05-03”. There is none at all in "
                        + place.resolve("copies") + ".");
        for (int day = 1; day <= 9; day++) {
            new Copies(place).make(LocalDate.of(2026, 5, day), zip -> {
                Files.writeString(zip, "copy");
                return "";
            });
        }

        assertThatThrownBy(() -> DataFolder.open(place.toString(), "../../etc"))
                .hasMessageContaining("There are copies of 2026-05-09, 2026-05-08, 2026-05-07, 2026-05-06, 2026-05-05,"
                        + " 2026-05-04, 2026-05-03.");
    }

    @Test
    void a_copy_that_breaks_off_leaves_nothing_behind() {
        Copies copies = new Copies(place);

        assertThatThrownBy(() -> copies.make(LocalDate.of(2026, 5, 4), zip -> {
                    Files.writeString(zip, "half");
                    throw new IOException("no room");
                }))
                .hasMessage("no room");
        assertThat(copies.days()).isEmpty();
        assertThat(place.resolve("copies")).isEmptyDirectory();
    }
}
