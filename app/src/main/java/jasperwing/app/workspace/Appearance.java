package jasperwing.app.workspace;

import jasperwing.diagram.CardDetail;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.picture.LineEnds;
import jasperwing.picture.PaintOptions;
import jasperwing.picture.Palette;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import javafx.beans.InvalidationListener;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Rectangle2D;

/** How the window looks, and the database whose tables it shows: remembered from one start to the next, alike in all windows of one start. */
public final class Appearance {
    private static final double LEAST = 0.8;
    private static final double MOST = 2;

    private final BooleanProperty dark = new SimpleBooleanProperty();
    private final ObjectProperty<LineEnds> ends = new SimpleObjectProperty<>(LineEnds.CROWS_FOOT);
    private final ObjectProperty<CardDetail> cards = new SimpleObjectProperty<>(CardDetail.ATTRIBUTES);
    private final ObjectProperty<Dialect> dialect = new SimpleObjectProperty<>(Dialects.DEFAULT);
    private final BooleanProperty regions = new SimpleBooleanProperty(true);
    private final BooleanProperty map = new SimpleBooleanProperty(true);
    private final BooleanProperty lens = new SimpleBooleanProperty(true);
    private final BooleanProperty list = new SimpleBooleanProperty(true);
    private final Map<PaneWidth, DoubleProperty> widths = new EnumMap<>(PaneWidth.class);
    private final ObjectProperty<Optional<Rectangle2D>> bounds = new SimpleObjectProperty<>(Optional.empty());
    private final BooleanProperty crowded = new SimpleBooleanProperty();
    private final BooleanProperty maximized = new SimpleBooleanProperty();
    private final DoubleProperty scale = new SimpleDoubleProperty(1);

    /** Where it is remembered. */
    public interface Store {
        /** How the window looked, as names and values; empty before it was ever changed. */
        Properties appearance();

        void rememberAppearance(Properties properties);
    }

    /** That of one window, which no longer holds the window when that is closed. */
    private Appearance(Appearance of) {
        dark.bindBidirectional(of.dark);
        ends.bindBidirectional(of.ends);
        cards.bindBidirectional(of.cards);
        dialect.bindBidirectional(of.dialect);
        regions.bindBidirectional(of.regions);
        map.bindBidirectional(of.map);
        lens.bindBidirectional(of.lens);
        list.bindBidirectional(of.list);
        bounds.bindBidirectional(of.bounds);
        maximized.bindBidirectional(of.maximized);
        of.widths.forEach((pane, width) -> {
            DoubleProperty own = new SimpleDoubleProperty();
            own.bindBidirectional(width);
            widths.put(pane, own);
        });
        scale.bindBidirectional(of.scale);
    }

    /** A copy for one window, bound to this one weakly: changes reach all windows, and a closed window can be collected. */
    public Appearance ofWindow() {
        return new Appearance(this);
    }

    public Appearance(Store store) {
        Properties remembered = store.appearance();
        dark.set(Boolean.parseBoolean(remembered.getProperty("dark")));
        regions.set(!"false".equals(remembered.getProperty("regions")));
        map.set(!"false".equals(remembered.getProperty("map")));
        recall(remembered.getProperty("ends"), LineEnds.values(), ends);
        recall(remembered.getProperty("cards"), CardDetail.values(), cards);
        Dialects.of(remembered.getProperty("dialect", "").toLowerCase(Locale.ROOT))
                .ifPresent(dialect::set);
        scale.set(scale(remembered.getProperty("scale", "1")));
        lens.set(!"false".equals(remembered.getProperty("lens")));
        list.set(!"false".equals(remembered.getProperty("list")));
        maximized.set("true".equals(remembered.getProperty("maximized")));
        bounds.set(bounds(remembered.getProperty("window", "")));
        for (PaneWidth pane : PaneWidth.values()) {
            String width = remembered.getProperty("width-" + pane.name(), "");
            boolean known = width.matches("\\d{1,4}");
            widths.put(pane, new SimpleDoubleProperty(known ? pane.possible(Double.parseDouble(width)) : pane.usual()));
        }
        InvalidationListener remember = o -> store.rememberAppearance(properties());
        dark.addListener(remember);
        ends.addListener(remember);
        cards.addListener(remember);
        dialect.addListener(remember);
        regions.addListener(remember);
        map.addListener(remember);
        scale.addListener(remember);
        lens.addListener(remember);
        list.addListener(remember);
        maximized.addListener(remember);
        bounds.addListener(remember);
        widths.values().forEach(w -> w.addListener(remember));
    }

