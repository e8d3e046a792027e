package jasperwing.findings;

import java.util.List;

/** All families of rules, in the order in which they are held. */
final class RuleFamilies {
    private static final List<Rules> ALL = List.of(
            Rules.ofDesign(NameRules::check, Aspect.NAMES, Aspect.STANDING, Aspect.TYPES),
            Rules.ofDesign(RepeatRules::check, Aspect.TYPES, Aspect.SHEETS),
            Rules.ofDesign(AcceptedWarningRules::check, Aspect.ACCEPTED),
            Rules.ofDesign(OptionRules::check, Aspect.TARGETS, Aspect.RELATIONSHIPS),
            Rules.ofDesign(UnknownRules::ends, Aspect.NAMES, Aspect.RELATIONSHIPS),
            Rules.ofDesign(SortingRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES),
            Rules.ofDesign(UnknownRules::sheets, Aspect.NAMES, Aspect.SHEETS),
            Rules.ofTables(
                    KindKeepingRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES, Aspect.DIALECT),
            Rules.ofTables(OneOfRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES, Aspect.DIALECT),
            Rules.ofDesign(GroupRules::check, Aspect.ENTITIES, Aspect.TYPES, Aspect.DIALECT),
            Rules.ofDesign(KindRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES),
            Rules.ofDesign(FormulaRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES),
            Rules.ofDesign(RowRuleRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES),
            Rules.ofTables(
                    RowRuleRules::unchecked, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES, Aspect.DIALECT),
            Rules.ofDesign(CircleRules::check, Aspect.STANDING, Aspect.RELATIONSHIPS, Aspect.DIALECT),
            Rules.ofDesign(CascadeRules::check, Aspect.RELATIONSHIPS, Aspect.STANDING),
            Rules.ofTables(
                    ReplacedDeleteRules::check, Aspect.RELATIONSHIPS, Aspect.ENTITIES, Aspect.TYPES, Aspect.DIALECT),
            Rules.ofTables(GivenNameRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES, Aspect.DIALECT),
            Rules.ofDesign(GatheringRules::repeated, Aspect.ENTITIES, Aspect.TYPES),
            Rules.ofDesign(UnusedRules::check, Aspect.ENTITIES, Aspect.TYPES, Aspect.AREAS),
            Rules.ofDesign(MembershipRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS),
            Rules.ofDesign(ShapeRules::untied, Aspect.ENTITIES, Aspect.RELATIONSHIPS),
            Rules.ofDesign(ShapeRules::areas, Aspect.AREAS, Aspect.TYPES, Aspect.RELATIONSHIPS),
            Rules.ofEach(NameRules::check),
            Rules.ofEach(RepeatRules::check),
            Rules.ofEach(ReservedRules::check),
            Rules.ofEachWithFixes(UnknownRules::check, Aspect.NAMES, Aspect.TYPES),
            Rules.ofEach(KeyRules::check),
            Rules.ofEach(UndeclaredRules::check, UndeclaredRules::stands),
            Rules.ofEach(ValueRules::check),
            Rules.ofEachWithFixes(NamingRules::check, Aspect.NAMES, Aspect.TYPES),
            Rules.ofEach(KeyShapeRules::check),
            Rules.ofEach(AttributeRules::check),
            Rules.ofEach(CountingRules::check),
            Rules.ofEach(SuspectRules::check, Aspect.NAMES),
            Rules.ofEachWithFixes(StateRules::check, Aspect.ENTITIES, Aspect.TYPES),
            Rules.ofEach(IdentifierRules::check, IdentifierRules::stands),
            Rules.ofEach(StoredTwiceRules::check, StoredTwiceRules::stands),
            Rules.ofEach(IndexRules::limits),
            Rules.ofEach(ReferenceRules::check, Aspect.STANDING),
            Rules.ofEachWithFixes(JoinRules::said, Aspect.NAMES, Aspect.KEYS),
            Rules.ofEach(JoinRules::check),
            Rules.ofEach(RouteRules::check, RouteRules::stands),
            Rules.ofEach(GatheringRules::numbered),
            Rules.ofEachWithFixes(GatheringRules::prefixed, Aspect.NAMES, Aspect.TYPES),
            Rules.ofEach(ShapeRules::check));

    static final List<Rules.OfDesign> OF_DESIGN = of(Rules.OfDesign.class);
    static final List<Rules.OfEach> OF_EACH = of(Rules.OfEach.class);

    private RuleFamilies() {}

    private static <T extends Rules> List<T> of(Class<T> kind) {
        return ALL.stream().filter(kind::isInstance).map(kind::cast).toList();
    }
}
