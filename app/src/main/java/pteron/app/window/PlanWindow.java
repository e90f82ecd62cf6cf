package pteron.app.window;

import java.nio.file.Path;
import java.util.List;
import pteron.app.document.PlanDocument;
import pteron.app.station.Workbench;

/** What files and lists need of the window that shows the plan. */
interface PlanWindow {

    /** {@return what is looked at, null on the start screen} */
    Workbench bench();

    /** {@return dialogs over the window} */
    Dialogs dialogs();

    /** Says a sentence. */
    void tell(String title, String sentence);

    /** {@return ends what is said while something is worked on beside; it is said from half a second on} */
    Runnable underway(String words);

    /** Shows a document in place of what is shown. */
    void show(PlanDocument document);

    /** Shows the start screen. */
    void showStart();

    /** Remembers that a file was opened or saved. */
    void opened(Path file);

    /** {@return the files opened last, newest first} */
    List<Path> recentFiles();
}
