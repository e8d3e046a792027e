package jasperwing.model;

import java.util.List;
import java.util.function.BiPredicate;

/**
 * The stretch in which two lists differ: between the elements both begin and those both end with.
 *
 * @param start how many elements are the same from the beginning on
 * @param end how many of the others are the same from the end on
 */
public record Differing(int start, int end) {
    /** Of lists whose elements are compared by what they are, in time linear in what is the same. */
    public static <T> Differing by(BiPredicate<? super T, ? super T> same, List<T> one, List<T> other) {
        int shorter = Math.min(one.size(), other.size());
        int start = 0;
        while (start < shorter && same.test(one.get(start), other.get(start))) {
            start++;
        }
        int end = 0;
        while (end < shorter - start && same.test(one.get(one.size() - 1 - end), other.get(other.size() - 1 - end))) {
            end++;
        }
        return new Differing(start, end);
    }

    /** Of lists most of whose elements are the very same. */
    public static <T> Differing in(List<T> one, List<T> other) {
        return by((a, b) -> a == b, one, other);
    }

    /** The elements of one of the lists that lie in the stretch. */
    public <T> List<T> of(List<T> list) {
        return list.subList(start, list.size() - end);
    }
}
