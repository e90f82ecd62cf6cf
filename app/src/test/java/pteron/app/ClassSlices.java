package pteron.app;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;

/** A slice for each outermost class; a sealed family is one, and so is a control with its skin. */
final class ClassSlices implements SliceAssignment {

    @Override
    public SliceIdentifier getIdentifierOf(JavaClass javaClass) {
        return javaClass.getPackageName().startsWith("pteron")
                ? SliceIdentifier.of(family(outermost(javaClass)))
                : SliceIdentifier.ignore();
    }

    private static JavaClass outermost(JavaClass javaClass) {
        return javaClass.getEnclosingClass().map(ClassSlices::outermost).orElse(javaClass);
    }

    /** {@return the sealed interface that a class is of, or the control whose skin it is, or the class itself} */
    private static String family(JavaClass javaClass) {
        String skinless = javaClass.getName().replaceAll("Skin$", "View");
        return javaClass.getRawInterfaces().stream()
                .filter(one -> one.reflect().isSealed())
                .map(JavaClass::getName)
                .findFirst()
                .orElse(javaClass.getName().endsWith("Skin") ? skinless : javaClass.getName());
    }

    @Override
    public String getDescription() {
        return "each class, sealed families and controls with their skins as one";
    }
}
