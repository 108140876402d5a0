/**
 * Measurements of the core.
 */
package zafu.bench;
