package jasperwing.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** Installing for a user, into a home folder of its own; what runs Jasperwing is a script in its place. */
@DisabledOnOs(OS.WINDOWS)
class InstallTest {
    private static final Path ROOT = Path.of(System.getProperty("jasperwing.root", "."));

    @TempDir
    Path home;

    private String run(String function) throws IOException, InterruptedException {
        Path stand = home.resolve("run");
        Files.writeString(
                stand,
                "#!/usr/bin/env bash\nif [ \"$1\" = man ]; then mkdir -p \"$3\"; echo .TH >\"$3/jasperwing.1\";"
                        + " echo .TH >\"$3/jasperwing-check.1\"; else echo \"# $*\"; fi\n");
        assertThat(stand.toFile().setExecutable(true)).isTrue();
        ProcessBuilder shell = new ProcessBuilder(
                "bash", "-euo", "pipefail", "-c", ". config/install.sh; " + function.replace("RUN", stand.toString()));
        shell.directory(ROOT.toFile()).redirectErrorStream(true);
        shell.environment().put("HOME", home.toString());
        shell.environment().keySet().removeAll(List.of("XDG_DATA_HOME", "XDG_CONFIG_HOME"));
        Process process = shell.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        return said;
    }

    private List<String> files() throws IOException {
        try (Stream<Path> all = Files.walk(home)) {
            return all.filter(f -> !Files.isDirectory(f))
                    .map(f -> home.relativize(f).toString())
                    .filter(f -> !f.equals("run") && !f.contains("cache") && !f.startsWith(".local/share/mime/"))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void whatInstallingMakesIsTakenAwayAgain() throws IOException, InterruptedException {
        assertThat(run("install_for_user \"$PWD\" RUN")).contains("Installed for", ".wing");
        Path data = home.resolve(".local/share");
        assertThat(files())
                .contains(
                        ".config/fish/completions/jasperwing.fish",
                        ".local/bin/jasperwing",
                        ".local/share/applications/jasperwing.desktop",
                        ".local/share/bash-completion/completions/jasperwing",
                        ".local/share/icons/hicolor/scalable/apps/jasperwing.svg",
                        ".local/share/man/man1/jasperwing-check.1");
        assertThat(data.resolve("mime/packages/jasperwing.xml")).content().contains("*.wing");
        assertThat(data.resolve("applications/jasperwing.desktop"))
                .content()
                .contains("/jasperwing\" open %f")
                .doesNotContain("@ROOT@");
        assertThat(data.resolve("bash-completion/completions/jasperwing")).hasContent("# completion bash");
        run("uninstall_for_user");
        assertThat(files()).isEmpty();
    }
}
