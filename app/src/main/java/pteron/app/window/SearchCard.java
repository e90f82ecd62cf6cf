package pteron.app.window;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import pteron.app.action.Command;
import pteron.app.help.HelpTexts;
import pteron.app.help.Topic;
import pteron.app.opening.UnitPlacing;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.app.style.PlainField;
import pteron.core.drawing.View;
import pteron.core.field.ChoiceField;
import pteron.core.field.LengthsField;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.frame.FrameStation;
import pteron.core.frame.Member;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.OpeningStation;
import pteron.core.placing.ShelfUnit;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.Opening;
import pteron.core.quantity.Quantity;
import pteron.core.shell.PanelKind;
import pteron.exchange.words.FindingWords;

/** Find, go to, do: every command, figure and finding by a few letters. */
final class SearchCard extends VBox {

    private static final double WIDTH = 520;
    private static final double HEIGHT = 380;

    /** Something found. */
    private record Hit(String words, String kind, Runnable action) {

        /** {@return whether it holds some letters, in whatever size} */
        boolean has(String letters) {
            return words.toLowerCase(Locale.ROOT).contains(letters);
        }

        /** {@return 0 where it begins with what is typed, 1 where it holds it as one, 2 where its words are apart} */
        int rank(String typed) {
            boolean begins = words.toLowerCase(Locale.ROOT).startsWith(typed);
            return begins ? 0 : has(typed) ? 1 : 2;
        }
    }

    private final Consumer<Node> away;
    private final List<Hit> all = new ArrayList<>();
    private final ListView<Hit> list = new ListView<>();

    SearchCard(Workbench bench, Commands commands, Consumer<Node> away) {
        super(6);
        this.away = away;
        collect(bench, commands);
        TextField typed = new PlainField();
        typed.setId("search-field");
        typed.setPromptText(
                "an input, an opening, a member, a material, a figure, a command, a word of the trade");
        list.setId("search-list");
        list.setPlaceholder(Cells.quiet("No match: try a shorter word"));
        list.getItems().setAll(all);
        list.setCellFactory(view -> new HitCell());
        list.setPrefSize(WIDTH, HEIGHT);
        typed.textProperty().subscribe(text -> filter(text));
        typed.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.setOnMouseClicked(event -> take());
        getChildren().addAll(typed, list);
        getStyleClass().add("search-box");
    }

    private void collect(Workbench bench, Commands commands) {
        BoxModel model = bench.document().model();
        for (Command command : commands.all()) {
            all.add(new Hit(command.name(), command.keysText(), command::run));
        }
        for (Finding finding : model.findings()) {
            all.add(
                    new Hit(
                            FindingWords.headline(finding),
                            "finding",
                            () -> bench.findingProperty().set(finding)));
        }
        for (Opening opening : model.plan().openings()) {
            all.add(new Hit(opening.name(), "opening", () -> show(bench, opening)));
        }
        units(bench);
        inputs(bench, PlanFields.of(model.plan(), model.library()));
        for (Figure figure : model.figures()) {
            String words = figure.name() + "  " + figure.text(bench.units());
            all.add(new Hit(words, "working", () -> bench.workingProperty().set(figure.key())));
        }
        stuff(bench, model);
        help(commands);
    }

    /** What can be put into a wall or a roof. */
    private void units(Workbench bench) {
        UnitPlacing placing = new UnitPlacing(bench);
        for (ShelfUnit unit : UnitShelf.UNITS) {
            Runnable add =
                    () -> {
                        bench.stationProperty().set(OpeningStation.OPENINGS);
                        placing.add(unit);
                    };
            all.add(new Hit("Add: " + unit.name(), "unit of the shelf", add));
        }
    }

