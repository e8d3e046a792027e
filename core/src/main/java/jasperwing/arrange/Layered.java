package jasperwing.arrange;

import jasperwing.diagram.Box;
import java.util.LinkedHashMap;
import java.util.Map;
import org.eclipse.elk.alg.layered.options.GreedySwitchType;
import org.eclipse.elk.alg.layered.options.LayeredMetaDataProvider;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.data.LayoutMetaDataService;
import org.eclipse.elk.core.math.ElkPadding;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.options.EdgeRouting;
import org.eclipse.elk.core.options.HierarchyHandling;
import org.eclipse.elk.core.util.BasicProgressMonitor;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.util.ElkGraphUtil;

/** Boxes in layers, what is pointed to left of what points: the layered algorithm of the Eclipse Layout Kernel. */
final class Layered {
    private static final double BETWEEN_LAYERS = 110;
    private static final double BETWEEN_BOXES = 48;
    private static final double BESIDE_BOXES = 16;
    private static final double BETWEEN_PARTS = 70;
    private static final double AROUND_GROUP = 24;

    private static final int THOROUGHNESS = 40;

    /** Wider than high, like a screen. */
    private static final double ASPECT = 1.6;

    static {
        LayoutMetaDataService.getInstance().registerLayoutMetaDataProviders(new LayeredMetaDataProvider());
    }

    private final ElkNode root = ElkGraphUtil.createGraph();
    private final Map<String, ElkNode> nodes = new LinkedHashMap<>();
    private final Map<String, ElkNode> groups = new LinkedHashMap<>();

    /**
     * @param down whether the layers follow each other downwards, and not to the right
     * @param seed with another one other places are found that are as good to the library
     */
    Layered(boolean down, int seed) {
        root.setProperty(CoreOptions.ALGORITHM, LayeredOptions.ALGORITHM_ID);
        root.setProperty(CoreOptions.DIRECTION, down ? Direction.DOWN : Direction.RIGHT);
        root.setProperty(CoreOptions.EDGE_ROUTING, EdgeRouting.ORTHOGONAL);
        root.setProperty(CoreOptions.ASPECT_RATIO, ASPECT);
        root.setProperty(CoreOptions.PADDING, new ElkPadding(0));
        root.setProperty(LayeredOptions.SPACING_NODE_NODE, BETWEEN_BOXES);
        root.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, BETWEEN_LAYERS);
        root.setProperty(LayeredOptions.SPACING_EDGE_NODE, BESIDE_BOXES);
        root.setProperty(LayeredOptions.SPACING_EDGE_EDGE, BESIDE_BOXES / 2);
        root.setProperty(LayeredOptions.SPACING_COMPONENT_COMPONENT, BETWEEN_PARTS);
        root.setProperty(LayeredOptions.RANDOM_SEED, seed);
        root.setProperty(LayeredOptions.THOROUGHNESS, THOROUGHNESS);
        root.setProperty(
                LayeredOptions.CROSSING_MINIMIZATION_GREEDY_SWITCH_HIERARCHICAL_TYPE, GreedySwitchType.TWO_SIDED);
    }

    /** @param group the boxes of one group stay together, clear of all others; empty for a box in none */
    void box(String name, String group, double width, double height) {
        ElkNode node = ElkGraphUtil.createNode(group.isEmpty() ? root : groups.computeIfAbsent(group, g -> group()));
        node.setIdentifier(name);
        node.setDimensions(width, height);
        nodes.put(name, node);
    }

    private ElkNode group() {
        root.setProperty(CoreOptions.HIERARCHY_HANDLING, HierarchyHandling.INCLUDE_CHILDREN);
        ElkNode node = ElkGraphUtil.createNode(root);
        node.setProperty(CoreOptions.PADDING, new ElkPadding(AROUND_GROUP));
        node.setProperty(LayeredOptions.SPACING_NODE_NODE, BETWEEN_BOXES);
        node.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, BETWEEN_LAYERS);
        return node;
    }

    /** A line that both boxes know; others are passed over. */
    void line(String from, String to) {
        if (nodes.containsKey(from) && nodes.containsKey(to) && !from.equals(to)) {
            ElkGraphUtil.createSimpleEdge(nodes.get(from), nodes.get(to));
        }
    }

    /** The boxes at their places, in the order they were added, in whole units from the origin on. */
    Map<String, Box> run(Progress progress) {
        new RecursiveGraphLayoutEngine().layout(root, new Monitor(progress));
        Map<String, Box> boxes = new LinkedHashMap<>();
        nodes.forEach((name, n) -> boxes.put(
                name,
                new Box(
                        Math.rint(n.getX() + n.getParent().getX()),
                        Math.rint(n.getY() + n.getParent().getY()),
                        n.getWidth(),
                        n.getHeight())));
        return boxes;
    }

    /** Lets the library ask whether to go on. */
    private static final class Monitor extends BasicProgressMonitor {
        private final Progress progress;

        Monitor(Progress progress) {
            this.progress = progress;
        }

        @Override
        public boolean isCanceled() {
            return progress.cancelled();
        }

        @Override
        protected BasicProgressMonitor doSubTask(float work, int levels) {
            return new Monitor(progress);
        }
    }
}
