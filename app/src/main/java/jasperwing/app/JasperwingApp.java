package jasperwing.app;

import jasperwing.app.classes.ClassesStage;
import jasperwing.app.draw.DrawStage;
import jasperwing.app.draw.StartCard;
import jasperwing.app.files.Files;
import jasperwing.app.files.PathPrompt;
import jasperwing.app.files.Settings;
import jasperwing.app.keys.KeysStage;
import jasperwing.app.shell.Shell;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.UncaughtErrors;
import jasperwing.app.workspace.Workspace;
import jasperwing.arrange.Arrange;
import jasperwing.classes.targets.Targets;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.picture.Typefaces;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;

/** The window. */
public final class JasperwingApp extends Application {
    /** How long after the start what may be needed later is loaded, in milliseconds. */
    private static final int IDLE = 1500;

    /** So many classes are made once that making others is fast. */
    private static final int FEW = 60;

    private static Start start = Start.with(Design.named("New design"));

    /**
     * What the window begins with.
     *
     * @param file where the design came from and is saved to; empty for one that has no file yet
     * @param aside where a design without a file was kept until now
     * @param notice what could not be opened, and why, for the user to choose another
     * @param script what drives the window when it is open; empty to let the user use it
     */
    public record Start(
            Design design,
            Optional<Path> file,
            Optional<Path> aside,
            Optional<Notice> notice,
            Optional<Consumer<Window>> script) {
        /** A design that is kept nowhere yet. */
        public static Start with(Design design) {
            return new Start(design, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
        }

        /** An empty design, and why it is not the one of a file. */
        public static Start insteadOf(Path file, String why) {
            return new Start(
                    Design.named("New design"),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(new Notice(file, why)),
                    Optional.empty());
        }
    }

    /** A file that could not be opened, and why. */
    public record Notice(Path file, String why) {}

    /** Opens the window and returns when it is closed. Can be called once in a process. */
    public static void open(Start with) {
        start = with;
        System.setProperty("java.awt.headless", "true");
        Application.launch(JasperwingApp.class);
    }

    @Override
    public void start(Stage window) {
        Window opened = Window.open(window, start, Settings.standard(), UncaughtErrors.everywhere());
        if (Boolean.getBoolean("jasperwing.measure")) {
            StartTime.report();
        }
        opened.loadAhead();
        start.script().ifPresent(s -> s.accept(opened));
    }

    /** The parts of an open window, for what drives it. */
    public record Window(
            Stage stage,
            Workspace workspace,
            Files files,
            Shell shell,
            Appearance appearance,
            DrawStage draw,
            KeysStage keys,
            ClassesStage classes) {
        /** Opens a first window. */
        public static Window open(Stage stage, Start start, Settings settings, UncaughtErrors uncaught) {
            Shell.loadFonts();
            return open(stage, start, settings, new Appearance(settings), uncaught);
        }

        private static Window open(
                Stage stage, Start start, Settings settings, Appearance shared, UncaughtErrors uncaught) {
            Appearance appearance = shared.ofWindow();
            Workspace workspace = new Workspace(start.design(), start.file());
            workspace.dialect().bindBidirectional(appearance.dialect());
            Files files = new Files(workspace, settings, start.aside());
            PathPrompt prompt = new PathPrompt();
            DrawStage draw = new DrawStage(workspace, appearance, prompt);
            KeysStage keys = new KeysStage(workspace, appearance, prompt);
            Runnable[] onDraw = new Runnable[1];
            ClassesStage classes = new ClassesStage(workspace, appearance, () -> onDraw[0].run());
            Runnable another =
                    () -> open(new Stage(), Start.with(Design.named("New design")), settings, shared, uncaught);
            uncaught.reportTo(stage, workspace.problems());
            Shell shell = new Shell(workspace, files, appearance, prompt, List.of(draw, keys, classes), another);
            onDraw[0] = () -> shell.go(draw);
            keys.whenShownOnDraw(onDraw[0]);
            stage.setScene(Shell.scene(shell, appearance, WindowPlace.WIDTH, WindowPlace.HEIGHT));
            WindowPlace.give(stage, appearance);
            stage.titleProperty().bind(files.state().map(s -> workspace.design().name() + " \u2013 Jasperwing"));
            whenClosed(stage, workspace, files, appearance);
            stage.show();
            sayWhatIsNotOpen(start, files);
            Platform.runLater(() -> draw.shown());
            Window window = new Window(stage, workspace, files, shell, appearance, draw, keys, classes);
            window.offerWaysToBegin();
            return window;
        }

        private static void whenClosed(Stage stage, Workspace workspace, Files files, Appearance appearance) {
            stage.setOnCloseRequest(e -> {
                if (!files.mayClose()) {
                    e.consume();
                }
            });
            stage.setOnHiding(e -> WindowPlace.remember(stage, appearance));
            stage.setOnHidden(e -> {
                files.close();
                workspace.close();
            });
        }

        private static void sayWhatIsNotOpen(Start start, Files files) {
            start.notice().ifPresent(n -> files.sayNotOpened(n.file(), n.why()));
            start.file().ifPresent(f -> files.openElsewhere(f).ifPresent(why -> files.sayNotOpened(f, why)));
        }

        /** While nothing else is to be done after the start, so that the first look at the classes and the first sentences are not kept waiting. */
        private void loadAhead() {
            Entity thing = Entity.of("Thing")
                    .withAttributes(List.of(
                            Attribute.of("id", Type.of(Scalar.SERIAL)), Attribute.of("name", new Type.Text(80))))
                    .withKey(Members.of("id"));
            Design several = Design.named("Several")
                    .withEntities(IntStream.range(0, FEW)
                            .mapToObj(i -> thing.withName("Thing" + i))
                            .toList());
            workspace
                    .background()
                    .worker("loading templates and layout", Thread.MIN_PRIORITY)
                    .runLater(IDLE, () -> {
                        Arrange.unplacedAtOnce(several, "", Typefaces.get());
                        Targets.usual().files(several);
                    });
        }

        private void offerWaysToBegin() {
            draw.offer(new StartCard.Choices(shell::say, draw::drawFirst, files::openDemo, files::askOpen, () -> {
                files.openDemo();
                shell.tour(DemoTour.of(this));
            }));
        }
    }
}
