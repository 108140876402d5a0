/**
 * The least application with the same parts as Zafu's server, beside which its start is measured.
 */
package zafu.bench.bare;
