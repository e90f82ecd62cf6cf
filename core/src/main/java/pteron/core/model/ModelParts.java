package pteron.core.model;

import java.util.List;
import java.util.Optional;
import pteron.core.balance.AreaParts;
import pteron.core.balance.Part;
import pteron.core.balance.PartList;
import pteron.core.buildup.Alternative;

/** What a box weighs, part by part where its frame is set out, by its areas where it is not. */
final class ModelParts {

    private ModelParts() {}

    static List<Part> of(BoxModel bare, Optional<Made> made) {
        if (bare.built().isPresent()) {
            Built b = bare.built().get();
            return PartList.box(
                    bare.plan(), bare.library(), b.frame(), b.openings(), b.skins(), b.sealing());
        }
        boolean broken = made.isEmpty() || !bare.shell().findings().isEmpty();
        if (broken) {
            return List.of();
        }
        AreaParts.PerArea mass =
                new AreaParts.PerArea(
                        mass(made.get(), Alternative.Part.FLOOR),
                        mass(made.get(), Alternative.Part.WALLS),
                        mass(made.get(), Alternative.Part.ROOF));
        return AreaParts.of(bare.plan(), bare.outline(), made.get().areas(), mass);
    }

    private static double mass(Made made, Alternative.Part part) {
        return made.schools().stream()
                .filter(school -> school.planned() && school.part() == part)
                .mapToDouble(school -> school.sums().massKg())
                .findFirst()
                .orElseThrow();
    }
}
