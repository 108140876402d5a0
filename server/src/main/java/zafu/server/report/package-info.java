/**
 * What is printed about students and groups: letters to families, reports of groups, certificates, a teacher's own week.
 */
@NullMarked
package zafu.server.report;

import org.jspecify.annotations.NullMarked;
