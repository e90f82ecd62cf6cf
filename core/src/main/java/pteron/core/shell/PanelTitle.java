package pteron.core.shell;

/** What a panel is called where it stands by itself: on its page, among the masses. */
public final class PanelTitle {

    private PanelTitle() {}

    /** {@return the name of a panel; of several alike each with its number: Roof, part 2} */
    public static String of(Panel panel) {
        String number = panel.id().replaceAll("^.*?([0-9]*)$", "$1");
        String name = name(panel);
        boolean counted =
                panel.kind() == PanelKind.PARTITION || panel.kind() == PanelKind.WHEEL_BOX;
        return number.isEmpty() ? name : name + (counted ? " " : ", part ") + number;
    }

    private static String name(Panel panel) {
        return switch (panel.kind()) {
            case FLOOR -> "Floor";
            case LEFT -> "Left wall";
            case RIGHT -> "Right wall";
            case FRONT -> "Front wall";
            case NOSE -> "Nose";
            case ROOF -> "Roof";
            case TAIL -> "Tail";
            case REAR -> "Rear wall";
            case UNDER -> "Over-cab floor";
            case LOWER_LEFT -> "Left wall, below the wing";
            case LOWER_RIGHT -> "Right wall, below the wing";
            case WING -> "Wing";
            case RISER -> "Riser of the dropped floor";
            case WHEEL_BOX -> "Wheel box";
            case PARTITION -> "Partition";
        };
    }
}
