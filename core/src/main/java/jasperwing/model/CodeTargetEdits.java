package jasperwing.model;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Edits of what the design says of the targets that code is made for. */
public final class CodeTargetEdits {
    private CodeTargetEdits() {}

    /** Names a target that nothing is said of yet. */
    public static Edit add(String target) {
        return design -> {
            boolean named = design.targets().stream().anyMatch(t -> t.target().equals(target));
            List<CodeTarget> all = new ArrayList<>(design.targets());
            all.add(CodeTarget.of(target));
            return named ? design : design.withTargets(all);
        };
    }

    /** Says nothing of a target any more. */
    public static Edit remove(String target) {
        return design -> design.withTargets(design.targets().stream()
                .filter(t -> !t.target().equals(target))
                .toList());
    }

    /** Says where the files of a target go; an empty folder says nothing of it any more. */
    public static Edit into(String target, String folder) {
        return change(target, t -> t.withFolder(folder));
    }

    /** Says something of an option of a target; an empty value says nothing of it any more. */
    public static Edit choose(String target, String option, String value) {
        return change(target, t -> t.withOption(option, value));
    }

    private static Edit change(String target, UnaryOperator<CodeTarget> change) {
        return design -> {
            CodeTarget before = design.target(target);
            CodeTarget after = change.apply(before);
            List<CodeTarget> all = new ArrayList<>(design.targets());
            int index = all.indexOf(before);
            if (index >= 0) {
                all.set(index, after);
            } else if (!after.equals(before)) {
                all.add(after);
            }
            return all.equals(design.targets()) ? design : design.withTargets(all);
        };
    }
}
