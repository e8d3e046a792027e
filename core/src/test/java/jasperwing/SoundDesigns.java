package jasperwing;

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
import jasperwing.schema.Dialect;
import java.util.Optional;
import java.util.stream.Stream;

/** Designs without a fault in any database: {@link WideDesigns}, mended as findings propose, or without what is at fault. */
public final class SoundDesigns {
    /** After so many fixes, what is at fault is taken away. */
    private static final int FIXED = 70;

    private static final int MOST = 400;

    private SoundDesigns() {}

    public static Design of(long seed) {
        Design design = WideDesigns.of(seed);
        for (int i = 0; i < MOST; i++) {
            Optional<Finding> fault = fault(design);
            if (fault.isEmpty()) {
                return design;
            }
            Design mended = i < FIXED ? fixed(design, fault.get()) : design;
            design = mended.equals(design) ? without(design, fault.get().subject()) : mended;
        }
        throw new IllegalStateException(
                "seed " + seed + " keeps a fault: " + fault(design).orElseThrow());
    }

    private static Optional<Finding> fault(Design design) {
        return Stream.of(Dialect.values())
                .flatMap(d -> Report.of(design, d).of(Level.FAULT).stream())
                .findFirst();
    }

    private static Design fixed(Design design, Finding fault) {
        return fault.fixes().stream()
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
