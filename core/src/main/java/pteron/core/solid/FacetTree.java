package pteron.core.solid;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;
import pteron.core.geometry.Point3;

/**
 * Facets sorted by planes, so that they can be told back to front from any direction without looking at
 * depths again: H. Fuchs, Z. Kedem and B. Naylor, 1980. Immutable once built.
 */
final class FacetTree {

    /** Facets that are tried as the plane of a branch. */
    private static final int TRIED = 6;

    /** Branches of the trunk, after which branches are grown beside each other. */
    private static final int TRUNK = 24;

    /** Area that a pencil line hides (mm²). */
    private static final double LEAST_MM2 = 0.01;

    private final Plane plane;
    private final List<Facet> inPlane = new ArrayList<>();
    private FacetTree over;
    private FacetTree under;

    private FacetTree(Plane plane) {
        this.plane = plane;
    }

    /** A branch still to be built. */
    private record Task(List<Facet> facets, Consumer<FacetTree> put) {}

    /** {@return a tree of facets; null for none} */
    static FacetTree of(List<Facet> facets) {
        FacetTree[] root = new FacetTree[1];
        Deque<Task> tasks = new ArrayDeque<>();
        // what has no area has no plane either
        List<Facet> real = facets.stream().filter(facet -> facet.areaMm2() > LEAST_MM2).toList();
        tasks.add(new Task(real, tree -> root[0] = tree));
        // the trunk by itself, the oldest branch first, then its branches beside each other
        for (int grown = 0; grown < TRUNK && !tasks.isEmpty(); grown++) {
            grow(tasks.removeFirst(), tasks);
        }
        List.copyOf(tasks).parallelStream().forEach(FacetTree::grow);
        return root[0];
    }

    /** Grows a branch with everything on it. */
    private static void grow(Task whole) {
        Deque<Task> tasks = new ArrayDeque<>(List.of(whole));
        while (!tasks.isEmpty()) {
            grow(tasks.removeLast(), tasks);
        }
    }

    private static void grow(Task task, Deque<Task> tasks) {
        if (!task.facets.isEmpty()) {
            task.put.accept(branch(task.facets, tasks));
        }
    }

    private static FacetTree branch(List<Facet> facets, Deque<Task> tasks) {
        FacetTree tree = new FacetTree(best(facets));
        List<Facet> over = new ArrayList<>();
        List<Facet> under = new ArrayList<>();
        for (Facet facet : facets) {
            Plane.Halves halves = tree.plane.cut(facet);
            if (halves.over().isEmpty() && halves.under().isEmpty()) {
                tree.inPlane.add(facet);
            }
            halves.over().ifPresent(over::add);
            halves.under().ifPresent(under::add);
        }
        tasks.add(new Task(over, found -> tree.over = found));
        tasks.add(new Task(under, found -> tree.under = found));
        return tree;
    }

    /** {@return of some planes the one that cuts fewest and parts the rest most evenly} */
    private static Plane best(List<Facet> facets) {
        Plane best = null;
        double least = Double.POSITIVE_INFINITY;
        int step = Math.max(1, facets.size() / TRIED);
        for (int i = 0; i < facets.size(); i += step) {
            Plane plane = Plane.of(facets.get(i));
            double cost = cost(plane, facets, Math.max(1, facets.size() / 200));
            if (cost < least) {
                least = cost;
                best = plane;
            }
        }
        return best;
    }

    private static double cost(Plane plane, List<Facet> facets, int step) {
        int over = 0;
        int under = 0;
        int cut = 0;
        for (int i = 0; i < facets.size(); i += step) {
            boolean above = false;
            boolean below = false;
            for (Point3 corner : facets.get(i).corners()) {
                double height = plane.over(corner);
                above |= height > Plane.IN_IT_MM;
                below |= height < -Plane.IN_IT_MM;
            }
            cut += above && below ? 1 : 0;
            over += above && !below ? 1 : 0;
            under += below && !above ? 1 : 0;
        }
        return 8.0 * cut + Math.abs(over - under);
    }

    /** Tells the facets from the farthest to the nearest, seen from a direction. */
    void backToFront(Point3 towards, Consumer<Facet> tell) {
        Deque<Object> waiting = new ArrayDeque<>();
        waiting.push(this);
        while (!waiting.isEmpty()) {
            Object next = waiting.pop();
            if (next instanceof FacetTree tree) {
                boolean overIsNearer = tree.plane.normal().dot(towards) > 0;
                FacetTree far = overIsNearer ? tree.under : tree.over;
                FacetTree near = overIsNearer ? tree.over : tree.under;
                if (near != null) {
                    waiting.push(near);
                }
                waiting.push(tree.inPlane);
                if (far != null) {
                    waiting.push(far);
                }
            } else {
                ((List<?>) next).forEach(facet -> tell.accept((Facet) facet));
            }
        }
    }
}
