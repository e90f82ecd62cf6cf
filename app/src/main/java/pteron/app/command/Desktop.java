package pteron.app.command;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import pteron.app.keep.Faults;
import pteron.app.keep.UserFolders;
import pteron.app.window.AppWindow;
import pteron.exchange.file.WholeFile;

/** Runs the interface: until its window is closed, or until a picture is taken. */
final class Desktop {

    /** Frames until fonts, styles and layout have settled. */
    private static final int SETTLED_AFTER_FRAMES = 12;

    private final CountDownLatch closed = new CountDownLatch(1);
    private final AtomicReference<Throwable> fault = new AtomicReference<>();

    private Desktop() {}

    /**
     * Shows a window.
     *
     * @param size its size
     * @param fill puts something into it
     * @param shot where a picture of it goes; null to stay until it is closed
     * @throws IOException if the picture cannot be written
     */
    static void run(PictureSize size, Consumer<AppWindow> fill, Path shot) throws IOException {
        new Desktop().start(size, fill, shot);
    }

    private void start(PictureSize size, Consumer<AppWindow> fill, Path shot) throws IOException {
        Faults.catchAll();
        Platform.startup(() -> guarded(() -> open(size, fill, shot)));
        try {
            closed.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        Platform.exit();
        switch (fault.get()) {
            case null -> {}
            case IOException e -> throw e;
            case RuntimeException e -> throw e;
            case Throwable e -> throw new IllegalStateException(e);
        }
    }

    private void guarded(Runnable work) {
        try {
            work.run();
        } catch (RuntimeException e) {
            fault.set(e);
            closed.countDown();
        }
    }

    private void open(PictureSize size, Consumer<AppWindow> fill, Path shot) {
        Stage stage = new Stage();
        AppWindow window = new AppWindow(stage, size.width(), size.height());
        if (shot == null) {
            window.remember(UserFolders.settings());
        }
        fill.accept(window);
        stage.setOnHidden(event -> closed.countDown());
        stage.show();
        if (shot != null) {
            new Shutter(window, shot).start();
        } else {
            window.files().offerRecovered();
        }
    }

    /** Takes the picture once the cutting is done and everything has settled. */
    private final class Shutter extends AnimationTimer {
        private final AppWindow window;
        private final Path file;
        private int frames;

        Shutter(AppWindow window, Path file) {
            this.window = window;
            this.file = file;
        }

        @Override
        public void handle(long now) {
            boolean busy =
                    window.bench() != null && window.bench().cutting().workingProperty().get();
            frames = busy ? 0 : frames + 1;
            if (frames >= SETTLED_AFTER_FRAMES) {
                stop();
                guarded(this::take);
            }
        }

        private void take() {
            Scene scene = window.scene();
            BufferedImage picture = SwingFXUtils.fromFXImage(scene.snapshot(null), null);
            try {
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                ImageIO.write(picture, "png", bytes);
                WholeFile.write(file, bytes.toByteArray());
            } catch (IOException e) {
                fault.set(e);
            }
            window.dispose();
            closed.countDown();
        }
    }
}
