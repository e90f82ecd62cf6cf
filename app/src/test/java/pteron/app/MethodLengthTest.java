package pteron.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Methods are short: what is longer than a screen is taken apart. */
class MethodLengthTest {

    private static final int MOST_LINES = 60;
    private static final int MANY_LINES = 30;
    private static final int MOST_LONG = 20;

    private static final List<Method> METHODS = new ArrayList<>();

    private record Method(String file, String name, long lines) {}

    @BeforeAll
    static void parse() throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
            JavacTask task =
                    (JavacTask)
                            compiler.getTask(
                                    null,
                                    files,
                                    null,
                                    List.of("-proc:none"),
                                    null,
                                    files.getJavaFileObjectsFromPaths(Sources.all()));
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            for (CompilationUnitTree unit : task.parse()) {
                unit.accept(new Lengths(unit, positions), null);
            }
        }
    }

    private static final class Lengths extends TreeScanner<Void, Void> {
        private final CompilationUnitTree unit;
        private final SourcePositions positions;

        Lengths(CompilationUnitTree unit, SourcePositions positions) {
            this.unit = unit;
            this.positions = positions;
        }

        @Override
        public Void visitMethod(MethodTree method, Void none) {
            if (method.getBody() != null && positions.getEndPosition(unit, method) >= 0) {
                long from = line(positions.getStartPosition(unit, method));
                long to = line(positions.getEndPosition(unit, method));
                String file = Path.of(unit.getSourceFile().getName()).getFileName().toString();
                METHODS.add(new Method(file, method.getName().toString(), to - from + 1));
            }
            return super.visitMethod(method, none);
        }

        private long line(long position) {
            return unit.getLineMap().getLineNumber(position);
        }
    }

    private static List<Method> longerThan(int lines) {
        return METHODS.stream().filter(method -> method.lines > lines).toList();
    }

    @Test
    void noMethod_isLongerThanAScreen() {
        assertThat(METHODS).hasSizeGreaterThan(3000);
        assertThat(longerThan(MOST_LINES)).isEmpty();
    }

    @Test
    void fewMethods_areLong() {
        assertThat(longerThan(MANY_LINES)).hasSizeLessThanOrEqualTo(MOST_LONG);
    }
}
