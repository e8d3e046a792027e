/**
 * The command line at build time: {@code check}, {@code tables} and {@code classes} as goals of Maven, with its options. What a goal makes is
 * made again only when the design, its folder of templates or the options have changed.
 */
package jasperwing.maven;
