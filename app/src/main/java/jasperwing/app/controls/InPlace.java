package jasperwing.app.controls;

import jasperwing.model.Differing;
import java.util.List;

/** Puts other elements into a list that is shown, so that those that stay keep their cells. */
public final class InPlace {
    private InPlace() {}

    /** Makes a list equal to another by changing what lies between the elements both begin and end with. */
    public static <T> void replace(List<T> shown, List<T> now) {
        Differing differing = Differing.by(Object::equals, shown, now);
        int start = differing.start();
        int both = Math.min(shown.size(), now.size()) - start - differing.end();
        for (int i = start; i < start + both; i++) {
            if (!shown.get(i).equals(now.get(i))) {
                shown.set(i, now.get(i));
            }
        }
        if (shown.size() > now.size()) {
            shown.subList(start + both, shown.size() - differing.end()).clear();
        } else if (shown.size() < now.size()) {
            shown.addAll(start + both, now.subList(start + both, now.size() - differing.end()));
        }
    }
}
