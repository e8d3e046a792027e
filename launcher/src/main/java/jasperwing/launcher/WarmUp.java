package jasperwing.launcher;

import jasperwing.diagram.SceneBuilder;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.picture.Pictures;
import jasperwing.picture.Typefaces;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Loads fonts and painting while the toolkit starts, so that the window finds them ready. */
final class WarmUp {
    /** So many entities are painted by all the code there is for it. */
    private static final int ENOUGH = 60;

    private WarmUp() {}

    static void start(Design design) {
        System.setProperty("java.awt.headless", "true");
        Thread thread = new Thread(() -> paint(design), "warming up");
        thread.setDaemon(true);
        thread.start();
    }

    private static void paint(Design design) {
        Design part = part(design);
        Report.of(part, Dialects.DEFAULT);
        Pictures.preview(SceneBuilder.build(part, "", Typefaces.get()));
    }

    /** The beginning of a large design, which would keep a processor busy that the window needs. */
    static Design part(Design design) {
        if (design.entities().size() <= ENOUGH) {
            return design;
        }
        List<Entity> first = design.entities().subList(0, ENOUGH);
        Set<String> names = first.stream().map(Entity::name).collect(Collectors.toSet());
        return design.withEntities(first)
                .withRelationships(design.relationships().stream()
                        .filter(r -> r.match(
                                binary -> names.containsAll(List.of(binary.from(), binary.to())),
                                one -> names.contains(one.from()) && names.containsAll(one.subjects())))
                        .toList());
    }
}
