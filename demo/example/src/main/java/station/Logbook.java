package station;

import jakarta.persistence.EntityManager;
import java.util.List;
import saltmarsh.fieldwork.Dive;
import saltmarsh.fieldwork.Expedition;

/** What a program does with the generated classes. */
public final class Logbook {
    private final EntityManager entities;

    /** @param entities whose transaction is the caller's */
    public Logbook(EntityManager entities) {
        this.entities = entities;
    }

    /** Stores an expedition with all its dives. */
    public void keep(Expedition expedition) {
        entities.persist(expedition);
        expedition.getDives().forEach(entities::persist);
    }

    /** The dives of all expeditions, the deepest first. */
    public List<Dive> deepest() {
        return entities.createQuery("select d from Dive d order by d.maxDepth desc", Dive.class)
                .getResultList();
    }
}
