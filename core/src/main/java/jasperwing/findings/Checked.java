package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.schema.Schema;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A design with the projections rules look at, each computed once. */
record Checked(Design design, Schema schema, List<Role> roles, Map<String, List<Role>> rolesByHolder) {
    Checked(Design design, Schema schema) {
        this(design, schema, Roles.all(design));
    }

    private Checked(Design design, Schema schema, List<Role> roles) {
        this(design, schema, roles, roles.stream().collect(Collectors.groupingBy(Role::holder)));
    }

    List<Role> heldBy(String entity) {
        return rolesByHolder.getOrDefault(entity, List.of());
    }
}
