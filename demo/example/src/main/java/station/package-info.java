/** A program of the field station that stands on the generated classes. */
package station;
