package jasperwing;

import java.util.Random;
import net.jqwik.api.lifecycle.AroundPropertyHook;
import net.jqwik.api.lifecycle.PropagationMode;
import net.jqwik.api.lifecycle.PropertyAttributes;
import net.jqwik.api.lifecycle.PropertyExecutionResult;
import net.jqwik.api.lifecycle.PropertyExecutor;
import net.jqwik.api.lifecycle.PropertyLifecycleContext;

/**
 * Gives every property another seed than the one it has for builds that can be repeated, where the system property {@code jasperwing.wide}
 * says how many times as many tries are to be made: {@code ./verify -Pwide}. The seeds are printed.
 */
public final class WideRun implements AroundPropertyHook {
    private static final int TIMES = Integer.getInteger("jasperwing.wide", 0);

    private static final Random SEEDS = new Random();

    @Override
    public PropagationMode propagateTo() {
        return PropagationMode.ALL_DESCENDANTS;
    }

    @Override
    public PropertyExecutionResult aroundProperty(PropertyLifecycleContext context, PropertyExecutor property) {
        if (TIMES > 0) {
            PropertyAttributes attributes = context.attributes();
            String seed = Long.toString(SEEDS.nextLong());
            attributes.setSeed(seed);
            attributes.setTries(attributes.tries().orElse(100) * TIMES);
            System.out.println("wide run of " + context.extendedLabel() + ": seed " + seed);
        }
        return property.execute();
    }
}
