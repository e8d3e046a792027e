/**
 * The only place that touches files: designs are read and saved here, and generated files put into a folder.
 *
 * <p>May know the model, notation and classes. A save never leaves a damaged file: it is written beside, forced to the disk
 * and renamed.
 */
package jasperwing.storage;
