package jasperwing.bench;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Design;
import jasperwing.model.Place;
import jasperwing.model.SheetEdits;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eclipse.elk.alg.layered.options.LayeredMetaDataProvider;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.data.LayoutMetaDataService;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.util.BasicProgressMonitor;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.util.ElkGraphUtil;

/** What arranging is measured against: one run of the layered algorithm, areas left out of account, with the lines drawn as they always are. */
final class LayeredAlone {
    static {
        LayoutMetaDataService.getInstance().registerLayoutMetaDataProviders(new LayeredMetaDataProvider());
    }

    private LayeredAlone() {}

    static Scene scene(Design design, Metrics metrics) {
        ElkNode root = ElkGraphUtil.createGraph();
        root.setProperty(CoreOptions.ALGORITHM, LayeredOptions.ALGORITHM_ID);
        root.setProperty(CoreOptions.DIRECTION, Direction.RIGHT);
        root.setProperty(LayeredOptions.SPACING_NODE_NODE, 48.0);
        root.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, 110.0);
        root.setProperty(LayeredOptions.RANDOM_SEED, 1);
        Map<String, ElkNode> nodes = new LinkedHashMap<>();
        for (Card card : SceneBuilder.cards(design, "", metrics)) {
            Box box = card.box();
            ElkNode node = ElkGraphUtil.createNode(root);
            node.setDimensions(box.width(), box.height());
            nodes.put(card.entity(), node);
        }
        design.relationships()
                .forEach(r -> r.visit(
                        binary -> edge(nodes.get(binary.parent()), nodes.get(binary.holder())),
                        oneOf -> oneOf.subjects().forEach(s -> edge(nodes.get(s), nodes.get(oneOf.from())))));
        nodes.forEach((name, node) -> design.parent(name).ifPresent(p -> edge(nodes.get(p.name()), node)));
        new RecursiveGraphLayoutEngine().layout(root, new BasicProgressMonitor());
        List<Place> places = new ArrayList<>();
        nodes.forEach(
                (name, n) -> places.add(new Place(name, "", (int) Math.rint(n.getX()), (int) Math.rint(n.getY()))));
        return SceneBuilder.build(SheetEdits.place(places).on(design), "", metrics);
    }

    private static void edge(ElkNode from, ElkNode to) {
        if (from != null && to != null && from != to) {
            ElkGraphUtil.createSimpleEdge(from, to);
        }
    }
}
