import java.lang.management.ManagementFactory;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.stage.Stage;

/** The smallest JavaFX window with a text in it; says when it is painted, and ends. */
public class EmptyWindow extends Application {
    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new Label("Empty"), 1280, 800));
        stage.show();
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                if (++pulses == 2) {
                    System.out.println(ManagementFactory.getRuntimeMXBean().getUptime());
                    Platform.exit();
                }
            }
        }.start();
    }

    public static void main(String[] arguments) {
        launch(arguments);
    }
}
