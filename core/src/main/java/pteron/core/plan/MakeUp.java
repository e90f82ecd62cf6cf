package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * What floor, walls and roof are made of. Materials are named by their id in the library. Immutable.
 *
 * @param floor three-layer sandwich on bearers
 * @param walls side walls, front, nose, tail and rear
 * @param roof roof
 * @param blocking section of the blocks behind sheet edges
 */
public record MakeUp(Floor floor, Framed walls, Framed roof, Section blocking) {

    /** {@return this make-up with another floor} */
    public MakeUp withFloor(Floor other) {
        return new MakeUp(other, walls, roof, blocking);
    }

    /** {@return this make-up with other walls} */
    public MakeUp withWalls(Framed other) {
        return new MakeUp(floor, other, roof, blocking);
    }

    /** {@return this make-up with another roof} */
    public MakeUp withRoof(Framed other) {
        return new MakeUp(floor, walls, other, blocking);
    }

    /** {@return this make-up with other blocks} */
    public MakeUp withBlocking(Section other) {
        return new MakeUp(floor, walls, roof, other);
    }

    /**
     * A layer.
     *
     * @param material id in the library
     * @param thicknessMm thickness (mm)
     */
    public record Layer(String material, double thicknessMm) {
        /** Checks the range. */
        public Layer {
            Require.within("layer thickness", thicknessMm, PlanLimits.LAYER);
        }

        /** {@return this layer of another material} */
        public Layer withMaterial(String other) {
            return new Layer(other, thicknessMm);
        }

        /** {@return this layer thicker or thinner} */
        public Layer withThickness(double otherMm) {
            return new Layer(material, otherMm);
        }
    }

    /**
     * Cross-section of a member.
     *
     * @param thicknessMm across its depth (mm), the side that a sheet's edge lands on
     * @param depthMm from the outer to the inner skin (mm)
     */
    public record Section(double thicknessMm, double depthMm) {
        /** Checks the ranges. */
        public Section {
            Require.within("section thickness", thicknessMm, PlanLimits.SECTION_THICKNESS);
            Require.within("section depth", depthMm, PlanLimits.SECTION_DEPTH);
        }

        /** {@return this section with another thickness} */
        public Section withThickness(double otherMm) {
            return new Section(otherMm, depthMm);
        }

        /** {@return this section with another depth} */
        public Section withDepth(double otherMm) {
            return new Section(thicknessMm, otherMm);
        }

        /** {@return the area of the section (mm²)} */
        public double areaMm2() {
            return thicknessMm * depthMm;
        }
    }

    /**
     * Members of one kind.
     *
     * @param section their section
     * @param spacingMm greatest spacing, middle to middle (mm)
     * @param timber id of the timber class in the library
     */
    public record Members(Section section, double spacingMm, String timber) {
        /** Checks the range. */
        public Members {
            Require.within("spacing", spacingMm, PlanLimits.SPACING);
        }

        /** {@return these members of another section} */
        public Members withSection(Section other) {
            return new Members(other, spacingMm, timber);
        }

        /** {@return these members closer or farther apart} */
        public Members withSpacing(double otherMm) {
            return new Members(section, otherMm, timber);
        }

        /** {@return these members of another timber} */
        public Members withTimber(String other) {
            return new Members(section, spacingMm, other);
        }
    }

    /**
     * A sandwich floor.
     *
     * @param topFace what is walked on
     * @param core foam between the faces
     * @param bottomFace lies on the bearers
     * @param bearers run along the box over the carrier's cross-members
     */
    public record Floor(Layer topFace, Layer core, Layer bottomFace, Members bearers) {
        /** {@return this floor with another top face} */
        public Floor withTopFace(Layer other) {
            return new Floor(other, core, bottomFace, bearers);
        }

        /** {@return this floor with another core} */
        public Floor withCore(Layer other) {
            return new Floor(topFace, other, bottomFace, bearers);
        }

        /** {@return this floor with another bottom face} */
        public Floor withBottomFace(Layer other) {
            return new Floor(topFace, core, other, bearers);
        }

        /** {@return this floor on other bearers} */
        public Floor withBearers(Members other) {
            return new Floor(topFace, core, bottomFace, other);
        }

        /** {@return thickness of the sandwich (mm)} */
        public double sandwichMm() {
            return topFace.thicknessMm() + core.thicknessMm() + bottomFace.thicknessMm();
        }

        /** {@return height of the floor's top above the deck (mm)} */
        public double heightMm() {
            return sandwichMm() + bearers.section().depthMm();
        }
    }

    /**
     * A framed wall or roof: skin, members with insulation between them, lining.
     *
     * @param outerSkin outside
     * @param insulation between the members
     * @param innerSkin lining inside
     * @param members studs, or bows of a roof
     */
    public record Framed(Layer outerSkin, Layer insulation, Layer innerSkin, Members members) {
        /** {@return this with another outer skin} */
        public Framed withOuterSkin(Layer other) {
            return new Framed(other, insulation, innerSkin, members);
        }

        /** {@return this with other insulation} */
        public Framed withInsulation(Layer other) {
            return new Framed(outerSkin, other, innerSkin, members);
        }

        /** {@return this with another lining} */
        public Framed withInnerSkin(Layer other) {
            return new Framed(outerSkin, insulation, other, members);
        }

        /** {@return this with other members} */
        public Framed withMembers(Members other) {
            return new Framed(outerSkin, insulation, innerSkin, other);
        }

        /** {@return whole thickness (mm)} */
        public double thicknessMm() {
            return outerSkin.thicknessMm() + members.section().depthMm() + innerSkin.thicknessMm();
        }
    }
}
