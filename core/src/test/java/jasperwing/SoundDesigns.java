package jasperwing;

import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Subject;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.GroupEdits;
import jasperwing.model.RelationshipEdits;
import java.util.Optional;

/** Designs without an error in any database: {@link WideDesigns}, mended as findings propose, or without what is wrong. */
public final class SoundDesigns {
    /** After so many fixes, what is wrong is taken away. */
    private static final int FIXED = 70;

    private static final int MOST = 400;

    private SoundDesigns() {}

    public static Design of(long seed) {
        Design design = WideDesigns.of(seed);
        for (int i = 0; i < MOST; i++) {
            Optional<Finding> error = error(design);
            if (error.isEmpty()) {
                return design;
            }
            Design mended = i < FIXED ? fixed(design, error.get()) : design;
            design = mended.equals(design) ? without(design, error.get().subject()) : mended;
        }
        throw new IllegalStateException(
                "seed " + seed + " keeps an error: " + error(design).orElseThrow());
    }

    private static Optional<Finding> error(Design design) {
        return Dialects.all().stream()
                .flatMap(d -> Report.of(design, d).of(Level.ERROR).stream())
                .findFirst();
    }

    private static Design fixed(Design design, Finding error) {
        return error.fixes().stream()
                .map(f -> f.edit().on(design))
                .filter(d -> !d.equals(design))
                .findFirst()
                .orElse(design);
    }

    private static Design without(Design design, Subject subject) {
        Edit entity = EntityEdits.remove(subject.entity())
                .then(GroupEdits.remove(AttributeGroup.Kind.VALUE, subject.entity()))
                .then(GroupEdits.remove(AttributeGroup.Kind.TRAIT, subject.entity()));
        Edit part = subject.relationship()
                .map(RelationshipEdits::remove)
                .orElseGet(() -> subject.member().isEmpty()
                        ? entity
                        : EntityEdits.removeAttribute(subject.entity(), subject.member()));
        Design less = part.on(design);
        return less.equals(design) ? entity.on(design) : less;
    }
}
