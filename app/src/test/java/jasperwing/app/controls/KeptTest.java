package jasperwing.app.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.Test;

class KeptTest {
    private final Kept kept = new Kept();

    private List<Node> build(String... keys) {
        kept.begin();
        return Stream.of(keys).map(k -> (Node) kept.node(k, Region::new)).toList();
    }

    @Test
    void whatIsAskedForAgainIsTheSameNode() {
        List<Node> first = build("a", "b", "a");
        List<Node> second = build("a", "c", "a", "a");
        assertThat(first.get(0)).isNotSameAs(first.get(2));
        assertThat(second.get(0)).isSameAs(first.get(0));
        assertThat(second.get(2)).isSameAs(first.get(2));
        assertThat(second.get(3)).isNotIn(first);
        assertThat(build("b").get(0)).as("what was not asked for is forgotten").isNotSameAs(first.get(1));
    }

    @Test
    void onlyWhatDiffersIsReplaced() {
        ObservableList<Node> children = FXCollections.observableArrayList(build("a", "b", "c", "d"));
        int[] touched = new int[1];
        children.addListener((javafx.collections.ListChangeListener<Node>) change -> {
            while (change.next()) {
                touched[0] += change.getRemovedSize() + change.getAddedSize();
            }
        });
        List<Node> wanted = build("a", "x", "y", "d");
        Kept.show(children, wanted);
        assertThat(children).isEqualTo(wanted);
        assertThat(touched[0]).isEqualTo(4);
    }

    @Test
    void aBoxStaysAndItsContentFollows() {
        kept.begin();
        VBox first = kept.box("box", List.of(new Region()), "code-box");
        kept.begin();
        Node content = new Region();
        VBox second = kept.box("box", List.of(content), "code-box");
        assertThat(second).isSameAs(first);
        assertThat(second.getChildren()).containsExactly(content);
        assertThat(second.getStyleClass()).contains("code-box");
    }
}
