/** What tests of several packages share, and the rules on how packages may depend on each other. */
package jasperwing;
