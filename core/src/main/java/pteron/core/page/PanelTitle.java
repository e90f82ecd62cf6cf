package pteron.core.page;

import pteron.core.shell.Panel;

/** What a panel is called on its page. */
final class PanelTitle {

    private PanelTitle() {}

    /** {@return the name of a panel; of several alike each with its number: Roof, part 2} */
    static String of(Panel panel) {
        String number = panel.id().replaceAll("^.*?([0-9]*)$", "$1");
        String name = name(panel);
        return number.isEmpty() ? name : name + ", part " + number;
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
