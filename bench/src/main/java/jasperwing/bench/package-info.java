/** Measurements, as medians of one run; {@code bench/figures} runs them and {@code bench/README.md} keeps what they gave. */
package jasperwing.bench;