    /** Sets what was remembered by its name; leaves it where no such name is known. */
    private static <E extends Enum<E>> void recall(String name, E[] all, ObjectProperty<E> into) {
        Arrays.stream(all).filter(e -> e.name().equals(name)).forEach(into::set);
    }

    /** @param text x, y, width and height, as they are remembered */
    private static Optional<Rectangle2D> bounds(String text) {
        if (!text.matches("-?\\d{1,5},-?\\d{1,5},\\d{1,5},\\d{1,5}")) {
            return Optional.empty();
        }
        double[] n =
                Arrays.stream(text.split(",")).mapToDouble(Double::parseDouble).toArray();
        return Optional.of(new Rectangle2D(n[0], n[1], n[2], n[3]));
    }

    private static double scale(String text) {
        return text.matches("[0-9]\\.[0-9]{1,3}") ? Math.max(LEAST, Math.min(MOST, Double.parseDouble(text))) : 1;
    }

    private Properties properties() {
        Properties properties = new Properties();
        properties.setProperty("dark", String.valueOf(dark.get()));
        properties.setProperty("ends", ends.get().name());
        properties.setProperty("cards", cards.get().name());
        properties.setProperty("dialect", dialect.get().word());
        properties.setProperty("regions", String.valueOf(regions.get()));
        properties.setProperty("map", String.valueOf(map.get()));
        properties.setProperty("lens", String.valueOf(lens.get()));
        properties.setProperty("list", String.valueOf(list.get()));
        properties.setProperty("maximized", String.valueOf(maximized.get()));
        bounds.get()
                .ifPresent(b -> properties.setProperty(
                        "window",
                        Math.round(b.getMinX()) + "," + Math.round(b.getMinY()) + "," + Math.round(b.getWidth()) + ","
                                + Math.round(b.getHeight())));
        widths.forEach((pane, width) ->
                properties.setProperty("width-" + pane.name(), String.valueOf(Math.round(width.get()))));
        properties.setProperty("scale", String.valueOf(Math.round(scale.get() * 100) / 100.0));
        return properties;
    }

    public BooleanProperty dark() {
        return dark;
    }

    public ObjectProperty<LineEnds> ends() {
        return ends;
    }

    /** How much cards tell. */
    public ObjectProperty<CardDetail> cards() {
        return cards;
    }

    /** The database whose tables are shown. */
    public ObjectProperty<Dialect> dialect() {
        return dialect;
    }

    /** Whether the ground of areas is tinted. */
    public BooleanProperty regions() {
        return regions;
    }

    /** Whether the small map of a sheet that is larger than the window is shown. */
    public BooleanProperty map() {
        return map;
    }

    /** Whether the list of entities is shown, unless another pane needs its room. */
    public BooleanProperty list() {
        return list;
    }

    /** Whether another pane needs the room of the lens and the list; of this window alone, and not remembered. */
    public BooleanProperty crowded() {
        return crowded;
    }

    /** How wide a pane is to be. */
    public DoubleProperty width(PaneWidth pane) {
        return widths.get(pane);
    }

    /** Where the window stood and how large it was when it was closed last; not that of a maximized one. */
    public ObjectProperty<Optional<Rectangle2D>> bounds() {
        return bounds;
    }

    /** Whether the window was maximized when it was closed last. */
    public BooleanProperty maximized() {
        return maximized;
    }

    /** Whether the lens is shown, unless another pane needs its room. */
    public BooleanProperty lens() {
        return lens;
    }

    /** How large the whole window's content is; 1 is its natural size. */
    public DoubleProperty scale() {
        return scale;
    }

    /** Makes everything larger or smaller by a step. */
    public void scaleBy(int steps) {
        double tenths = Math.round(scale.get() * 10) + steps;
        scale.set(Math.max(LEAST, Math.min(MOST, tenths / 10)));
    }

    /** How sheets are painted. */
    public PaintOptions look() {
        Palette palette = dark.get() ? Palette.DARK : Palette.LIGHT;
        return new PaintOptions(palette, ends.get(), regions.get(), PaintOptions.LIGHT.columns());
    }

    /** Is told whenever a sheet has to be painted anew. */
    public void whenLookChanges(Runnable action) {
        InvalidationListener listener = o -> action.run();
        dark.addListener(listener);
        ends.addListener(listener);
        regions.addListener(listener);
    }
}