    /** Members and materials. */
    private void stuff(Workbench bench, BoxModel model) {
        for (Member member : model.members()) {
            String words =
                    member.name() + "  " + Quantity.mm(member.lengthMm()).text(bench.units());
            all.add(new Hit(words, "member", () -> show(bench, member)));
        }
        for (Material material : model.library().all()) {
            all.add(new Hit(material.name(), "material", () -> bench.showMaterial(material.id())));
        }
    }

    private void help(Commands commands) {
        for (Topic word : HelpTexts.words()) {
            all.add(new Hit(word.title(), "word of the trade", () -> commands.word(word.title())));
        }
        for (Topic how : HelpTexts.howTos()) {
            all.add(new Hit(how.title(), "how-to", () -> commands.get("help").run()));
        }
    }

    private void inputs(Workbench bench, PlanFields fields) {
        for (NumberField field : fields.numbers()) {
            String words =
                    field.name() + "  " + field.value(bench.document().plan()).text(bench.units());
            all.add(new Hit(words, "input", () -> bench.goTo(field)));
        }
        for (LengthsField field : fields.lengths()) {
            String words = field.name() + "  " + field.text(bench.document().plan());
            all.add(new Hit(words, "input", () -> bench.goTo(field)));
        }
        for (ChoiceField field : fields.choices()) {
            all.add(new Hit(field.name(), "input", () -> bench.goTo(field)));
            choices(bench, field);
        }
    }

    /** What a choice offers; of materials each is found by itself. */
    private void choices(Workbench bench, ChoiceField field) {
        MaterialLibrary library = bench.document().model().library();
        for (String option : field.options()) {
            if (!library.contains(option)) {
                String words = field.name() + ": " + option;
                all.add(new Hit(words, "select it", () -> select(bench, field, option)));
            }
        }
    }

    /** A choice that was found is made, and shown where it was made. */
    private static void select(Workbench bench, ChoiceField field, String option) {
        bench.edit(plan -> field.set().apply(plan, option));
        bench.goTo(field);
    }

    private static void show(Workbench bench, Opening opening) {
        bench.stationProperty().set(OpeningStation.OPENINGS);
        bench.viewProperty().set(View.of(opening.wall()));
        bench.selectedProperty().set(opening.id());
    }

    private static void show(Workbench bench, Member member) {
        bench.stationProperty().set(FrameStation.FRAME);
        PanelKind.viewOf(member.panel().kind()).ifPresent(bench.viewProperty()::set);
        bench.selectedProperty().set(member.name());
    }

    private void filter(String text) {
        String typed = text.toLowerCase(Locale.ROOT).strip();
        List<String> words = List.of(typed.split("\\s+"));
        list.getItems()
                .setAll(
                        all.stream()
                                .filter(hit -> words.stream().allMatch(hit::has))
                                .sorted(Comparator.comparingInt(hit -> hit.rank(typed)))
                                .toList());
        // Enter before anything is typed does nothing
        if (text.isBlank()) {
            list.getSelectionModel().clearSelection();
        } else {
            list.getSelectionModel().selectFirst();
        }
    }

    private void key(KeyEvent event) {
        int at = list.getSelectionModel().getSelectedIndex();
        switch (event.getCode()) {
            case DOWN -> list.getSelectionModel().select(at + 1);
            case UP -> list.getSelectionModel().select(Math.max(0, at - 1));
            case ENTER -> take();
            default -> {
                return;
            }
        }
        if (event.getCode() != KeyCode.ENTER) {
            list.scrollTo(list.getSelectionModel().getSelectedIndex());
        }
        event.consume();
    }

    private void take() {
        Hit hit = list.getSelectionModel().getSelectedItem();
        away.accept(this);
        if (hit != null) {
            hit.action.run();
        }
    }

    private static final class HitCell extends ListCell<Hit> {
        @Override
        protected void updateItem(Hit hit, boolean empty) {
            super.updateItem(hit, empty);
            setText(empty ? "" : hit.words + (hit.kind.isEmpty() ? "" : "   ·  " + hit.kind));
        }
    }
}
