package jasperwing.app.draw;

import jasperwing.diagram.Point;
import java.util.List;

/** What the menu of the sheet can do besides edits of the design. */
interface SheetActions {
    /** Opens a card at one of its lines; -1 for its name, a large number for a new line. */
    void type(String entity, int row);

    /** Opens a card at a new line that begins as a rule. */
    void rule(String entity);

    /** Opens the sentence of the relationship that is selected. */
    void sentence();

    void reshape();

    void compareWays();

    void walk();

    void removeSelected();

    /** A new entity, with its upper left corner at a point of the sheet. */
    void newEntity(Point at);

    void arrange(List<String> entities);

    void arrangeEverything();

    void fit();

    void find();

    void text();

    void copyPicture();

    void savePicture();

    /** A sheet of an entity and its neighbours up to so many relationships away. */
    void neighbours(String entity, int depth);

    /** Opens what has no card, an enum, value, trait or area, as lines to type on. */
    void declaration(String name);
}
