import java.lang.management.ManagementFactory;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import pteron.app.window.AppWindow;
import pteron.exchange.demo.Demos;

/** Tells how long after the JVM's start a window has its first picture: a bare one, or that of the demo. */
public final class FirstPicture {

    private FirstPicture() {}

    /** Shows a window, tells the time and ends. */
    public static void main(String[] words) {
        boolean bare = words[0].equals("bare");
        Platform.startup(() -> show(bare));
    }

    private static void show(boolean bare) {
        Stage stage = new Stage();
        if (bare) {
            stage.setScene(new Scene(new StackPane(new Label("a window")), 1280, 800));
        } else {
            new AppWindow(stage, 1280, 800).show(Demos.wagtail(), null);
        }
        stage.show();
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == 2) {
                    long start = ManagementFactory.getRuntimeMXBean().getStartTime();
                    System.out.println(System.currentTimeMillis() - start);
                    Runtime.getRuntime().halt(0);
                }
            }
        }.start();
    }
}
