package jasperwing.walk;

import jasperwing.derive.Schema;
import jasperwing.model.Design;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A path from an entity along its roles.
 *
 * @param start the entity it starts at
 * @param steps those that could be gone, in order
 * @param problem what could not be followed and what could instead, in one sentence; empty when all could
 */
public record Walk(String start, List<Step> steps, String problem) {
    /** The most steps another way may have. */
    private static final int LONGEST = 5;

    private static final int MOST_WAYS = 5;

    public Walk {
        steps = List.copyOf(steps);
    }

    /**
     * Follows a path as far as it goes.
     *
     * @param path role names joined by dots, as in {@code specimens.keywords}; blank for none
     */
    public static Walk of(Design design, String start, String path) {
        List<Step> steps = new ArrayList<>();
        String at = start;
        for (String name : names(path)) {
            List<Step> possible = Steps.from(design, at);
            var next = possible.stream().filter(s -> s.name().equals(name)).findFirst();
            if (next.isEmpty()) {
                return new Walk(start, steps, unknown(at, name, possible));
            }
            steps.add(next.get());
            at = next.get().to();
        }
        return new Walk(start, steps, "");
    }

    private static List<String> names(String path) {
        return Stream.of(path.strip().split("\\."))
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .toList();
    }

    private static String unknown(String entity, String name, List<Step> possible) {
        String roles = possible.stream().map(Step::name).distinct().collect(Collectors.joining(", "));
        return entity + " has no role " + name
                + (roles.isEmpty() ? ", and none at all." : "; its roles are " + roles + ".");
    }

    /** The entity the path leads to. */
    public String end() {
        return steps.isEmpty() ? start : steps.get(steps.size() - 1).to();
    }

    /** The roles joined by dots. */
    public String path() {
        return steps.stream().map(Step::name).collect(Collectors.joining("."));
    }

    /** How many the whole path can lead to, as {@link Step#count()} says it. */
    public String count() {
        boolean must = steps.stream().allMatch(Step::must);
        boolean many = steps.stream().anyMatch(Step::many);
        return many ? (must ? "1..*" : "0..*") : must ? "1" : "0..1";
    }

    /**
     * How a path that is being typed could go on: whole paths, in the order of the relationships.
     *
     * @param typed up to the caret; its last name may be half typed
     */
    public static List<String> completions(Design design, String start, String typed) {
        int dot = typed.lastIndexOf('.');
        String before = dot < 0 ? "" : typed.substring(0, dot + 1);
        String last = typed.substring(dot + 1).strip().toLowerCase(Locale.ROOT);
        Walk known = of(design, start, before);
        if (!known.problem().isEmpty()) {
            return List.of();
        }
        return Steps.from(design, known.end()).stream()
                .map(Step::name)
                .distinct()
                .filter(n -> n.toLowerCase(Locale.ROOT).startsWith(last) && !n.equals(typed.substring(dot + 1)))
                .map(n -> before + n)
                .toList();
    }

    /** Other paths that lead from the same start to the same end without passing an entity twice, the shortest first; few. */
    public List<Walk> otherWays(Design design) {
        List<Walk> ways = new ArrayList<>();
        Deque<Walk> open = new ArrayDeque<>(List.of(new Walk(start, List.of(), "")));
        while (!open.isEmpty() && ways.size() < MOST_WAYS) {
            Walk walk = open.poll();
            for (Step step : Steps.from(design, walk.end())) {
                Walk longer = walk.then(step);
                if (step.to().equals(end()) && !longer.steps().equals(steps)) {
                    ways.add(longer);
                } else if (!walk.passed().contains(step.to()) && longer.steps().size() < LONGEST) {
                    open.add(longer);
                }
            }
        }
        return ways.stream()
                .sorted(Comparator.comparingInt(w -> w.steps().size()))
                .limit(MOST_WAYS)
                .toList();
    }

    private Walk then(Step step) {
        List<Step> longer = new ArrayList<>(steps);
        longer.add(step);
        return new Walk(start, longer, "");
    }

    private Set<String> passed() {
        return Stream.concat(Stream.of(start), steps.stream().map(Step::to)).collect(Collectors.toSet());
    }

    /**
     * The SQL that reads what the path leads to from one row of its start; blank where a step leads outside.
     *
     * @param design the one the schema was derived from
     */
    public String sql(Design design, Schema schema) {
        return new Joins(schema, this).sql(design);
    }

    /**
     * Whether this and another path from the same start must lead to the same rows: whether they are the same but for going to those that point
     * here, and back by the same reference. Nothing else in a design holds two paths together.
     */
    public boolean mustAgree(Walk other) {
        return start.equals(other.start) && straightened().equals(other.straightened());
    }

    /** The steps without those that go to and fro. */
    private List<Step> straightened() {
        List<Step> straight = new ArrayList<>();
        for (Step step : steps) {
            int last = straight.size() - 1;
            if (last >= 0 && isToAndFro(straight.get(last), step)) {
                straight.remove(last);
            } else {
                straight.add(step);
            }
        }
        return straight;
    }

    /** From a row to those that point to it and back by that reference; or, where only one can point, the other way round. */
    private static boolean isToAndFro(Step there, Step back) {
        boolean same =
                there.relationship().equals(back.relationship()) && there.from().equals(back.to());
        boolean downAndUp = there.way() == Step.Way.HOLDERS && back.way() == Step.Way.REFERENCE;
        boolean upAndDown = there.way() == Step.Way.REFERENCE && back.way() == Step.Way.HOLDERS && !back.many();
        return same && (downAndUp || upAndDown);
    }

    /** The SQL that reads the keys of what this path leads to and another does not, from one row of their start; blank where one leads outside. */
    public String sqlBesides(Walk other, Schema schema) {
        String own = new Joins(schema, this).keys();
        String others = new Joins(schema, other).keys();
        return own.isEmpty() || others.isEmpty() ? "" : own + "except\n" + others;
    }
}
