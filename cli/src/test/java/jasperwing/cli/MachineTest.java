package jasperwing.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** What a machine lacks is installed with leave only; commands that only say what they were asked stand for those of the system. */
@DisabledOnOs(OS.WINDOWS)
class MachineTest {
    private static final Path ROOT = Path.of(System.getProperty("jasperwing.root", "."));

    @TempDir
    Path commands;

    @BeforeEach
    void somebody() throws IOException {
        command("id", "echo 1000");
        command("apt-get", "echo \"apt-get $*\" >>" + commands.resolve("asked"));
        command(
                "sudo",
                "while [ $# -gt 0 ]; do case \"$1\" in -n|env|*=*) shift ;; *) break ;; esac; done\n"
                        + "case \"$1\" in true) ;; *) \"$@\" ;; esac");
    }

    private void command(String name, String script) throws IOException {
        Path file = commands.resolve(name);
        Files.writeString(file, "#!/usr/bin/env bash\n" + script + "\n");
        assertThat(file.toFile().setExecutable(true)).isTrue();
    }

    private record Outcome(int code, String said) {}

    private Outcome need(Map<String, String> surroundings) throws IOException, InterruptedException {
        ProcessBuilder shell = new ProcessBuilder(
                "bash", "-euo", "pipefail", "-c", ". config/machine.sh; need_packages 'a virtual display' xvfb xauth");
        shell.directory(ROOT.toFile()).redirectErrorStream(true);
        shell.environment().remove("CI");
        shell.environment().merge("PATH", commands.toString(), (path, mine) -> mine + ":" + path);
        shell.environment().putAll(surroundings);
        Process process = shell.start();
        process.getOutputStream().close();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Outcome(process.waitFor(), said);
    }

    private String asked() throws IOException {
        Path asked = commands.resolve("asked");
        return Files.exists(asked) ? Files.readString(asked) : "";
    }

    @Test
    void withoutLeaveNothingIsInstalled() throws Exception {
        Outcome outcome = need(Map.of());
        assertThat(outcome.code()).isEqualTo(2);
        assertThat(outcome.said()).contains("Missing: a virtual display", "sudo apt-get install xvfb xauth", "--yes");
        assertThat(asked()).isEmpty();
    }

    @Test
    void withLeaveItIs() throws Exception {
        assertThat(need(Map.of("JASPERWING_YES", "yes")).code()).isZero();
        assertThat(asked()).contains("install -y -qq xvfb xauth");
    }

    @Test
    void aBuildServerIsNotAsked() throws Exception {
        assertThat(need(Map.of("CI", "true")).code()).isZero();
        assertThat(asked()).contains("install -y -qq xvfb xauth");
    }

    @Test
    void rootIsNotAsked() throws Exception {
        command("id", "echo 0");
        assertThat(need(Map.of()).code()).isZero();
        assertThat(asked()).contains("install -y -qq xvfb xauth");
    }
}
