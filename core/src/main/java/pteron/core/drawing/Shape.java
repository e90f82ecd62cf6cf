package pteron.core.drawing;

import java.util.List;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/** Something to be drawn, in mm of the view. */
public sealed interface Shape {

    /** {@return this shape moved (mm)} */
    Shape moved(Point2 by);

    /**
     * A filled area. Immutable.
     *
     * @param corners its corners
     * @param matter what it is made of
     * @param part name of the part, or empty
     * @param use how hard it works, demand over capacity; 0 where that is not shown
     */
    record Area(List<Point2> corners, Matter matter, String part, double use) implements Shape {
        /** Copies the corners. */
        public Area {
            corners = List.copyOf(corners);
        }

        @Override
        public Area moved(Point2 by) {
            return new Area(shift(corners, by), matter, part, use);
        }
    }

    /**
     * A face of a body, filled without an outline but for its edges. Immutable.
     *
     * @param corners its corners
     * @param edges whether the line from each corner to the next one is an edge of the body
     * @param matter what it is made of
     * @param part name of the part, or empty
     * @param light how much light falls on it, 0 to 1
     */
    record Face(List<Point2> corners, List<Boolean> edges, Matter matter, String part, double light)
            implements Shape {
        /** Copies the lists. */
        public Face {
            corners = List.copyOf(corners);
            edges = List.copyOf(edges);
        }

        @Override
        public Face moved(Point2 by) {
            return new Face(shift(corners, by), edges, matter, part, light);
        }
    }

    /**
     * A line. Immutable.
     *
     * @param points its points
     * @param kind what it means
     */
    record Line(List<Point2> points, LineKind kind) implements Shape {
        /** Copies the points. */
        public Line {
            points = List.copyOf(points);
        }

        @Override
        public Line moved(Point2 by) {
            return new Line(shift(points, by), kind);
        }
    }

    /**
     * A disc. Immutable.
     *
     * @param middle its middle
     * @param radiusMm its radius (mm)
     * @param matter what it is made of
     */
    record Disc(Point2 middle, double radiusMm, Matter matter) implements Shape {
        @Override
        public Disc moved(Point2 by) {
            return new Disc(middle.plus(by), radiusMm, matter);
        }
    }

    /**
     * A word at a place, centred on it. Immutable.
     *
     * @param at the place
     * @param text the word
     * @param kind what it says
     * @param roomMm width that it may take (mm); where it needs more it is left out
     */
    record Label(Point2 at, String text, Kind kind, double roomMm) implements Shape {
        /** What a label says. */
        public enum Kind {
            /** Name of a part. */
            NAME,
            /** Name of a door, window or vent: on it where it fits, else beside it with a line to it. */
            UNIT,
            /** Number of a corner. */
            NUMBER,
            /** Title of a view. */
            TITLE,
            /** What a weight is and how much. */
            WEIGHT,
            /** A remark that begins at its place. */
            NOTE
        }

        @Override
        public Label moved(Point2 by) {
            return new Label(at.plus(by), text, kind, roomMm);
        }
    }

    /**
     * The name of a member, to be written beside it. Immutable.
     *
     * @param from where the middle line of the member begins
     * @param to where it ends, another place
     * @param thicknessMm how wide the member is in the view (mm)
     * @param text its name with its length
     * @param shortText its name alone, where the longer one finds no room
     */
    record MemberName(Point2 from, Point2 to, double thicknessMm, String text, String shortText)
            implements Shape {
        @Override
        public MemberName moved(Point2 by) {
            return new MemberName(from.plus(by), to.plus(by), thicknessMm, text, shortText);
        }

        /** {@return the middle of its middle line} */
        public Point2 middle() {
            return from.plus(to).times(0.5);
        }

        /** {@return whether it neither stands nor lies, so that words beside it would leave room for doubt} */
        public boolean isSloping() {
            Point2 way = to.minus(from).unit();
            return Math.min(Math.abs(way.u()), Math.abs(way.v())) > SLOPING;
        }

        /** Sine of the slope from which words upright or level do not follow a member: about 10°. */
        private static final double SLOPING = 0.17;

        /** {@return whether it stands more than it lies, so that its name is read from the right} */
        public boolean isUpward() {
            return Math.abs(to.v() - from.v()) > Math.abs(to.u() - from.u());
        }
    }

    /**
     * Words drawn to the scale of the view, so that they keep their room at every zoom. Immutable.
     *
     * @param at the middle of the line, where it begins, is centred or ends
     * @param text the words
     * @param heightMm height of the letters with what hangs under them (mm)
     * @param stand how they stand to their place
     */
    record Lettering(Point2 at, String text, double heightMm, Stand stand) implements Shape {

        /** Width of a letter over its height, on the large side for the letters that ship. */
        private static final double WIDTH_TO_HEIGHT = 0.62;

        /** How words stand to their place. */
        public enum Stand {
            /** They begin there. */
            BEGINS,
            /** They are centred there. */
            CENTRED,
            /** They end there. */
            ENDS,
            /** They are centred there in a ring: the number of a piece. */
            RINGED
        }

        @Override
        public Lettering moved(Point2 by) {
            return new Lettering(at.plus(by), text, heightMm, stand);
        }

        /** {@return the room that they take at the most (mm)} */
        public Bounds2 room() {
            double wide =
                    stand == Stand.RINGED ? ringMm() : WIDTH_TO_HEIGHT * heightMm * text.length();
            double high = stand == Stand.RINGED ? ringMm() : heightMm;
            double from =
                    switch (stand) {
                        case BEGINS -> at.u();
                        case CENTRED, RINGED -> at.u() - wide / 2;
                        case ENDS -> at.u() - wide;
                    };
            return new Bounds2(from, from + wide, at.v() - high / 2, at.v() + high / 2);
        }

        /** {@return the width of a ring round a number of up to three digits (mm)} */
        public double ringMm() {
            return heightMm * (text.length() > 2 ? 2.1 : 1.7);
        }
    }

    /**
     * A mark at a place, of the same size at every zoom. Immutable.
     *
     * @param at the place
     * @param kind what it marks
     */
    record Mark(Point2 at, Kind kind) implements Shape {
        /** What a mark marks. */
        public enum Kind {
            /** Centre of gravity. */
            CENTRE_OF_GRAVITY,
            /** Corner of the outline that can be dragged. */
            HANDLE,
            /** Spot of a curve that can be dragged. */
            SPOT,
            /** Where a curve bends hardest. */
            HARDEST,
            /** Water between layers. */
            WATER,
            /** Where a weight sits that is too large to be drawn as large as it is. */
            WEIGHT
        }

        @Override
        public Mark moved(Point2 by) {
            return new Mark(at.plus(by), kind);
        }
    }

    private static List<Point2> shift(List<Point2> points, Point2 by) {
        return points.stream().map(point -> point.plus(by)).toList();
    }
}
