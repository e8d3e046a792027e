package jasperwing.diagram;

import java.util.Arrays;

/** States by what they are estimated to cost, the least first; of equal ones the lowest state. A binary heap without objects. */
final class StepQueue {
    private double[] costs = new double[256];
    private int[] states = new int[256];
    private int size;

    boolean isEmpty() {
        return size == 0;
    }

    double least() {
        return costs[0];
    }

    void add(int state, double cost) {
        if (size == states.length) {
            costs = Arrays.copyOf(costs, size * 2);
            states = Arrays.copyOf(states, size * 2);
        }
        int at = size++;
        while (at > 0 && before(cost, state, (at - 1) / 2)) {
            copy((at - 1) / 2, at);
            at = (at - 1) / 2;
        }
        costs[at] = cost;
        states[at] = state;
    }

    /** Removes and returns the state that costs least. */
    int take() {
        int taken = states[0];
        size--;
        double cost = costs[size];
        int state = states[size];
        int at = 0;
        while (true) {
            int child = 2 * at + 1;
            if (child >= size) {
                break;
            }
            if (child + 1 < size && before(costs[child + 1], states[child + 1], child)) {
                child++;
            }
            if (before(cost, state, child)) {
                break;
            }
            copy(child, at);
            at = child;
        }
        costs[at] = cost;
        states[at] = state;
        return taken;
    }

    private boolean before(double cost, int state, int other) {
        return cost < costs[other] || cost == costs[other] && state < states[other];
    }

    private void copy(int from, int to) {
        costs[to] = costs[from];
        states[to] = states[from];
    }
}
